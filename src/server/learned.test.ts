import { NOTHING_LEARNED } from "@/contracts/learned";
import { requestOf } from "@/contracts/sitting-request";
import { formulate } from "@/core/formula/formulate";
import { chops } from "@/core/formula/formulation.fixture";
import { withPreparation } from "@/core/formula/offer/offered";
import { withOwn } from "@/core/formula/offer/with-own";
import type { Formulation } from "@/core/formulation";
import { exitsOf } from "@/core/program/exits";
import { plainProgram } from "@/core/program/plain";
import { USUAL_HOURS } from "@/core/schedule/sitting.fixture";
import { loadBatch } from "./batch-views";
import { startBatch } from "./batches";
import { liftBatch } from "./taken-out";
import { openDatabase, type WholeDb } from "./database";
import { loadDemoKitchen } from "./demo/load";
import { readArchive } from "./exchange/archive";
import { changeKitchen, forgetRate, loadKitchen } from "./kitchen";
import { changeLearned, loadLearned, takeRate } from "./learned";
import { addReading } from "./readings";
import { archiveOf } from "./safekeeping/kitchens.fixture";
import { batchActs, samples } from "./schema";
import { createSitting, loadSitting, startDish } from "./sittings";

const NOW = Date.UTC(2026, 10, 27, 18);
const HOUR = 3_600_000;
const MIN = 60_000;
let db: WholeDb;
beforeEach(() => {
  db = openDatabase(":memory:");
});

const brine = chops({ pullH: 12, cook: { toC: 63, minutes: 40, restMin: 10, ovenC: 180 } });

function soaked(formulation: Formulation, agoH: number, saltFraction?: number): string {
  const startAtMs = NOW - agoH * HOUR;
  const { id } = startBatch(db, { formulaId: null, formulation, startAtMs, acknowledgements: [] }, startAtMs);
  if (saltFraction !== undefined) {
    const atMs = startAtMs + 6 * HOUR;
    addReading(db, id, { atMs, reading: { kind: "bathStrength", saltFraction } }, atMs);
  }
  liftBatch(db, id, startAtMs + 12 * HOUR, startAtMs + 12 * HOUR);
  return id;
}

/** A probe that rises evenly to its exit, and climbs so much after it. */
function roasted(id: string, formulation: Formulation, tookMin: number, climbC: number): void {
  const sheet = formulate(formulation);
  if (!sheet.ok) throw new Error(sheet.error.code);
  const [{ outC }] = exitsOf(formulation, sheet.value);
  const inMs = NOW - 20 * HOUR;
  const outMs = inMs + tookMin * MIN;
  for (const [actId, doneAtMs] of [
    ["stage_1", inMs],
    ["oven_out", outMs],
  ] as const)
    db.insert(batchActs).values({ batchId: id, actId, doneAtMs, recordedAtMs: doneAtMs }).run();
  const read = (atMs: number, value: number) =>
    db.insert(samples).values({ batchId: id, channel: "probe", atMs, value }).run();
  for (let min = 0; min <= tookMin; min += 2) read(inMs + min * MIN, 5 + ((outC - 5) * min) / tookMin);
  read(outMs + 10 * MIN, outC + climbC);
}

test("a kitchen in which nothing was read has learnt nothing", () => {
  soaked(brine, 60);
  expect(loadLearned(db)).toMatchObject({
    rates: [],
    oven: null,
    climb: null,
    score: { real: { all: [] }, rehearsed: { all: [] } },
  });
  expect(() => takeRate(db, brine.foodId, NOW)).toThrow("No reading has taught anything");
});

test("a read bath teaches a rate; taken, new batches begin there; left out, it moves; forgotten, the table holds", () => {
  const id = soaked(brine, 60, 0.03);
  const [rate] = loadLearned(db).rates;
  expect(rate).toMatchObject({
    foodId: brine.foodId,
    kept: null,
    batches: [{ batchId: id, leftOut: false }],
  });
  expect(rate.learnt.factor).not.toBeCloseTo(1, 2);
  takeRate(db, brine.foodId, NOW);
  expect(loadKitchen(db).rates[brine.foodId].factor).toBeCloseTo(rate.learnt.factor, 12);
  expect(loadLearned(db).rates[0].kept?.factor).toBeCloseTo(rate.learnt.factor, 12);
  changeKitchen(db, { learned: { ...NOTHING_LEARNED, leftOut: [id] } });
  expect(loadLearned(db).rates[0].learnt.factor).toBe(1);
  forgetRate(db, brine.foodId);
  expect(loadLearned(db).rates[0].kept).toBeNull();
});

