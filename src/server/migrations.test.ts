import { mkdtempSync, readdirSync, readFileSync, writeFileSync } from "node:fs";
import { tmpdir } from "node:os";
import path from "node:path";
import { gunzipSync } from "node:zlib";
import Database from "better-sqlite3";
import { getTableColumns } from "drizzle-orm";
import { loadBatch } from "./batch-views";
import { openDatabase } from "./database";
import { listFormulas } from "./formula-views";
import { createFormula, saveVersion } from "./formulas";
import { loadKitchen } from "./kitchen";
import { checkRow } from "./safekeeping/rows";
import { TABLE_NAMES, TABLES } from "./safekeeping/tables";
import { batches } from "./schema";
import { listSittings } from "./sittings";
import { loadWork } from "./work";

const STORED = path.join(__dirname, "stored-databases");
const NOW = Date.UTC(2026, 10, 27, 20);

/** A kitchen as a program of that day left it on the disk, each made by that program itself. */
const stored = readdirSync(STORED).filter((name) => name.endsWith(".db.gz"));

function fileOf(name: string): string {
  const file = path.join(mkdtempSync(path.join(tmpdir(), "iron-crock-stored-")), "kitchen.db");
  writeFileSync(file, gunzipSync(readFileSync(path.join(STORED, name))));
  return file;
}

const opened = (name: string) => openDatabase(fileOf(name));

/** Archives began with this schema. */
const ARCHIVES_FROM = 7;
const archived = stored.filter((name) => Number(/\d+/.exec(name)?.[0]) >= ARCHIVES_FROM);

test("there is one stored database for every schema before the newest", () => {
  const migrations = readdirSync("drizzle").filter((name) => name.endsWith(".sql"));
  expect(stored).toHaveLength(migrations.length - 1);
});

describe.each(stored)("%s", (name) => {
  test("opens, and everything in it reads", () => {
    const db = opened(name);
    expect(db.$client.pragma("integrity_check", { simple: true })).toBe("ok");
    expect(db.$client.pragma("foreign_key_check")).toEqual([]);
    expect(loadKitchen(db).name).toBe("Tarrow Lock Canteen");
    expect(listFormulas(db).length).toBeGreaterThanOrEqual(2);
    const ids = db.select({ id: batches.id }).from(batches).all();
    expect(ids.length).toBeGreaterThanOrEqual(2);
    for (const { id } of ids) {
      expect(loadBatch(db, id).sheet.lines.length).toBeGreaterThan(0);
      expect(loadWork(db, id, NOW).batchId).toBe(id);
    }
    expect(Array.isArray(listSittings(db))).toBe(true);
    for (const table of TABLE_NAMES)
      for (const row of db.select().from(TABLES[table]).all()) checkRow(table, row);
  });

  test("and goes on being written", () => {
    const db = opened(name);
    const [first] = listFormulas(db);
    const saved = saveVersion(
      db,
      first.id,
      { formulation: first.formulation, baseVersion: first.version, note: "" },
      NOW,
    );
    expect(saved.version).toBe(first.version + 1);
    expect(createFormula(db, first.formulation, "", NOW).version).toBe(1);
  });
});

test("what an earlier program kept at the hour of its plan stands from when it was ticked off as gone in", () => {
  const hours = (table: Iterable<unknown>) => table as Iterable<{ id: string; inMs: number; outMs: number }>;
  const ASKED = "SELECT id, started_at_ms AS inMs, planned_lift_at_ms AS outMs FROM batches ORDER BY id";
  const file = fileOf("schema-13.db.gz");
  const raw = new Database(file);
  const before = [...hours(raw.prepare(ASKED).iterate())];
  raw.close();
  const after = [...hours(openDatabase(file).$client.prepare(ASKED).iterate())];
  const movedMin = after.map(({ inMs }, i) => (inMs - (before[i]?.inMs ?? NaN)) / 60_000);
  // One went in forty minutes late, one ninety; all others when it was planned.
  expect(new Set(movedMin)).toEqual(new Set([0, 40, 90]));
  expect(after.map(({ inMs, outMs }) => outMs - inMs)).toEqual(before.map(({ inMs, outMs }) => outMs - inMs));
});

describe.each(archived)("an archive of %s", (name) => {
  test("comes in still, with the columns that came later as they were then", () => {
    const whole = opened(name);
    const raw = new Database(fileOf(name));
    for (const table of TABLE_NAMES) {
      const had = raw.prepare(`SELECT name FROM pragma_table_info('${table}')`).pluck().all() as string[];
      const columns = Object.entries(getTableColumns(TABLES[table]));
      for (const row of whole.select().from(TABLES[table]).all()) {
        const ofThen = columns.filter(([, column]) => had.includes(column.name));
        const then = Object.fromEntries(ofThen.map(([key]) => [key, (row as Record<string, unknown>)[key]]));
        expect(checkRow(table, then)).toEqual(row);
      }
    }
    raw.close();
  });
});
