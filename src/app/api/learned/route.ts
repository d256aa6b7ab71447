import { learnedChange } from "@/contracts/learned";
import { database } from "@/server/database";
import { answer, readBody } from "@/server/http";
import { changeLearned } from "@/server/learned";

export const POST = (request: Request) =>
  answer(async () => {
    changeLearned(database(), await readBody(request, learnedChange));
    return new Response(null, { status: 204 });
  });
