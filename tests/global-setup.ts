import { execFileSync } from "node:child_process";
import { rmSync } from "node:fs";
import { EXAMPLE } from "./server";
import { ZONE } from "./kitchen-clock";

/** Each run begins with the example kitchen as it is loaded today. */
export default function setup(): void {
  for (const suffix of ["", "-wal", "-shm"]) rmSync(EXAMPLE + suffix, { force: true });
  execFileSync("npx", ["tsx", "scripts/load-demo.ts"], {
    env: { ...process.env, DATABASE_PATH: EXAMPLE, TZ: ZONE },
  });
}
