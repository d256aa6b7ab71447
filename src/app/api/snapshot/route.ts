import { renameSync } from "node:fs";
import path from "node:path";
import { tmpdir } from "node:os";
import { database } from "@/server/database";
import { workFile } from "@/server/heavy/work-files";
import { answer, downloadFile } from "@/server/http";
import { takeSnapshot } from "@/server/safekeeping/snapshots";

/** A consistent copy of the kitchen's database, taken while it is in use. */
export const GET = () =>
  answer(async () => {
    const made = await takeSnapshot(database(), tmpdir(), Date.now(), "download");
    const file = workFile();
    renameSync(made, file);
    return downloadFile(file, "application/vnd.sqlite3", path.basename(made));
  });
