import { readFileSync, rmSync, writeFileSync } from "node:fs";
import path from "node:path";
import Database from "better-sqlite3";
import fc from "fast-check";
import { chops } from "@/core/formula/formulation.fixture";
import { startBatch } from "../batches";
import { liftBatch } from "../taken-out";
import { openDatabase } from "../database";
import { listFormulas } from "../formula-views";
import { createFormula } from "../formulas";
import { loadKitchen } from "../kitchen";
import { allSamples, keepSample } from "../samples";
import { contents, freshFile, fullKitchen, NOW } from "./kitchens.fixture";
import { restoreSnapshot } from "./restore";
import { outlived } from "./rotation";
import { listSnapshots, rotate, snapshotFolder, takeSnapshot } from "./snapshots";
import { thinSamples } from "./thin";

const HOUR = 3_600_000;
const DAY = 24 * HOUR;

describe("snapshots", () => {
  test("a copy taken while the kitchen is written to is whole", async () => {
    const { db, file } = await fullKitchen();
    const copying = takeSnapshot(db, snapshotFolder(file), NOW);
    createFormula(db, chops(), "written meanwhile", NOW);
    const copy = new Database(await copying, { readonly: true });
    expect(copy.pragma("integrity_check", { simple: true })).toBe("ok");
    copy.close();
    expect(listSnapshots(snapshotFolder(file))).toMatchObject([{ takenMs: NOW }]);
  });

  test("no folder, no snapshots; other files in it are left alone", async () => {
    const { db, file } = await fullKitchen();
    expect(listSnapshots(snapshotFolder(file))).toEqual([]);
    // Eight newer ones: never fewer than seven are kept.
    await takeSnapshot(db, snapshotFolder(file), NOW - 75 * DAY);
    for (let week = 10; week >= 0; week--) await takeSnapshot(db, snapshotFolder(file), NOW - week * 7 * DAY);
    writeFileSync(path.join(snapshotFolder(file), "notes.txt"), "mine");
    rotate(snapshotFolder(file), NOW);
    expect(listSnapshots(snapshotFolder(file)).map((s) => s.takenMs)).toEqual(
      Array.from({ length: 11 }, (_, week) => NOW - week * 7 * DAY),
    );
    expect(readFileSync(path.join(snapshotFolder(file), "notes.txt"), "utf8")).toBe("mine");
  });

  test("a year of them, four a day, leaves at most thirty-three; the newest is always there", () => {
    let kept: number[] = [];
    for (let at = NOW; at < NOW + 365 * DAY; at += 6 * HOUR) {
      kept.push(at);
      const goes = new Set(outlived(kept, at));
      kept = kept.filter((ms) => !goes.has(ms));
      expect(kept).toContain(at);
    }
    expect(kept.length).toBeLessThanOrEqual(33);
    expect(kept.length).toBeGreaterThanOrEqual(25);
    expect(Math.max(...kept) - Math.min(...kept)).toBeGreaterThan(60 * DAY);
  });

  test("rotation twice is rotation once", () =>
    fc.assert(
      fc.property(fc.array(fc.integer({ min: 0, max: 100 * 24 })), (hours) => {
        const taken = [...new Set(hours)].map((h) => NOW - h * HOUR);
        const goes = new Set(outlived(taken, NOW));
        expect(
          outlived(
            taken.filter((ms) => !goes.has(ms)),
            NOW,
          ),
        ).toEqual([]);
      }),
      // What goes first leaves a gap of more than eight days, and two of one day beyond it.
      { examples: [[[0, 2373, 194, 1558, 1750, 1, 1415, 1557, 2374]]] },
    ));
});

