import Database from "better-sqlite3";
import { readFileSync } from "node:fs";
import { openDatabase } from "../database";
import { contents, freshFile, fullKitchen, NOW } from "./kitchens.fixture";
import { isDue } from "./keep";
import { restoreSnapshot } from "./restore";
import { checkRow } from "./rows";
import { KEPT_AT_LEAST, outlived } from "./rotation";
import { EVERY_MS } from "./snapshots";
import { TABLES } from "./tables";

const HOUR = 3_600_000;
const DAY = 24 * HOUR;

describe("no clock is believed", () => {
  const fortnight = Array.from({ length: 56 }, (_, i) => NOW - i * 6 * HOUR);

  test("a clock set a year ahead condemns none of the fourteen days before it", () => {
    const ahead = NOW + 365 * DAY;
    const goesToday = new Set(outlived(fortnight, NOW));
    const goes = outlived([ahead, ...fortnight], ahead);
    expect(goes.filter((ms) => !goesToday.has(ms))).toEqual([]);
  });

  test.each([1, 30, 400, 4000])("%d days on, never fewer than seven are left", (days) => {
    const old = Array.from({ length: 12 }, (_, i) => NOW - i * 30 * DAY);
    const left = old.length - outlived(old, NOW + days * DAY).length;
    expect(left).toBeGreaterThanOrEqual(KEPT_AT_LEAST);
  });

  test("one dated ahead is left alone, and does not stop the next from being taken", () => {
    const ahead = NOW + 30 * DAY;
    expect(outlived([ahead, ...fortnight], NOW)).not.toContain(ahead);
    expect(isDue([ahead, NOW - 7 * HOUR], NOW, undefined)).toBe(true);
    expect(isDue([ahead, NOW - 5 * HOUR], NOW, undefined)).toBe(false);
  });

  test("by this process's own steady time, whatever the wall clock does", () => {
    expect(isDue([NOW], NOW - 3 * DAY, EVERY_MS)).toBe(true);
    expect(isDue([NOW - 9 * DAY], NOW, EVERY_MS - 1)).toBe(false);
  });
});

describe("what comes back in is checked", () => {
  test("a stranger's database is refused, and the kitchen is as it was", async () => {
    const { db, file } = await fullKitchen();
    const before = contents(db);
    const strangers = freshFile();
    const other = new Database(strangers);
    other.exec("CREATE TABLE notes (id INTEGER PRIMARY KEY, text TEXT)");
    other.close();
    await expect(restoreSnapshot(db, file, readFileSync(strangers), NOW)).rejects.toThrow("something else");
    expect(contents(db)).toEqual(before);
  });

  test("another program's mark is refused even where it has tables of our names", async () => {
    const { db, file } = await fullKitchen();
    const marked = freshFile();
    const raw = openDatabase(marked);
    raw.$client.pragma("application_id = 12345");
    raw.$client.pragma("journal_mode = DELETE");
    raw.$client.close();
    await expect(restoreSnapshot(db, file, readFileSync(marked), NOW)).rejects.toThrow("something else");
  });

  test("a time zone that is none, or an instant out of reach, is named with its row", async () => {
    const { db, file } = await fullKitchen();
    const copy = await fullKitchen();
    copy.db.$client.exec("UPDATE kitchen SET time_zone = 'Europe/Londn'");
    copy.db.$client.pragma("wal_checkpoint(TRUNCATE)");
    copy.db.$client.close();
    await expect(restoreSnapshot(db, file, readFileSync(copy.file), NOW)).rejects.toThrow("Row 1 of kitchen");
    const [batch] = db.select().from(TABLES.batches).all();
    expect(() => checkRow("batches", batch)).not.toThrow();
    expect(() => checkRow("batches", { ...batch, startedAtMs: 8.64e15 })).toThrow("out of reach");
    expect(() => checkRow("batches", { ...batch, timeZone: "Nowhere/Else" })).toThrow("out of reach");
  });
});
