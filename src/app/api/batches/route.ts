import { startBatchRequest } from "@/contracts/requests";
import { startBatch } from "@/server/batches";
import { database } from "@/server/database";
import { answer, readBody } from "@/server/http";

export const POST = (request: Request) =>
  answer(async () => {
    const start = await readBody(request, startBatchRequest);
    return Response.json(startBatch(database(), start, Date.now()), { status: 201 });
  });
