import { startBatchRequest } from "@/contracts/requests";
import { database } from "@/server/database";
import { heavy } from "@/server/heavy/pool";
import { answer, readBody } from "@/server/http";

export const POST = (request: Request) =>
  answer(async () => {
    const start = await readBody(request, startBatchRequest);
    return Response.json(await heavy(database(), "startBatch", start, Date.now()), { status: 201 });
  });
