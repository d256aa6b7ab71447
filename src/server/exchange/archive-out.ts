import { createWriteStream } from "node:fs";
import { Readable } from "node:stream";
import { pipeline } from "node:stream/promises";
import { eq, getTableColumns } from "drizzle-orm";
import { ZipFile } from "yazl";
import { loadBatch } from "../batch-views";
import { aside, type WholeDb } from "../database";
import { loadKitchen } from "../kitchen";
import { wholeRecord } from "../record";
import { eachSample } from "../samples";
import type { KitchenRow } from "../safekeeping/rows";
import { TABLE_NAMES, TABLES, type TableName } from "../safekeeping/tables";
import { FORMAT, VERSION } from "./archive";
import { readingsLines } from "./csv/readings";
import { broken } from "./csv/readings-out";
import { recordCsv } from "./csv/tables";

/**
 * The whole kitchen, written into a zip file: row by row, so that however much there is, little of it is in memory. One
 * moment of the kitchen, whatever is written meanwhile.
 */
export async function archiveTo(db: WholeDb, file: string, nowMs: number): Promise<void> {
  const { db: now, close } = aside(db);
  now.$client.exec("BEGIN");
  try {
    const zip = new ZipFile();
    const mtime = new Date(nowMs);
    const add = (name: string, parts: () => Iterable<string>) =>
      zip.addReadStreamLazy(name, { mtime }, (give) => give(null, Readable.from(bytesOf(parts()))));
    const picture = (id: string) =>
      zip.addReadStreamLazy(`photos/${id}.jpg`, { mtime, compress: false }, (give) =>
        give(null, Readable.from([pictureOf(now, id)])),
      );
    const rows: Record<string, number> = {};
    for (const name of TABLE_NAMES) {
      rows[name] = countOf(now, name);
      add(`tables/${name}.json`, () => listOf(rowsOf(now, name)));
    }
    for (const { id } of now.select({ id: TABLES.photos.id }).from(TABLES.photos).all()) picture(id);
    add("csv/record.csv", () => [recordCsv(wholeRecord(now), loadKitchen(now).timeZone)]);
    for (const { id } of now.select({ id: TABLES.batches.id }).from(TABLES.batches).all())
      add(`csv/readings-${id}.csv`, () => broken(readingsLines(loadBatch(now, id), eachSample(now, id))));
    const head = { format: FORMAT, version: VERSION, writtenAt: mtime.toISOString(), rows };
    add("kitchen.json", () => [JSON.stringify(head, null, 1)]);
    zip.end();
    await pipeline(zip.outputStream, createWriteStream(file, { mode: 0o600 }));
  } finally {
    now.$client.exec("COMMIT");
    close();
  }
}

/** Rows written at once. */
const ROWS_AT_ONCE = 2000;

const countOf = (db: WholeDb, name: TableName): number =>
  db.$client.prepare<[], number>(`SELECT count(*) FROM "${name}"`).pluck().get() ?? 0;

/** Readings are many, and as they stand; the others are read with their JSON. */
function* rowsOf(db: WholeDb, name: TableName): Generator<KitchenRow> {
  if (name === "samples")
    yield* db.$client
      .prepare<[], KitchenRow>(`SELECT batch_id AS batchId, channel, at_ms AS atMs, value FROM samples`)
      .iterate();
  else if (name === "photos") yield* db.select(PICTURELESS).from(TABLES.photos).all() as KitchenRow[];
  else yield* db.select().from(TABLES[name]).all() as KitchenRow[];
}

const { jpeg: PICTURE, ...PICTURELESS } = getTableColumns(TABLES.photos);

function pictureOf(db: WholeDb, id: string): Buffer {
  const row = db.select({ jpeg: PICTURE }).from(TABLES.photos).where(eq(TABLES.photos.id, id)).get();
  return row?.jpeg ?? Buffer.alloc(0);
}

/** A JSON list, some rows at a time. */
function* listOf(rows: Iterable<KitchenRow>): Generator<string> {
  let texts: string[] = [];
  let lead = "[\n";
  for (const row of rows) {
    texts.push(JSON.stringify(row));
    if (texts.length < ROWS_AT_ONCE) continue;
    yield lead + texts.join(",\n");
    [texts, lead] = [[], ",\n"];
  }
  if (texts.length > 0) {
    yield lead + texts.join(",\n");
    lead = ",\n";
  }
  yield lead === "[\n" ? "[]" : "\n]";
}

function* bytesOf(texts: Iterable<string>): Generator<Buffer> {
  for (const text of texts) yield Buffer.from(text, "utf8");
}
