import { sittingsAtWork } from "@/server/at-work";
import { database } from "@/server/database";
import { answer } from "@/server/http";

/** The sittings at work, or ?rehearsal= a rehearsed one. */
export const GET = (request: Request) =>
  answer(() => {
    const rehearsalId = new URL(request.url).searchParams.get("rehearsal") ?? undefined;
    return Response.json({ sittings: sittingsAtWork(database(), Date.now(), rehearsalId) });
  });