test("what a bath was to read is scored against what it read", () => {
  soaked(brine, 60, 0.03);
  const { all } = loadLearned(db).score.real;
  expect(all).toMatchObject([{ what: "bath", came: 0.03 }]);
  expect(all[0].low).toBeLessThan(all[0].foretold);
});

test("a roast's climb and its minutes speak of rest and oven; one that took longer of a cooler oven", () => {
  const roast = withPreparation(brine, "dry");
  const slow = soaked(roast, 40);
  roasted(slow, roast, 60, 2);
  const { oven, climb, score } = loadLearned(db);
  expect(climb?.batches).toMatchObject([{ batchId: slow, seenC: 2 }]);
  expect(climb?.learnt.factor).toBeLessThan(1);
  expect(oven?.batches).toMatchObject([{ id: slow, dialC: 180 }]);
  const [seen] = oven?.batches ?? [];
  expect(Math.sign(oven?.offC ?? 0)).toBe(Math.sign(seen.foretoldMin - seen.tookMin));
  expect(score.real.all.map((s) => s.what).sort()).toEqual(["climb", "done"]);
});

test("two pages that decide at once take nothing from one another; a reading sent twice is one", () => {
  const reading = { dialC: 180, readC: 168, atMs: NOW };
  changeLearned(db, { kind: "leaveOut", batchId: "a", out: true });
  changeLearned(db, { kind: "leaveOut", batchId: "b", out: true });
  changeLearned(db, { kind: "heat", heat: { climb: 0.7 } });
  changeLearned(db, { kind: "heat", heat: { ovenOffC: -12 } });
  changeLearned(db, { kind: "read", reading });
  changeLearned(db, { kind: "read", reading });
  expect(loadKitchen(db).learned).toEqual({
    heat: { climb: 0.7, ovenOffC: -12 },
    leftOut: ["a", "b"],
    ovenReadings: [reading],
  });
  changeLearned(db, { kind: "leaveOut", batchId: "a", out: false });
  changeLearned(db, { kind: "forget", what: "climb" });
  changeLearned(db, { kind: "unread", reading });
  expect(loadKitchen(db).learned).toEqual({ heat: { ovenOffC: -12 }, leftOut: ["b"], ovenReadings: [] });
  for (let i = 0; i < 60; i++) changeLearned(db, { kind: "read", reading: { ...reading, atMs: NOW + i } });
  expect(() => changeLearned(db, { kind: "read", reading: { ...reading, atMs: NOW - 1 } })).toThrow(
    "At most sixty readings",
  );
});

test("a roast taken out where a learnt climb said so is scored by that, and its climb by the plain sums", () => {
  const plain = withPreparation(brine, "dry");
  const roast = { ...plain, heatHere: { climb: 2 } };
  const id = soaked(roast, 40);
  // Told to come out earlier than the plain sums would have it, and taken out there.
  roasted(id, roast, 40, 8);
  const { climb, oven, score } = loadLearned(db);
  const sheet = formulate(plain);
  const [exit] = sheet.ok ? exitsOf(plain, sheet.value) : [];
  expect(climb?.batches).toMatchObject([{ batchId: id, foretoldC: exit.climb.likely }]);
  expect(oven?.batches).toHaveLength(1);
  expect(score.real.all.find((s) => s.what === "done")?.came).toBe(40);
});

test("what is taken for true of the heat goes with the formula, moves where it comes out, and leaves with it", () => {
  const heat = { ovenOffC: -10, climb: 0.5 };
  changeKitchen(db, { learned: { ...NOTHING_LEARNED, heat } });
  const here = withOwn(brine, {}, loadKitchen(db).learned.heat);
  expect(here.heatHere).toEqual(heat);
  const out = (f: Formulation) => {
    const sheet = formulate(f);
    if (!sheet.ok) throw new Error(sheet.error.code);
    return exitsOf(f, sheet.value)[0];
  };
  expect(out(here).climb.likely).toBeLessThan(out(brine).climb.likely);
  expect(out(here).outC).toBeGreaterThan(out(brine).outC);
  expect(out(here).heated[0].airC).toBe(out(brine).heated[0].airC - 10);
  expect(withOwn(here, {}, {})).not.toHaveProperty("heatHere");
});

