import { sittingBody } from "@/contracts/sitting";
import { database } from "@/server/database";
import { answer, readBody } from "@/server/http";
import { knownSitting } from "@/server/known-names";
import { createSitting } from "@/server/sittings";

export const POST = (request: Request) =>
  answer(async () => {
    const body = await readBody(request, sittingBody);
    knownSitting(database(), body);
    return Response.json(createSitting(database(), body, Date.now()), { status: 201 });
  });
