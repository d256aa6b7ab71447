import { saveFormulaRequest } from "@/contracts/requests";
import { database } from "@/server/database";
import { saveNew } from "@/server/formulas";
import { answer, readBody } from "@/server/http";

export const POST = (request: Request) =>
  answer(async () => {
    const save = await readBody(request, saveFormulaRequest);
    return Response.json(saveNew(database(), save, Date.now()), { status: 201 });
  });
