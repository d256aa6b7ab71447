import { saveFormulaRequest } from "@/contracts/requests";
import { database } from "@/server/database";
import { saveNew } from "@/server/formulas";
import { answer, readBody } from "@/server/http";
import { knownHere } from "@/server/known-names";

export const POST = (request: Request) =>
  answer(async () => {
    const save = await readBody(request, saveFormulaRequest);
    knownHere(database(), save.formulation);
    return Response.json(saveNew(database(), save, Date.now()), { status: 201 });
  });
