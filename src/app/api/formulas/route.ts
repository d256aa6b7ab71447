import { saveFormulaRequest } from "@/contracts/requests";
import { database } from "@/server/database";
import { createFormula } from "@/server/formulas";
import { answer, readBody } from "@/server/http";

export const POST = (request: Request) =>
  answer(async () => {
    const { formulation, note } = await readBody(request, saveFormulaRequest);
    return Response.json(createFormula(database(), formulation, note, Date.now()), { status: 201 });
  });
