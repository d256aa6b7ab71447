import { liftRequest } from "@/contracts/requests";
import { liftBatch, undoLift } from "@/server/taken-out";
import { database } from "@/server/database";
import { answer, mayWrite, readBody } from "@/server/http";

type Context = { params: Promise<{ id: string }> };

export const POST = (request: Request, { params }: Context) =>
  answer(async () => {
    const { atMs, deviceAheadMs } = await readBody(request, liftRequest);
    return Response.json(liftBatch(database(), (await params).id, atMs, Date.now(), deviceAheadMs));
  });

export const DELETE = (request: Request, { params }: Context) =>
  answer(async () => {
    await mayWrite(request);
    undoLift(database(), (await params).id, Date.now());
    return new Response(null, { status: 204 });
  });
