import { findQuery } from "@/contracts/find";
import { database } from "@/server/database";
import { findAnything } from "@/server/find";
import { answer } from "@/server/http";

export const GET = (request: Request) =>
  answer(() => {
    const { q } = findQuery.parse({ q: (new URL(request.url).searchParams.get("q") ?? "").slice(0, 80) });
    return Response.json(findAnything(database(), q));
  });
