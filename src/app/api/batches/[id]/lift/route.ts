import { liftRequest } from "@/contracts/requests";
import { liftBatch, undoLift } from "@/server/batches";
import { database } from "@/server/database";
import { answer, checkOrigin, readBody } from "@/server/http";

type Context = { params: Promise<{ id: string }> };

export const POST = (request: Request, { params }: Context) =>
  answer(async () => {
    const { atMs } = await readBody(request, liftRequest);
    return Response.json(liftBatch(database(), (await params).id, atMs, Date.now()));
  });

export const DELETE = (request: Request, { params }: Context) =>
  answer(async () => {
    checkOrigin(request);
    undoLift(database(), (await params).id, Date.now());
    return new Response(null, { status: 204 });
  });
