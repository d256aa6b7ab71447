import { createHash, randomUUID } from "node:crypto";
import { createReadStream, mkdirSync, rmSync } from "node:fs";
import { tmpdir } from "node:os";
import path from "node:path";
import { Readable } from "node:stream";
import { databaseFile } from "../database";

/* Files on their way in or out: too large for the memory of a server that others ask meanwhile. */

/** A folder of this kitchen's own, of nobody else's to read. */
const folder = (): string => {
  const kitchen = createHash("sha256").update(path.resolve(databaseFile())).digest("hex").slice(0, 12);
  return path.join(tmpdir(), `iron-crock-work-${kitchen}`);
};

/** A name nothing has yet, in a folder that is there. */
export function workFile(): string {
  mkdirSync(folder(), { recursive: true, mode: 0o700 });
  return path.join(folder(), randomUUID());
}

/** At start: what a process that was killed left behind. */
export const clearWorkFiles = (): void => rmSync(folder(), { recursive: true, force: true });

export const dropWorkFile = (file: string): void => rmSync(file, { force: true });

/** A file that somebody writes; nothing of it is left where they fail. */
export async function fileBy(write: (file: string) => Promise<unknown>): Promise<string> {
  const file = workFile();
  try {
    await write(file);
    return file;
  } catch (error) {
    dropWorkFile(file);
    throw error;
  }
}

/** A file's bytes as they are read; the file goes with the last of them, or when nobody takes them any more. */
export function streamOf(file: string): ReadableStream<Uint8Array> {
  const stream = createReadStream(file);
  stream.on("close", () => dropWorkFile(file));
  return Readable.toWeb(stream) as ReadableStream<Uint8Array>;
}
