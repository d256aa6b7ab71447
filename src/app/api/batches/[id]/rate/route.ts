import { database } from "@/server/database";
import { answer, mayWrite } from "@/server/http";
import { keepBatchRate } from "@/server/readings";

export const POST = (request: Request, { params }: { params: Promise<{ id: string }> }) =>
  answer(async () => {
    await mayWrite(request);
    keepBatchRate(database(), (await params).id, Date.now());
    return new Response(null, { status: 204 });
  });
