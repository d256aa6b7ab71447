import { database, databaseFile } from "@/server/database";
import { admit } from "@/server/door/admit";
import { answer, readFile } from "@/server/http";
import { restoreSnapshot, SNAPSHOT_MOST_BYTES } from "@/server/safekeeping/restore";

/** A snapshot in place of the kitchen. The proxy lets this path by, for its size: who comes in is asked here. */
export const POST = (request: Request) =>
  answer(async () => {
    await admit(request);
    const bytes = await readFile(request, SNAPSHOT_MOST_BYTES);
    return Response.json({ old: await restoreSnapshot(database(), databaseFile(), bytes, Date.now()) });
  });
