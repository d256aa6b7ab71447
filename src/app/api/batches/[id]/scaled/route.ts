import { scaleRequest } from "@/contracts/work";
import { database } from "@/server/database";
import { answer, readBody } from "@/server/http";
import { scaleLines } from "@/server/work";

type Context = { params: Promise<{ id: string }> };

export const PUT = (request: Request, { params }: Context) =>
  answer(async () => {
    const { scaledBy } = await readBody(request, scaleRequest);
    scaleLines(database(), (await params).id, scaledBy);
    return new Response(null, { status: 204 });
  });
