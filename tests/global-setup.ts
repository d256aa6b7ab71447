import { execFileSync } from "node:child_process";
import { rmSync } from "node:fs";
import type { FullConfig } from "@playwright/test";
import { FIRST_PORT, PORTS_A_WORKER } from "./ports";
import { EXAMPLE, isAnswered } from "./server";
import { ZONE } from "./kitchen-clock";

/** Each run begins where nobody else listens, with the example kitchen as it is loaded today. */
export default async function setup({ workers }: FullConfig): Promise<void> {
  const urls = Array.from(
    { length: workers * PORTS_A_WORKER },
    (_, i) => `http://127.0.0.1:${FIRST_PORT + i}`,
  );
  const taken = await Promise.all(urls.map(isAnswered));
  const others = urls.filter((_, i) => taken[i]);
  if (others.length > 0)
    throw new Error(
      `Somebody else answers at ${others.join(", ")}: stop that first (left by tests broken off?).`,
    );
  for (const suffix of ["", "-wal", "-shm"]) rmSync(EXAMPLE + suffix, { force: true });
  execFileSync("npx", ["tsx", "scripts/load-demo.ts"], {
    env: { ...process.env, DATABASE_PATH: EXAMPLE, TZ: ZONE },
  });
}
