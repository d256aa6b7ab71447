import { databaseFile } from "@/server/database";
import { leave } from "@/server/door/enter";
import { doorFile, endAllSessions } from "@/server/door/passphrase";
import { answer } from "@/server/http";

/** Signs every device out, this one too. */
export const DELETE = (request: Request) =>
  answer(() => {
    endAllSessions(doorFile(databaseFile()));
    return leave(request);
  });
