/** Sets this kitchen's passphrase: read from standard input, its first line. Every device signs in anew. */
import { createInterface } from "node:readline/promises";
import { setPassphraseRequest } from "@/contracts/door";
import { databaseFile } from "@/server/database";
import { doorFile, setPassphrase } from "@/server/door/passphrase";
import { mkdirSync } from "node:fs";
import path from "node:path";

async function main(): Promise<void> {
  const lines = createInterface({ input: process.stdin });
  const { value } = await lines[Symbol.asyncIterator]().next();
  lines.close();
  const read = setPassphraseRequest.safeParse({ passphrase: value ?? "" });
  if (!read.success) {
    console.error(read.error.issues[0].message);
    process.exit(1);
  }
  const file = doorFile(databaseFile());
  mkdirSync(path.dirname(path.resolve(file)), { recursive: true });
  await setPassphrase(file, read.data.passphrase);
  console.log(`Set, for the kitchen in ${databaseFile()}. Every device signs in with it from now on.`);
}

void main();
