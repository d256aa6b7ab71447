import { sittingsAtWork } from "@/server/sittings-at-work";
import { database } from "@/server/database";
import { answer } from "@/server/http";

/** The sittings at work, or ?rehearsal= a rehearsed one. */
export const GET = (request: Request) =>
  answer(async () => {
    const rehearsalId = new URL(request.url).searchParams.get("rehearsal") ?? undefined;
    return Response.json({ sittings: await sittingsAtWork(database(), Date.now(), rehearsalId) });
  });
