import { ownEntryRequest } from "@/contracts/kitchen";
import { database } from "@/server/database";
import { answer, readBody } from "@/server/http";
import { keepOwn } from "@/server/own-entries";

export const PUT = (request: Request) =>
  answer(async () => {
    const entry = await readBody(request, ownEntryRequest);
    keepOwn(database(), entry, Date.now());
    return Response.json(entry);
  });
