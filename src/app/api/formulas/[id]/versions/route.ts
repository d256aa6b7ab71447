import { saveVersionRequest } from "@/contracts/requests";
import { database } from "@/server/database";
import { saveVersion } from "@/server/formulas";
import { answer, readBody } from "@/server/http";
import { knownHere } from "@/server/known-names";

export const POST = (request: Request, { params }: { params: Promise<{ id: string }> }) =>
  answer(async () => {
    const save = await readBody(request, saveVersionRequest);
    const { id } = await params;
    knownHere(database(), save.formulation);
    return Response.json(saveVersion(database(), id, save, Date.now()), { status: 201 });
  });
