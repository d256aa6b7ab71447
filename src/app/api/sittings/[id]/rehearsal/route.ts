import { rehearseRequest } from "@/contracts/work";
import { database } from "@/server/database";
import { heavy } from "@/server/heavy/pool";
import { answer, mayWrite, readBody } from "@/server/http";
import { endRehearsal, paceRehearsal } from "@/server/rehearsals";

type Context = { params: Promise<{ id: string }> };

/** Begins the rehearsal of this sitting's evening. */
export const POST = (request: Request, { params }: Context) =>
  answer(async () => {
    await mayWrite(request);
    return Response.json(await heavy(database(), "rehearseSitting", (await params).id, Date.now()));
  });

/** How fast this rehearsal goes. */
export const PUT = (request: Request, { params }: Context) =>
  answer(async () => {
    const { speed } = await readBody(request, rehearseRequest);
    paceRehearsal(database(), (await params).id, speed, Date.now());
    return Response.json({ speed });
  });

/** Ends it, and takes out all that was made for it. */
export const DELETE = (request: Request, { params }: Context) =>
  answer(async () => {
    await mayWrite(request);
    endRehearsal(database(), (await params).id);
    return new Response(null, { status: 204 });
  });
