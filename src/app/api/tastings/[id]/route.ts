import { database } from "@/server/database";
import { answer, mayWrite } from "@/server/http";
import { forgetTasting } from "@/server/taste";

export const DELETE = (request: Request, { params }: { params: Promise<{ id: string }> }) =>
  answer(async () => {
    await mayWrite(request);
    forgetTasting(database(), (await params).id);
    return new Response(null, { status: 204 });
  });
