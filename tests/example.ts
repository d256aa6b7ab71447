import { execFileSync } from "node:child_process";
import { rmSync } from "node:fs";
import { ZONE } from "./kitchen-clock";
import { EXAMPLE } from "./server";

/** The example kitchen as it is loaded today; each server has a copy of its own. */
export function loadExample(): void {
  for (const suffix of ["", "-wal", "-shm"]) rmSync(EXAMPLE + suffix, { force: true });
  execFileSync(process.execPath, [".next/server/load-demo.cjs"], {
    env: { ...process.env, DATABASE_PATH: EXAMPLE, TZ: ZONE },
  });
}
