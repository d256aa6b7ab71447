import { randomUUID } from "node:crypto";
import { chops } from "@/core/formula/formulation.fixture";
import { withPreparation } from "@/core/formula/offer/offered";
import { withOwn } from "@/core/formula/offer/with-own";
import { SALTS } from "@/core/materials/lookup";
import { finishedBatches, loadBatch, runningBatches } from "./batch-views";
import { startBatch } from "./batches";
import { liftBatch, undoLift } from "./taken-out";
import { openDatabase, type WholeDb } from "./database";
import { loadDemoKitchen } from "./demo/load";
import { listFormulas, loadFormula } from "./formula-views";
import { branchFormula, createFormula, saveNew, saveVersion, shelveFormula } from "./formulas";
import { changeKitchen, forgetRate, loadKitchen } from "./kitchen";
import { dropOwn, keepOwn } from "./own-entries";
import { Refusal } from "./problem";
import { addReading, keepBatchRate, removeReading } from "./readings";

const NOW = Date.UTC(2026, 10, 27, 20);
const HOUR = 3_600_000;
let db: WholeDb;

beforeEach(() => {
  db = openDatabase(":memory:");
});

const start = (change = {}, request = {}) =>
  startBatch(
    db,
    { formulaId: null, formulation: chops(change), startAtMs: NOW, acknowledgements: [], ...request },
    NOW,
  ).id;

function refusal(act: () => unknown): Refusal {
  try {
    act();
  } catch (error) {
    if (error instanceof Refusal) return error;
    throw error;
  }
  throw new Error("was not refused");
}

describe("formulas", () => {
  test("every save is a version; the old ones stay as they were", () => {
    const { formulaId } = createFormula(db, chops(), "first", NOW);
    saveVersion(
      db,
      formulaId,
      { formulation: chops({ pullH: 30 }), baseVersion: 1, note: "longer" },
      NOW + 1,
    );
    expect(loadFormula(db, formulaId).formulation.pullH).toBe(30);
    expect(loadFormula(db, formulaId, 1).formulation.pullH).toBe(24);
    expect(loadFormula(db, formulaId).versions.map((v) => v.note)).toEqual(["longer", "first"]);
  });

  test("a save from an old version is told of the newer one, and nothing is written", () => {
    const { formulaId } = createFormula(db, chops(), "", NOW);
    saveVersion(db, formulaId, { formulation: chops({ pullH: 30 }), baseVersion: 1, note: "" }, NOW);
    const late = () =>
      saveVersion(db, formulaId, { formulation: chops({ pullH: 12 }), baseVersion: 1, note: "" }, NOW);
    expect(refusal(late)).toMatchObject({ status: 409, extra: { currentVersion: 2 } });
    expect(loadFormula(db, formulaId).versions).toHaveLength(2);
  });

  test("a new formula sent twice under one id is kept once; changed meanwhile, it is the next version", () => {
    const id = randomUUID();
    const first = saveNew(db, { id, formulation: chops(), note: "" }, NOW);
    expect(first).toMatchObject({ formulaId: id, version: 1 });
    expect(saveNew(db, { id, formulation: chops(), note: "" }, NOW + 1)).toEqual(first);
    expect(saveNew(db, { id, formulation: chops({ pullH: 30 }), note: "" }, NOW + 2).version).toBe(2);
    expect(listFormulas(db)).toHaveLength(1);
    expect(saveNew(db, { formulation: chops(), note: "" }, NOW).formulaId).not.toBe(id);
  });

  test("the list is what each is when it is opened, and asks as often for many as for one", () => {
    const made = ["Lamb", "Chops", "Beet"].map(
      (name) => createFormula(db, chops({ name }), "first", NOW).formulaId,
    );
    saveVersion(
      db,
      made[1],
      { formulation: chops({ name: "Chops", pullH: 30 }), baseVersion: 1, note: "longer" },
      NOW,
    );
    const { formulaId: branch } = branchFormula(db, made[1], { version: 1, name: "Chops, another way" }, NOW);
    shelveFormula(db, made[0], { tags: ["grill"], archived: true }, NOW);
    const byName = [made[2], made[1], branch];
    expect(listFormulas(db)).toEqual(byName.map((id) => loadFormula(db, id)));
    expect(listFormulas(db, { archived: true })).toEqual(
      [...byName, made[0]].map((id) => loadFormula(db, id)),
    );

    const asked = jest.spyOn(db.$client, "prepare");
    listFormulas(db);
    const few = asked.mock.calls.length;
    for (let n = 0; n < 20; n++) createFormula(db, chops({ name: `More ${n}` }), "", NOW);
    asked.mockClear();
    expect(listFormulas(db)).toHaveLength(23);
    expect(asked.mock.calls.length).toBe(few);
    asked.mockRestore();
  });

  test("a formula that is not there is not found", () => {
    expect(refusal(() => loadFormula(db, "nope"))).toMatchObject({ status: 404 });
  });
});

