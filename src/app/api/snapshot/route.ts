import { readFile, rm } from "node:fs/promises";
import { tmpdir } from "node:os";
import { database } from "@/server/database";
import { answer, download } from "@/server/http";
import { takeSnapshot } from "@/server/safekeeping/snapshots";

/** A consistent copy of the kitchen's database, taken while it is in use. */
export const GET = () =>
  answer(async () => {
    const file = await takeSnapshot(database(), tmpdir(), Date.now(), "download");
    try {
      return download(
        new Uint8Array(await readFile(file)),
        "application/vnd.sqlite3",
        file.split("/").at(-1) ?? "",
      );
    } finally {
      await rm(file, { force: true });
    }
  });
