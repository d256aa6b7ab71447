import { weighRequest } from "@/contracts/work";
import { database } from "@/server/database";
import { answer, readBody } from "@/server/http";
import { keepWeight } from "@/server/work";

type Context = { params: Promise<{ id: string }> };

export const PUT = (request: Request, { params }: Context) =>
  answer(async () => {
    const { lineId, grams } = await readBody(request, weighRequest);
    keepWeight(database(), (await params).id, lineId, grams, Date.now());
    return Response.json({ lineId, grams });
  });
