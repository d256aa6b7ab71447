import { branchRequest } from "@/contracts/library";
import { database } from "@/server/database";
import { branchFormula } from "@/server/formulas";
import { answer, readBody } from "@/server/http";

export const POST = (request: Request, { params }: { params: Promise<{ id: string }> }) =>
  answer(async () => {
    const branch = await readBody(request, branchRequest);
    return Response.json(branchFormula(database(), (await params).id, branch, Date.now()), { status: 201 });
  });
