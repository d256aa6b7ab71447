import { instrumentRequest } from "@/contracts/work";
import { database } from "@/server/database";
import { answer, readBody } from "@/server/http";
import { attachInstrument } from "@/server/instruments";

type Context = { params: Promise<{ id: string }> };

export const POST = (request: Request, { params }: Context) =>
  answer(async () => {
    attachInstrument(database(), (await params).id, await readBody(request, instrumentRequest), Date.now());
    return new Response(null, { status: 204 });
  });