describe("restore", () => {
  test("the kitchen is as it was, and the one in between is kept", async () => {
    const { db, file } = await fullKitchen();
    const before = contents(db);
    const snapshot = readFileSync(await takeSnapshot(db, snapshotFolder(file), NOW));
    createFormula(db, chops({ name: "Written after" }), "", NOW);
    const between = contents(db);
    const old = await restoreSnapshot(db, file, snapshot, NOW + 1000);
    expect(contents(db)).toEqual(before);
    const kept = openDatabase(path.join(snapshotFolder(file), old));
    expect(contents(kept)).toEqual(between);
  });

  const spoiled = async (spoil: (raw: Database.Database) => void): Promise<Buffer> => {
    const { db, file } = await fullKitchen();
    const copy = await takeSnapshot(db, snapshotFolder(file), NOW);
    const raw = new Database(copy);
    raw.pragma("foreign_keys = OFF");
    spoil(raw);
    raw.close();
    return readFileSync(copy);
  };

  test.each<[string, () => Promise<Buffer> | Buffer, string]>([
    ["a text", () => Buffer.from("not a database at all"), "not a database file"],
    ["nothing", () => Buffer.alloc(0), "not a database file"],
    [
      "a header and rubbish",
      () => Buffer.concat([Buffer.from("SQLite format 3\0"), Buffer.alloc(5000, 7)]),
      "read",
    ],
    [
      "another program's database",
      () => {
        const file = freshFile();
        const raw = new Database(file);
        raw.exec("CREATE TABLE kitchen (x); CREATE TABLE formulas (y)");
        raw.close();
        return readFileSync(file);
      },
      "something else",
    ],
    [
      "one with a trigger",
      () =>
        spoiled((raw) =>
          raw.exec("CREATE TRIGGER t AFTER INSERT ON formulas BEGIN DELETE FROM formulas; END"),
        ),
      "no kitchen has",
    ],
    [
      "one with a column that works itself out",
      () => spoiled((raw) => raw.exec("ALTER TABLE formulas ADD COLUMN x TEXT AS (upper(name)) VIRTUAL")),
      "no kitchen has",
    ],
    [
      "a formula that does not read",
      () => spoiled((raw) => raw.exec(`UPDATE formula_versions SET body = '{"name": 5}'`)),
      "does not read",
    ],
    [
      "a batch without its formula",
      () => spoiled((raw) => raw.exec("DELETE FROM formula_versions")),
      "belong together",
    ],
    [
      "a newer kitchen's",
      () =>
        spoiled((raw) => raw.exec("UPDATE __drizzle_migrations SET created_at = created_at + 99999999999")),
      "newer Iron Crock",
    ],
  ])("%s is refused, and nothing is changed", async (_, make, says) => {
    const { db, file } = await fullKitchen();
    const before = contents(db);
    await expect(restoreSnapshot(db, file, await make(), NOW)).rejects.toThrow(says);
    expect(contents(db)).toEqual(before);
    expect(listSnapshots(snapshotFolder(file))).toEqual([]);
  });
});

test("thirty days after the lift one reading a minute is left, the first; a running batch keeps all", () => {
  const db = openDatabase(":memory:");
  const begin = (atMs: number) =>
    startBatch(db, { formulaId: null, formulation: chops(), startAtMs: atMs, acknowledgements: [] }, atMs).id;
  const start = NOW - 40 * DAY;
  const [lifted, running] = [begin(start), begin(start)];
  for (const id of [lifted, running])
    for (let s = 0; s < 600; s++)
      keepSample(db, id, { channel: s % 2 ? "fridge" : "probe", atMs: start + s * 1000, value: s }, NOW);
  liftBatch(db, lifted, start + HOUR, start + HOUR);
  expect(thinSamples(db, start + 20 * DAY)).toBe(0);
  expect(thinSamples(db, NOW)).toBe(580);
  expect(
    allSamples(db, lifted)
      .filter((r) => r.channel === "probe")
      .map((r) => r.value),
  ).toEqual(Array.from({ length: 10 }, (_, i) => i * 60));
  expect(allSamples(db, running)).toHaveLength(600);
  expect(thinSamples(db, NOW)).toBe(0);
});

describe("where the disk will not", () => {
  test("a folder that may not be written: the kitchen is read, and a write is refused", async () => {
    const { db, file } = await fullKitchen();
    db.$client.close();
    const readOnly = openDatabase(file);
    readOnly.$client.pragma("query_only = ON");
    expect(listFormulas(readOnly).length).toBeGreaterThan(5);
    expect(loadKitchen(readOnly).name).toBe("Tarrow Lock Canteen");
    expect(() => createFormula(readOnly, chops(), "", NOW)).toThrow(
      expect.objectContaining({ code: "SQLITE_READONLY" }),
    );
  });

  const asNobody = process.getuid?.() === 0;
  (asNobody ? test : test.skip)("really so: opened by somebody who may only read", async () => {
    const { db, file } = await fullKitchen();
    db.$client.close();
    for (const suffix of ["-wal", "-shm"]) rmSync(file + suffix, { force: true });
    const { chmodSync } = await import("node:fs");
    chmodSync(file, 0o444);
    chmodSync(path.dirname(file), 0o555);
    process.seteuid?.(65534);
    try {
      const read = openDatabase(file);
      expect(listFormulas(read).length).toBeGreaterThan(5);
      expect(() => createFormula(read, chops(), "", NOW)).toThrow(
        expect.objectContaining({ code: "SQLITE_READONLY" }),
      );
    } finally {
      process.seteuid?.(0);
    }
  });

  test("a full disk: the write is refused whole, and everything can be read", async () => {
    const { db } = await fullKitchen();
    const before = contents(db);
    const pages = db.$client.pragma("page_count", { simple: true }) as number;
    db.$client.pragma(`max_page_count = ${pages}`);
    const fill = () => {
      for (let i = 0; i < 500; i++) createFormula(db, chops({ notes: "x".repeat(2000) }), "", NOW);
    };
    expect(() => db.transaction(fill)).toThrow(expect.objectContaining({ code: "SQLITE_FULL" }));
    expect(contents(db)).toEqual(before);
    expect(db.$client.pragma("integrity_check", { simple: true })).toBe("ok");
  });
});