test("a dish of a sitting is planned and started in this kitchen's oven, whatever it was when it was added", () => {
  const tableMs = NOW + 40 * HOUR;
  const dish = {
    kind: "formula" as const,
    id: "chops",
    name: "Chops",
    formulaId: null,
    formulation: { ...withPreparation(brine, "dry"), heatHere: { ovenOffC: 40 } },
  };
  const { id } = createSitting(db, { name: "S", tableMs, dishes: [dish], ...USUAL_HOURS }, NOW);
  const formulationOf = () => {
    const [first] = loadSitting(db, id, NOW).body.dishes;
    return first.kind === "formula" ? first.formulation : undefined;
  };
  expect(formulationOf()).not.toHaveProperty("heatHere");
  const heat = { climb: 0.5 };
  changeKitchen(db, { learned: { ...NOTHING_LEARNED, heat } });
  expect(formulationOf()?.heatHere).toEqual(heat);
  const batchId = "bbbbbbbb-bbbb-4bbb-8bbb-bbbbbbbbbbbb";
  startDish(db, id, "chops", { batchId, baseRevision: 1, acknowledgements: [] }, NOW);
  expect(loadBatch(db, batchId).formulation.heatHere).toEqual(heat);
});

test("a dish that is only cooked is lit for as this kitchen's oven takes, and by the usual again once that is forgotten", () => {
  const roots = {
    kind: "plain" as const,
    id: "roots",
    name: "Roots",
    prepMin: 10,
    trays: [{ name: "tray", minutes: 40 }],
    ovenC: 200,
    holdMin: 20,
  };
  const tableMs = NOW + 6 * HOUR;
  const { id } = createSitting(db, { name: "S", tableMs, dishes: [roots], ...USUAL_HOURS }, NOW);
  const litMin = () => {
    const [first] = loadSitting(db, id, NOW).body.dishes;
    if (first.kind !== "plain") throw new Error("no plain dish");
    return plainProgram(first).steps.find((s) => s.kind === "preheat")?.minutes.likely;
  };
  expect(litMin()).toBe(20);
  changeKitchen(db, { learned: { ...NOTHING_LEARNED, heat: { heatUp: 1.35 } } });
  expect(litMin()).toBe(27);
  changeKitchen(db, { learned: NOTHING_LEARNED });
  expect(litMin()).toBe(20);
});

test("a dish to be started is planned with the rate it will be started with: nothing moves when it is", () => {
  soaked(brine, 60, 0.03);
  takeRate(db, brine.foodId, NOW);
  const formulation = { ...withPreparation(brine, "dry"), hours: { mode: "stretch" as const } };
  const dish = { kind: "formula" as const, id: "chops", name: "Chops", formulaId: null, formulation };
  const { id } = createSitting(
    db,
    { name: "S", tableMs: NOW + 45 * HOUR, dishes: [dish], ...USUAL_HOURS },
    NOW,
  );
  const before = loadSitting(db, id, NOW);
  expect(requestOf(before).dishes[0]).toMatchObject({
    rateFactor: loadKitchen(db).rates[brine.foodId].factor,
  });
  const batchId = "cccccccc-cccc-4ccc-8ccc-cccccccccccc";
  startDish(db, id, "chops", { batchId, baseRevision: 1, acknowledgements: [] }, NOW);
  const starts = (view: typeof before) =>
    view.plan.answer.status === "planned" ? view.plan.answer.tasks.map((t) => [t.id, t.startMs]) : [];
  expect(starts(before).length).toBeGreaterThan(5);
  expect(starts(loadSitting(db, id, NOW))).toEqual(starts(before));
});

test("the archive carries what was decided", async () => {
  const learned = {
    heat: { climb: 0.7 },
    leftOut: ["b1"],
    ovenReadings: [{ dialC: 180, readC: 168, atMs: NOW }],
  };
  changeKitchen(db, { learned });
  const tables = await readArchive(await archiveOf(db, NOW));
  expect(tables.kitchen).toMatchObject([{ learned }]);
});

test("the example kitchen has learnt something of everything, and holds to none of it yet", () => {
  loadDemoKitchen(db, NOW);
  const { rates, oven, climb, heat, score } = loadLearned(db);
  expect(rates.map((r) => r.foodId)).toContain("pork_loin_bonein");
  expect(rates[0].readyH?.learnt).toBeLessThan(rates[0].readyH?.table ?? 0);
  expect(oven?.offC).toBeLessThan(-5);
  expect(climb?.batches.length).toBeGreaterThan(2);
  expect(heat).toEqual({});
  expect(score.real.all.length).toBeGreaterThan(6);
});
