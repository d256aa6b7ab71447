import { database, databaseFile } from "@/server/database";
import { admit } from "@/server/door/admit";
import { ARCHIVE_MOST_BYTES, takeArchiveIn, writeArchive } from "@/server/exchange/archive";
import { answer, download, readFile } from "@/server/http";

/* The proxy lets this path by, for the size of what comes in: who comes in is asked here. */

const today = () => new Date().toISOString().slice(0, 10);

export const GET = (request: Request) =>
  answer(async () => {
    await admit(request);
    return download(writeArchive(database(), Date.now()), "application/zip", `kitchen-${today()}.zip`);
  });

export const POST = (request: Request) =>
  answer(async () => {
    await admit(request);
    const replace = new URL(request.url).searchParams.get("replace") === "1";
    const bytes = await readFile(request, ARCHIVE_MOST_BYTES);
    const old = await takeArchiveIn(database(), databaseFile(), bytes, { replace, nowMs: Date.now() });
    return Response.json({ old });
  });
