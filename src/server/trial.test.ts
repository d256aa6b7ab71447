import { mkdtempSync, rmSync } from "node:fs";
import { tmpdir } from "node:os";
import path from "node:path";
import Database from "better-sqlite3";
import { eq } from "drizzle-orm";
import { chops } from "@/core/formula/formulation.fixture";
import { startBatch } from "./batches";
import { openDatabase, type WholeDb } from "./database";
import { createFormula, saveVersion } from "./formulas";
import { loadKitchen } from "./kitchen";
import { batches, batchEvents, formulaVersions, photos } from "./schema";
import { addedByTrial } from "./trial";

const NOW = Date.UTC(2026, 10, 27, 9);
const CHOPS = chops({});
let folder: string;
let db: WholeDb;
let formulaId: string;

beforeEach(() => {
  folder = mkdtempSync(path.join(tmpdir(), "crock-trial-"));
  db = openDatabase(path.join(folder, "kitchen.db"));
  loadKitchen(db);
  ({ formulaId } = createFormula(db, CHOPS, "", NOW));
});
afterEach(() => {
  db.$client.close();
  rmSync(folder, { recursive: true, force: true });
});

const start = (kitchen: WholeDb, name: string) =>
  startBatch(
    kitchen,
    { formulaId, formulation: { ...CHOPS, name }, startAtMs: NOW, acknowledgements: [] },
    NOW,
  ).id;

test("what was added comes over whole, and others write while it is worked out", () => {
  const elsewhere = new Database(db.$client.name, { timeout: 0 });
  const id = addedByTrial(db, (trial) => {
    const made = start(trial, "Chops on trial");
    expect(db.select().from(batches).all()).toEqual([]);
    elsewhere.exec("UPDATE kitchen SET name = 'Renamed meanwhile'");
    return made;
  });
  expect(db.select().from(batches).all()).toMatchObject([{ id, name: "Chops on trial" }]);
  expect(elsewhere.prepare("SELECT name FROM kitchen").pluck().all()).toEqual(["Renamed meanwhile"]);
  expect(db.$client.pragma("foreign_key_check")).toEqual([]);
  elsewhere.close();
});

test("where the same was written meanwhile it is done once more, on what is there then", () => {
  let tried = 0;
  const id = addedByTrial(db, (trial) => {
    // The very version the trial is about to make.
    if (tried++ === 0)
      saveVersion(
        db,
        formulaId,
        { formulation: { ...CHOPS, portions: 7 }, baseVersion: 1, note: "By somebody else" },
        NOW,
      );
    return start(trial, "Chops on trial");
  });
  expect(tried).toBe(2);
  expect(
    db
      .select({ version: formulaVersions.version, note: formulaVersions.note })
      .from(formulaVersions)
      .orderBy(formulaVersions.version)
      .all(),
  ).toEqual([
    { version: 1, note: "" },
    { version: 2, note: "By somebody else" },
    { version: 3, note: "Saved when a batch was started" },
  ]);
  expect(db.select().from(batches).all()).toMatchObject([{ id }]);
});

test("rows that are counted count on from those written meanwhile", () => {
  let other = "";
  const id = addedByTrial(db, (trial) => {
    other = start(db, CHOPS.name);
    return start(trial, CHOPS.name);
  });
  for (const batchId of [id, other])
    expect(db.select().from(batchEvents).where(eq(batchEvents.batchId, batchId)).all()).toMatchObject([
      { kind: "started" },
    ]);
});

test("what fails leaves nothing behind, and is said as it is", () => {
  expect(() =>
    addedByTrial(db, (trial) => {
      start(trial, "Chops on trial");
      throw new Error("it does not fit");
    }),
  ).toThrow("it does not fit");
  expect(db.select().from(batches).all()).toEqual([]);
});

test("pictures are not copied, and stay where they are", () => {
  const batchId = start(db, CHOPS.name);
  const jpeg = Buffer.from("picture");
  db.insert(photos).values({ id: "p", batchId, jpeg, width: 1, height: 1, takenAtMs: NOW }).run();
  addedByTrial(db, (trial) => {
    expect(trial.select().from(photos).all()).toEqual([]);
    start(trial, "Chops on trial");
  });
  expect(db.select().from(photos).all()).toMatchObject([{ id: "p", jpeg }]);
});

test("a kitchen in memory is tried out as well", () => {
  const inMemory = openDatabase(":memory:");
  const made = createFormula(inMemory, CHOPS, "", NOW);
  const added = addedByTrial(inMemory, (trial) => createFormula(trial, { ...CHOPS, name: "Other" }, "", NOW));
  expect(inMemory.select().from(formulaVersions).all()).toMatchObject([
    { id: made.versionId },
    { id: added.versionId },
  ]);
});
