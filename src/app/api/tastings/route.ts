import { startTastingRequest } from "@/contracts/taste";
import { database } from "@/server/database";
import { answer, readBody } from "@/server/http";
import { startTasting } from "@/server/taste";

export const POST = (request: Request) =>
  answer(async () =>
    Response.json(startTasting(database(), await readBody(request, startTastingRequest), Date.now()), {
      status: 201,
    }),
  );