describe("batches", () => {
  test("keeps the version it was made from, its sheet and its planned lift-out", () => {
    const id = start();
    const batch = loadBatch(db, id);
    expect(batch).toMatchObject({ version: 1, startedAtMs: NOW, plannedLiftAtMs: NOW + 24 * HOUR });
    expect(batch.sheet.lines.find((l) => l.role === "salt")?.massG).toBeGreaterThan(10);
    expect(batch.events.map((e) => e.kind)).toEqual(["started"]);
  });

  test("started from an unchanged formula adds no version; from a changed one it does", () => {
    const { formulaId } = createFormula(db, chops(), "", NOW);
    start({}, { formulaId });
    expect(loadFormula(db, formulaId).version).toBe(1);
    start({ pullH: 20 }, { formulaId });
    expect(loadFormula(db, formulaId).version).toBe(2);
  });

  test("started twice under one id there is one batch, and one formula", () => {
    const id = randomUUID();
    expect(start({}, { id })).toBe(id);
    expect(start({}, { id })).toBe(id);
    expect(refusal(() => start({ pullH: 12 }, { id }))).toMatchObject({ status: 409 });
    expect(runningBatches(db).map((b) => b.id)).toEqual([id]);
    expect(listFormulas(db)).toHaveLength(1);
  });

  test("a stop wants a reason; with one it starts, and the reason is kept", () => {
    const warm = { holding: { ...chops().holding, temperatureC: 8 } };
    expect(refusal(() => start(warm))).toMatchObject({ status: 422 });
    expect(listFormulas(db)).toEqual([]);
    const reason = "probe says 3 °C, the dial is wrong";
    const id = start(warm, { acknowledgements: [{ ruleId: "fridge_too_warm", reason }] });
    expect(loadBatch(db, id).acknowledgements).toMatchObject([
      { ruleId: "fridge_too_warm", severity: "stop", reason },
    ]);
  });

  test("what the sums refuse is not started", () => {
    const odd = { pieces: { ...chops().pieces, thicknessMm: 390 } };
    expect(refusal(() => start(odd))).toMatchObject({
      status: 422,
      message: expect.stringContaining("thickness"),
    });
  });

  test("a start years off is a slip", () => {
    expect(refusal(() => start({}, { startAtMs: NOW + 400 * 24 * HOUR }))).toMatchObject({ status: 422 });
  });

  test("lifting out twice keeps the first time; undo brings it back and the record keeps both", () => {
    const id = start();
    const later = NOW + 23 * HOUR;
    expect(liftBatch(db, id, later, later)).toEqual({ liftedAtMs: later, already: false });
    expect(liftBatch(db, id, later + 5000, later + 5000)).toEqual({ liftedAtMs: later, already: true });
    expect(runningBatches(db)).toEqual([]);
    expect(finishedBatches(db)).toHaveLength(1);
    undoLift(db, id, later + HOUR);
    expect(runningBatches(db)).toHaveLength(1);
    expect(loadBatch(db, id).events.map((e) => e.kind)).toEqual(["started", "lifted", "lift_undone"]);
  });

  test("nothing is lifted before it went in, nor in the future", () => {
    const id = start();
    expect(refusal(() => liftBatch(db, id, NOW - 1, NOW))).toMatchObject({ status: 422 });
    expect(refusal(() => liftBatch(db, id, NOW + HOUR, NOW))).toMatchObject({ status: 422 });
  });
});

describe("readings", () => {
  const strong = {
    preparation: {
      kind: "wetBrine" as const,
      school: "timed" as const,
      strength: { basis: "percent" as const, saltFraction: 0.06 },
      targetFraction: 0.012,
    },
  };
  const read = (id: string, saltFraction: number, hours = 6) =>
    addReading(
      db,
      id,
      { atMs: NOW + hours * HOUR, reading: { kind: "bathStrength", saltFraction } },
      NOW + 30 * HOUR,
    );

  test("a bath weaker than foretold means salt runs faster; taken back, the table holds again", () => {
    const id = start(strong);
    read(id, 0.045);
    const after = loadBatch(db, id);
    expect(after.rate.factor).toBeGreaterThan(1.05);
    expect(after.readings).toHaveLength(1);
    removeReading(db, id, after.readings[0].id);
    expect(loadBatch(db, id)).toMatchObject({ rate: { factor: 1, doubt: null }, readings: [] });
  });

  test("sent again because its answer was lost, a reading is one reading; another at that instant is its own", () => {
    const id = start(strong);
    read(id, 0.045);
    const once = loadBatch(db, id);
    read(id, 0.045);
    expect(loadBatch(db, id)).toEqual(once);
    read(id, 0.046);
    expect(loadBatch(db, id).readings).toHaveLength(2);
  });

  test("another batch's reading cannot be taken back from here", () => {
    const [mine, other] = [start(strong), start(strong)];
    read(other, 0.05);
    removeReading(db, mine, loadBatch(db, other).readings[0].id);
    expect(loadBatch(db, other).readings).toHaveLength(1);
  });

  test("kept for the food, the next batch begins where this one ended; forgotten, at the table", () => {
    const id = start(strong);
    expect(refusal(() => keepBatchRate(db, id, NOW))).toMatchObject({ status: 422 });
    read(id, 0.045);
    keepBatchRate(db, id, NOW);
    const { rate } = loadBatch(db, id);
    const next = loadBatch(db, start(strong));
    expect(next.prior).toEqual(rate);
    expect(next.sheet.ready.likely).toBeLessThan(loadBatch(db, id).sheet.ready.likely ?? 0);
    forgetRate(db, "pork_chop_boneless");
    expect(loadBatch(db, start(strong)).prior).toEqual({ factor: 1, doubt: null });
  });

  test("a reading before the start, in the future, or of a dry brine is refused and not kept", () => {
    const id = start(strong);
    expect(refusal(() => read(id, 0.05, -1))).toMatchObject({ status: 422 });
    expect(refusal(() => read(id, 0.05, 60))).toMatchObject({ status: 422 });
    const dry = start({ preparation: { kind: "dryBrine", targetFraction: 0.012, salted: "allFaces" } });
    expect(refusal(() => read(dry, 0.05))).toMatchObject({ status: 422 });
    expect(loadBatch(db, id).readings).toEqual([]);
  });
});

