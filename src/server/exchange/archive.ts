import { strFromU8, unzipSync } from "fflate";
import { z } from "zod";
import type { WholeDb } from "../database";
import { codeOf, Refusal } from "../problem";
import { replaceAll } from "../safekeeping/replace";
import { checkRow, type KitchenRow } from "../safekeeping/rows";
import { snapshotFolder, takeSnapshot } from "../safekeeping/snapshots";
import { TABLE_NAMES, TABLES, type TableName } from "../safekeeping/tables";
import { boundedJson } from "./bounded-json";
import { isPlainJpeg } from "./plain-jpeg";
import * as words from "@/words/server/exchange/archive";
import { firstOf } from "@/core/sequence";

/* A whole kitchen as a zip: every table as JSON, photos as they are, and CSV of what others want to read. The passphrase
   and its sessions are no part of it. */

export const FORMAT = "iron-crock.kitchen";
export const VERSION = 1;
/** The largest archive taken in, packed and unpacked, and its most entries. */
export const ARCHIVE_MOST_BYTES = 256 * 1024 * 1024;
const UNPACKED_MOST_BYTES = 512 * 1024 * 1024;
const ENTRIES_MOST = 20_000;

const headSchema = z.strictObject({
  format: z.literal(FORMAT),
  version: z.literal(VERSION),
  writtenAt: z.iso.datetime(),
  rows: z.record(z.string(), z.number().int().min(0)),
});

/** The only names an archive has: no path leads out of it. */
const NAMES = /^(?:kitchen\.json|tables\/[a-z_]+\.json|photos\/[\w-]{1,80}\.jpg|csv\/[\w-]{1,120}\.csv)$/;

const unfit = (why: string) =>
  new Refusal(422, words.notAKitchensArchive, words.nothingWasChangedItWants(why));

/** Tables that came after the first archives. */
const SINCE_LATER: readonly TableName[] = ["sitting_acts", "tastings"];

/**
 * Reads an archive: every row by its contract, every photo a plain JPEG.
 * @throws Refusal 413, 422 with what is wrong
 */
export async function readArchive(bytes: Uint8Array): Promise<Record<TableName, KitchenRow[]>> {
  const files = unpack(bytes);
  const head = headSchema.safeParse(parsed(files, "kitchen.json"));
  if (!head.success) throw unfit(words.itsKitchenJsonDoesNot);
  const tables = {} as Record<TableName, KitchenRow[]>;
  for (const name of TABLE_NAMES) {
    // Written before there was this table: nothing of it to take in.
    if (head.data.rows[name] === undefined && SINCE_LATER.includes(name)) {
      tables[name] = [];
      continue;
    }
    const rows = parsed(files, `tables/${name}.json`);
    // Not by a contract of a list of records: a day of readings would be copied for it.
    if (!Array.isArray(rows) || !rows.every(isRow)) throw unfit(words.tablesJsonIsNotA(name));
    if (rows.length !== head.data.rows[name]) throw unfit(words.tablesJsonHasRowsMissing(name));
    const whole = name === "photos" ? await Promise.all(rows.map((row) => withPicture(row, files))) : rows;
    tables[name] = whole.map((row, i) => {
      try {
        return checkRow(name, row);
      } catch (error) {
        const field = error instanceof z.ZodError ? firstOf(error.issues).path.join(".") : "";
        throw unfit(words.rowOfTablesJsonDoes({ amount: i + 1, name, field }));
      }
    });
  }
  return tables;
}

const isRow = (row: unknown): row is KitchenRow =>
  typeof row === "object" && row !== null && !Array.isArray(row);

function unpack(bytes: Uint8Array): Record<string, Uint8Array> {
  let entries = 0;
  let unpacked = 0;
  try {
    return unzipSync(bytes, {
      filter({ name, originalSize }) {
        if (!NAMES.test(name)) throw unfit(words.anEntryHasNoBusiness(name.slice(0, 60)));
        entries++;
        unpacked += originalSize;
        if (entries > ENTRIES_MOST || unpacked > UNPACKED_MOST_BYTES)
          throw new Refusal(413, words.tooLarge, words.unpackedThisArchiveIsLarger);
        return true;
      },
    });
  } catch (error) {
    if (error instanceof Refusal) throw error;
    throw unfit(words.itDoesNotReadAs);
  }
}

function parsed(files: Record<string, Uint8Array>, name: string): unknown {
  const bytes = files[name];
  if (!bytes) throw unfit(words.isMissing(name));
  // Read once: let go of before the next is unpacked.
  delete files[name];
  try {
    return boundedJson(strFromU8(bytes));
  } catch {
    throw unfit(words.doesNotReadAsJson(name));
  }
}

async function withPicture(row: KitchenRow, files: Record<string, Uint8Array>): Promise<KitchenRow> {
  const jpeg = files[`photos/${String(row.id)}.jpg`];
  if (!jpeg || !(await isPlainJpeg(jpeg))) throw unfit(words.photoIsMissingOrNo(String(row.id)));
  return { ...row, jpeg: Buffer.from(jpeg) };
}

/**
 * Takes an archive in. Into an empty kitchen at once; in place of one in use only when asked, and that one is kept as a
 * snapshot.
 * @returns the snapshot's file where one was taken
 * @throws Refusal 409 where the kitchen is in use and `replace` is not asked
 */
export async function takeArchiveIn(
  db: WholeDb,
  databaseFile: string,
  bytes: Uint8Array,
  { replace, nowMs }: { replace: boolean; nowMs: number },
): Promise<string | null> {
  const tables = await readArchive(bytes);
  const inUse = (["formulas", "batches", "own_entries", "sittings"] as const).some(
    (name) => db.select().from(TABLES[name]).limit(1).all().length > 0,
  );
  if (inUse && !replace) throw new Refusal(409, words.kitchenInUse, words.thisKitchenIsInUse);
  const old = inUse ? await takeSnapshot(db, snapshotFolder(databaseFile), nowMs, "before-archive") : null;
  try {
    replaceAll(db, (name) => tables[name]);
  } catch (error) {
    if (codeOf(error).startsWith("SQLITE_CONSTRAINT")) throw unfit(words.itsRowsDoNotBelong);
    throw error;
  }
  return old;
}
