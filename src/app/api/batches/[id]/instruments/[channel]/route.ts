import { panRequest } from "@/contracts/work";
import { database } from "@/server/database";
import { answer, mayWrite, readBody } from "@/server/http";
import { detachInstrument } from "@/server/instruments";
import { notFound } from "@/server/problem";
import { setPan } from "@/server/scale";

type Context = { params: Promise<{ id: string; channel: string }> };

/** Puts a line on the simulated scale. */
export const PUT = (request: Request, { params }: Context) =>
  answer(async () => {
    const { id, channel } = await params;
    const pan = await readBody(request, panRequest);
    if (channel !== "scale") throw notFound("scale");
    setPan(database(), id, pan, Date.now());
    return new Response(null, { status: 204 });
  });

export const DELETE = (request: Request, { params }: Context) =>
  answer(async () => {
    await mayWrite(request);
    const { id, channel } = await params;
    detachInstrument(database(), id, channel);
    return new Response(null, { status: 204 });
  });
