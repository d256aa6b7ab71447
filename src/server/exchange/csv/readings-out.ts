import { createWriteStream } from "node:fs";
import { Readable } from "node:stream";
import { pipeline } from "node:stream/promises";
import { loadBatch } from "../../batch-views";
import { aside, type WholeDb } from "../../database";
import { eachSample } from "../../samples";
import { readingsLines } from "./readings";
import type { Decimal } from "./table";

/** Everything read of a batch, written into a file. @throws Refusal 404 */
export async function readingsTo(
  db: WholeDb,
  batchId: string,
  file: string,
  decimal?: Decimal,
): Promise<void> {
  const { db: now, close } = aside(db);
  try {
    const lines = readingsLines(loadBatch(now, batchId), eachSample(now, batchId), decimal);
    await pipeline(Readable.from(broken(lines)), createWriteStream(file, { mode: 0o600 }));
  } finally {
    close();
  }
}

/** Parts one under the other. */
export function* broken(parts: Iterable<string>): Generator<string> {
  let isFirst = true;
  for (const part of parts) {
    yield isFirst ? part : `\r\n${part}`;
    isFirst = false;
  }
}
