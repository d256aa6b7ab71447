import { sittingBody } from "@/contracts/sitting";
import { database } from "@/server/database";
import { answer, readBody } from "@/server/http";
import { createSitting } from "@/server/sittings";

export const POST = (request: Request) =>
  answer(async () =>
    Response.json(createSitting(database(), await readBody(request, sittingBody), Date.now()), {
      status: 201,
    }),
  );
