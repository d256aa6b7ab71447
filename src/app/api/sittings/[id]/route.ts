import { sittingSave } from "@/contracts/sitting";
import { database } from "@/server/database";
import { answer, mayWrite, readBody } from "@/server/http";
import { knownSitting } from "@/server/known-names";
import { savedAndPlanned, sittingPlanned } from "@/server/planned";
import { removeSitting } from "@/server/sittings";

type Context = { params: Promise<{ id: string }> };

export const GET = (_request: Request, { params }: Context) =>
  answer(async () => Response.json(await sittingPlanned(database(), (await params).id, Date.now())));

export const PUT = (request: Request, { params }: Context) =>
  answer(async () => {
    const save = await readBody(request, sittingSave);
    knownSitting(database(), save.body);
    return Response.json(await savedAndPlanned(database(), (await params).id, save, Date.now()));
  });

export const DELETE = (request: Request, { params }: Context) =>
  answer(async () => {
    await mayWrite(request);
    removeSitting(database(), (await params).id);
    return new Response(null, { status: 204 });
  });
