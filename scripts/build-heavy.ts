/** Writes .next/server/heavy.cjs: what runs on threads beside the server's own, in one file, for a thread has no builder. */
import { build } from "esbuild";

async function main(): Promise<void> {
  await build({
    entryPoints: ["src/server/heavy/worker.ts"],
    outfile: process.argv[2] ?? ".next/server/heavy.cjs",
    bundle: true,
    platform: "node",
    target: "node20",
    format: "cjs",
    // Not to be bundled: compiled, looking for files of their own, or asked what they were given when the thread began.
    external: ["better-sqlite3", "sharp", "pino", "next", "piscina"],
    logLevel: "warning",
  });
}

void main();
