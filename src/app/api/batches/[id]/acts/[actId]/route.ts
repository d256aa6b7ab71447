import { actRequest } from "@/contracts/work";
import { database } from "@/server/database";
import { answer, mayWrite, readBody } from "@/server/http";
import { confirmAct, undoAct } from "@/server/work";

type Context = { params: Promise<{ id: string; actId: string }> };

export const PUT = (request: Request, { params }: Context) =>
  answer(async () => {
    const done = await readBody(request, actRequest);
    const { id, actId } = await params;
    return Response.json(confirmAct(database(), id, actId, done, Date.now()));
  });

export const DELETE = (request: Request, { params }: Context) =>
  answer(async () => {
    await mayWrite(request);
    const { id, actId } = await params;
    undoAct(database(), id, actId, Date.now());
    return new Response(null, { status: 204 });
  });
