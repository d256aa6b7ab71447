import { rehearseRequest } from "@/contracts/work";
import { database } from "@/server/database";
import { answer, readBody } from "@/server/http";
import { setPace } from "@/server/work";

type Context = { params: Promise<{ id: string }> };

export const PUT = (request: Request, { params }: Context) =>
  answer(async () => {
    const { speed } = await readBody(request, rehearseRequest);
    setPace(database(), (await params).id, speed, Date.now());
    return Response.json({ speed });
  });
