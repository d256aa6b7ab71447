import { database } from "@/server/database";
import { admit } from "@/server/door/admit";
import { heavy } from "@/server/heavy/pool";
import { dropWorkFile } from "@/server/heavy/work-files";
import { answer, saveFile } from "@/server/http";
import { SNAPSHOT_MOST_BYTES } from "@/server/safekeeping/restore";

/** A snapshot in place of the kitchen. The proxy lets this path by, for its size: who comes in is asked here. */
export const POST = (request: Request) =>
  answer(async () => {
    await admit(request);
    const file = await saveFile(request, SNAPSHOT_MOST_BYTES);
    try {
      return Response.json({ old: await heavy(database(), "restore", file, Date.now()) });
    } finally {
      dropWorkFile(file);
    }
  });
