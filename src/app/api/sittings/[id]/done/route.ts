import { sittingActRequest } from "@/contracts/sitting";
import { database } from "@/server/database";
import { answer, readBody } from "@/server/http";
import { confirmSittingAct } from "@/server/sittings";

type Context = { params: Promise<{ id: string }> };

export const PUT = (request: Request, { params }: Context) =>
  answer(async () => {
    const act = await readBody(request, sittingActRequest);
    confirmSittingAct(database(), (await params).id, act, Date.now());
    return new Response(null, { status: 204 });
  });
