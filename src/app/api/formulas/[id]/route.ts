import { shelveRequest } from "@/contracts/library";
import { database } from "@/server/database";
import { loadFormula } from "@/server/formula-views";
import { shelveFormula } from "@/server/formulas";
import { answer, readBody } from "@/server/http";

type Context = { params: Promise<{ id: string }> };

export const GET = (_request: Request, { params }: Context) =>
  answer(async () => Response.json(loadFormula(database(), (await params).id)));

export const PATCH = (request: Request, { params }: Context) =>
  answer(async () => {
    const change = await readBody(request, shelveRequest);
    return Response.json(shelveFormula(database(), (await params).id, change, Date.now()));
  });
