import { judgedSchema } from "@/contracts/work";
import { database } from "@/server/database";
import { answer, readBody } from "@/server/http";
import { judgeBatch } from "@/server/work";

type Context = { params: Promise<{ id: string }> };

export const PUT = (request: Request, { params }: Context) =>
  answer(async () => {
    const judged = await readBody(request, judgedSchema);
    judgeBatch(database(), (await params).id, judged, Date.now());
    return Response.json(judged);
  });
