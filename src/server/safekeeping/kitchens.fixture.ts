import { copyFileSync, existsSync, mkdtempSync, readFileSync, renameSync } from "node:fs";
import { tmpdir } from "node:os";
import path from "node:path";
import sharp from "sharp";
import { openDatabase, type WholeDb } from "../database";
import { archiveTo } from "../exchange/archive-out";
import { loadDemoKitchen } from "../demo/load";
import { keepPhoto } from "../photos";
import { keepSample } from "../samples";
import { finishedBatches, runningBatches } from "../batch-views";
import { TABLE_NAMES, TABLES } from "./tables";

export const NOW = Date.UTC(2026, 10, 27, 20);

/** A folder of its own for a database on the disk. */
export const freshFile = (): string =>
  path.join(mkdtempSync(path.join(tmpdir(), "iron-crock-test-")), "kitchen.db");

/** The example kitchen with a photo and readings in it, of its own file. */
export async function fullKitchen(file = freshFile()): Promise<{ db: WholeDb; file: string }> {
  copyFileSync(await madeKitchen(), file);
  return { db: openDatabase(file), file };
}

let made: Promise<string> | undefined;

/** Made once for all files of tests that are run together, and copied: its sheets take seconds to work out. */
async function madeKitchen(): Promise<string> {
  const folder = process.env.TESTS_RUN_TOGETHER;
  if (folder === undefined) return (made ??= makeKitchen());
  const shared = path.join(folder, "full-kitchen.db");
  // Whole as it appears: another process may be making it as well.
  if (!existsSync(shared)) renameSync(await makeKitchen(), shared);
  return shared;
}

async function makeKitchen(): Promise<string> {
  const file = freshFile();
  const db = openDatabase(file);
  loadDemoKitchen(db, NOW);
  const picture = await sharp({ create: { width: 60, height: 40, channels: 3, background: "#a53" } })
    .png()
    .toBuffer();
  await keepPhoto(db, finishedBatches(db, 1)[0].id, picture, NOW);
  const [running] = runningBatches(db);
  db.transaction((tx) => {
    for (let i = 0; i < 300; i++)
      keepSample(tx, running.id, { channel: "fridge", atMs: NOW + i * 1000, value: 3 + (i % 7) / 10 }, NOW);
  });
  db.$client.close();
  return file;
}

/** Everything a kitchen holds. */
export const contents = (db: WholeDb) =>
  Object.fromEntries(TABLE_NAMES.map((name) => [name, db.select().from(TABLES[name]).all()]));

/** The kitchen's archive, as bytes. */
export async function archiveOf(db: WholeDb, nowMs: number): Promise<Uint8Array<ArrayBuffer>> {
  const file = freshFile();
  await archiveTo(db, file, nowMs);
  return new Uint8Array(readFileSync(file));
}
