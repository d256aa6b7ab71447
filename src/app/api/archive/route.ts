import { database } from "@/server/database";
import { admit } from "@/server/door/admit";
import { ARCHIVE_MOST_BYTES } from "@/server/exchange/archive";
import { heavy } from "@/server/heavy/pool";
import { dropWorkFile, fileBy } from "@/server/heavy/work-files";
import { answer, downloadFile, saveFile } from "@/server/http";

/* The proxy lets this path by, for the size of what comes in: who comes in is asked here. */

const today = () => new Date().toISOString().slice(0, 10);

export const GET = (request: Request) =>
  answer(async () => {
    await admit(request);
    const file = await fileBy((to) => heavy(database(), "archive", to, Date.now()));
    return downloadFile(file, "application/zip", `kitchen-${today()}.zip`);
  });

export const POST = (request: Request) =>
  answer(async () => {
    await admit(request);
    const replace = new URL(request.url).searchParams.get("replace") === "1";
    const file = await saveFile(request, ARCHIVE_MOST_BYTES);
    try {
      const old = await heavy(database(), "takeArchiveIn", file, { replace, nowMs: Date.now() });
      return Response.json({ old });
    } finally {
      dropWorkFile(file);
    }
  });
