import { database } from "@/server/database";
import { answer, mayWrite } from "@/server/http";
import { removeReading } from "@/server/readings";

type Context = { params: Promise<{ id: string; readingId: string }> };

export const DELETE = (request: Request, { params }: Context) =>
  answer(async () => {
    await mayWrite(request);
    const { id, readingId } = await params;
    removeReading(database(), id, Number(readingId));
    return new Response(null, { status: 204 });
  });
