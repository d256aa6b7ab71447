import { saveVersionRequest } from "@/contracts/requests";
import { database } from "@/server/database";
import { saveVersion } from "@/server/formulas";
import { answer, readBody } from "@/server/http";

export const POST = (request: Request, { params }: { params: Promise<{ id: string }> }) =>
  answer(async () => {
    const save = await readBody(request, saveVersionRequest);
    const { id } = await params;
    return Response.json(saveVersion(database(), id, save, Date.now()), { status: 201 });
  });