test("the example kitchen loads once, into an empty kitchen only", () => {
  loadDemoKitchen(db, NOW);
  expect(loadKitchen(db).name).toBe("Tarrow Lock Canteen");
  expect(
    runningBatches(db)
      .map((b) => b.name)
      .sort(),
  ).toEqual(["Duck legs, dry brined", "Juniper pork loin", "Mackerel, half-hour cure"]);
  expect(listFormulas(db)).toHaveLength(8);
  // Twelve judged, and the lamb in the oven.
  expect(finishedBatches(db)).toHaveLength(13);
  expect(refusal(() => loadDemoKitchen(db, NOW))).toMatchObject({ status: 409 });
});

test("a kitchen's settings are kept", () => {
  loadKitchen(db);
  changeKitchen(db, { measures: "us" });
  changeKitchen(db, { timeZone: "Asia/Kolkata" });
  expect(loadKitchen(db)).toMatchObject({ measures: "us", timeZone: "Asia/Kolkata" });
});

describe("the kitchen's own entries and limits", () => {
  const pot = { id: "own-1", name: "The blue tub", vessel: chops().vessel };

  test("an entry is added, changed in place, and taken out", () => {
    keepOwn(db, { kind: "vessel", entry: pot }, NOW);
    keepOwn(db, { kind: "vessel", entry: { ...pot, name: "The old blue tub" } }, NOW + 1);
    expect(loadKitchen(db).vessels.map((v) => v.name)).toEqual(["The old blue tub"]);
    dropOwn(db, "vessel", "own-1");
    expect(loadKitchen(db).vessels).toEqual([]);
  });

  test("a weighed salt rules the kitchen; a batch keeps what it was worked out from", () => {
    const mine = { ...SALTS[0], densityGPerMl: 1.1 };
    keepOwn(db, { kind: "salt", entry: mine }, NOW);
    const { own } = loadKitchen(db);
    const formulation = withOwn(chops({ saltId: mine.id }), own);
    const id = start(formulation);
    dropOwn(db, "salt", mine.id);
    const { sheet } = loadBatch(db, id);
    expect(sheet.lines.find((l) => l.role === "salt")?.densityGPerMl).toBe(1.1);
  });

  test("what eaters must not have stops a batch until it is acknowledged", () => {
    const eater = {
      id: "e1",
      name: "table 2",
      avoids: ["mustard"],
      sodiumMg: null,
      infant: false,
      atRisk: false,
      noAlcohol: false,
      mostHeat: null,
    };
    changeKitchen(db, { limits: { eaters: [eater], fridge: null, thermometer: true } });
    const lines = [
      { ingredientId: "mustard_dijon", amountG: 5, scalesWith: "foodMass" as const, optional: false },
    ];
    expect(refusal(() => start({ lines }))).toMatchObject({ status: 422 });
    const acknowledged = { acknowledgements: [{ ruleId: "allergen", reason: "their part is kept apart" }] };
    expect(loadBatch(db, start({ lines }, acknowledged)).acknowledgements[0].ruleId).toBe("allergen");
    expect(loadKitchen(db).limits.eaters).toEqual([eater]);
  });
});

test.each(["marinade", "paste", "rub", "crust", "cure"] as const)(
  "a %s batch starts, keeps its sheet, and comes out",
  (choice) => {
    const formulation = withPreparation(chops(), choice);
    const id = start(formulation);
    const batch = loadBatch(db, id);
    expect(batch.sheet.lines.length).toBeGreaterThan(0);
    expect(batch.sheet.past.likely).toBeGreaterThan(0);
    liftBatch(db, id, NOW + HOUR, NOW + HOUR);
    expect(finishedBatches(db).map((b) => b.id)).toEqual([id]);
  },
);
