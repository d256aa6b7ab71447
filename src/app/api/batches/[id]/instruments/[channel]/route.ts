import { database } from "@/server/database";
import { answer, checkOrigin } from "@/server/http";
import { detachInstrument } from "@/server/instruments";

type Context = { params: Promise<{ id: string; channel: string }> };

export const DELETE = (request: Request, { params }: Context) =>
  answer(async () => {
    checkOrigin(request);
    const { id, channel } = await params;
    detachInstrument(database(), id, channel);
    return new Response(null, { status: 204 });
  });
