/**
 * Makes one file of the server's chunks that are alike. The builder writes the same megabytes once a route, each under a name of
 * its own; Node would read and keep every one of them. A link has its target's place in Node's cache of modules.
 */
import { createHash } from "node:crypto";
import { lstatSync, readdirSync, readFileSync, rmSync, symlinkSync } from "node:fs";
import path from "node:path";

const FOLDERS = [".next/server/chunks", ".next/server/chunks/ssr"];
/** A chunk names its map, whether or not there is one: where alike chunks differ. */
const OWN_NAME = /\n\/\/# sourceMappingURL=.*\s*$/;

function share(folder: string): { links: number; bytes: number } {
  const first = new Map<string, string>();
  let links = 0;
  let bytes = 0;
  for (const name of readdirSync(folder).sort()) {
    const file = path.join(folder, name);
    const found = lstatSync(file);
    if (!found.isFile() || !name.endsWith(".js")) continue;
    const content = createHash("sha256")
      .update(readFileSync(file, "utf8").replace(OWN_NAME, ""))
      .digest("hex");
    const target = first.get(content);
    if (target === undefined) {
      first.set(content, name);
      continue;
    }
    rmSync(file);
    symlinkSync(target, file);
    links += 1;
    bytes += found.size;
  }
  return { links, bytes };
}

const shared = FOLDERS.map(share);
const links = shared.reduce((sum, of) => sum + of.links, 0);
const megabytes = shared.reduce((sum, of) => sum + of.bytes, 0) / 1e6;
console.log(`${links} chunks of the server are links to one alike, ${megabytes.toFixed(0)} MB less.`);
