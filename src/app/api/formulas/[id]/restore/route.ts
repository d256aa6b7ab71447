import { restoreVersionRequest } from "@/contracts/library";
import { database } from "@/server/database";
import { restoreVersion } from "@/server/formulas";
import { answer, readBody } from "@/server/http";

export const POST = (request: Request, { params }: { params: Promise<{ id: string }> }) =>
  answer(async () => {
    const which = await readBody(request, restoreVersionRequest);
    return Response.json(restoreVersion(database(), (await params).id, which, Date.now()), { status: 201 });
  });
