/** Writes public/sw.js for the build that is there: what the browser keeps so that the kitchen opens without a line. */
import { build } from "esbuild";
import { createHash } from "node:crypto";
import { readFileSync, statSync } from "node:fs";
import { globSync } from "tinyglobby";

const KEPT = [".next/static/**/*.{js,css,woff2}", "public/offline.html", "public/icons/*.png"];
/** Scripts that begin a worker: the service worker has a way of its own with them. */
const NOT_KEPT = ["**/turbopack-worker-*.js"];
/** A file larger than this is no page's: something went wrong with the build, bytes. */
const LARGEST = 4 * 1024 * 1024;

/** Names of the build's own files change with what is in them; what stands in public/ is told apart by its words. */
function kept(file: string): { url: string; revision: string | null } {
  if (file.startsWith(".next/")) return { url: file.replace(/^\.next\//, "/_next/"), revision: null };
  const revision = createHash("sha256").update(readFileSync(file)).digest("hex").slice(0, 32);
  return { url: file.replace(/^public\//, "/"), revision };
}

async function main(): Promise<void> {
  const files = globSync(KEPT, { ignore: NOT_KEPT, dot: true }).sort();
  const tooLarge = files.filter((file) => statSync(file).size > LARGEST);
  if (tooLarge.length > 0)
    throw new Error(`larger than ${LARGEST} bytes, too much for a browser to keep: ${tooLarge.join(", ")}`);
  await build({
    entryPoints: ["src/without-a-line/service-worker.ts"],
    outfile: "public/sw.js",
    bundle: true,
    minify: true,
    format: "iife",
    target: "es2022",
    define: {
      KEPT_FILES: JSON.stringify(files.map(kept)),
      "process.env.NODE_ENV": '"production"',
    },
    logLevel: "warning",
  });
  const bytes = files.reduce((sum, file) => sum + statSync(file).size, 0);
  console.log(`sw.js keeps ${files.length} files, ${(bytes / 1024 / 1024).toFixed(1)} MB.`);
}

void main();
