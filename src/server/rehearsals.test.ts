import { takeSamples } from "./instruments";
import { trayOf, USUAL_HOURS } from "@/core/schedule/sitting.fixture";
import { chops } from "@/core/formula/formulation.fixture";
import type { SittingBody } from "@/contracts/sitting";
import { batchTime } from "@/core/program/batch-clock";
import { loadAtWorkView } from "./at-work";
import { liftBatch } from "./taken-out";
import { openDatabase, type WholeDb } from "./database";
import { findAnything } from "./find";
import { endRehearsal, paceRehearsal, rehearseSitting } from "./rehearsals";
import { loadShelfView } from "./shelf";
import { createSitting, loadSitting, planAgain } from "./sittings";
import { TABLE_NAMES, TABLES } from "./safekeeping/tables";
import { judgeBatch, loadWork } from "./work";
import { listRecord, madeOfFormulas, nextTime, trendPoints, wholeRecord } from "./record";
import { recordQuery } from "@/contracts/record";

const NOW = Date.UTC(2026, 10, 27, 9);
const MIN = 60_000;
const HOUR = 60 * MIN;
const TABLE = NOW + 57 * HOUR;
let db: WholeDb;
let realId: string;

const CHOPS = chops({ cook: { toC: 63, minutes: 40, restMin: 5, ovenC: 180 } });
const body: SittingBody = {
  name: "Saturday",
  tableMs: TABLE,
  dishes: [
    { kind: "formula", id: "chops", name: "Chops", formulaId: null, formulation: CHOPS },
    trayOf("Roots", 50),
  ],
  ...USUAL_HOURS,
};

beforeEach(() => {
  db = openDatabase(":memory:");
  realId = createSitting(db, body, NOW).id;
  loadSitting(db, realId, NOW);
});

const rowsIn = () => TABLE_NAMES.map((name) => [name, db.select().from(TABLES[name]).all().length]);

test("an evening rehearsed begins just before its first act, sixty times as fast, with all before it done", () => {
  const { id } = rehearseSitting(db, realId, NOW);
  const { clock, body: copy, plan } = loadSitting(db, id, NOW);
  expect(copy.name).toBe("Saturday, rehearsed");
  expect(clock.speed).toBe(60);
  const own = (wallMs: number) => batchTime(clock, wallMs);
  expect(own(NOW)).toBeGreaterThan(TABLE - 8 * HOUR - 6 * MIN);
  expect(own(NOW)).toBeLessThan(TABLE - HOUR);
  // Ten minutes of the wall's clock are ten hours there.
  expect(own(NOW + 10 * MIN) - own(NOW)).toBe(600 * MIN);
  if (plan.answer.status !== "planned") throw new Error(plan.answer.status);
  const dish = copy.dishes.find((d) => d.kind === "running");
  const work = loadWork(db, dish?.kind === "running" ? dish.batchId : "", NOW);
  expect(work.clock).toEqual(clock);
  for (const task of plan.answer.tasks.filter((t) => t.dishId === "chops" && t.handsOn))
    expect({ id: task.stepId, done: task.stepId in work.done }).toEqual({
      id: task.stepId,
      done: task.startMs < own(NOW),
    });
  // The next act is minutes away there.
  const next = plan.answer.tasks.find((t) => t.handsOn && t.startMs >= own(NOW));
  expect((next?.startMs ?? 0) - own(NOW)).toBe(5 * MIN);
});

test("its probe reads the food's own cold until the oven has it", () => {
  const { id } = rehearseSitting(db, realId, NOW);
  const { body: copy, clock } = loadSitting(db, id, NOW);
  const dish = copy.dishes.find((d) => d.kind === "running");
  const batchId = dish?.kind === "running" ? dish.batchId : "";
  // To the table's hour, by the wall.
  const atTableMs = NOW + (TABLE - clock.ownMs) / clock.speed;
  while (takeSamples(db, atTableMs) > 0);
  const work = loadWork(db, batchId, atTableMs);
  const cores = work.readings.filter((r) => r.channel === "probe").map((r) => r.value);
  expect(cores.length).toBeGreaterThan(5);
  expect(Math.max(...cores)).toBeLessThan(10);
});

test("the kitchen itself shows nothing of it, and it nothing of the kitchen", async () => {
  const shelfBefore = loadShelfView(db, NOW);
  const { id } = rehearseSitting(db, realId, NOW);
  const shelf = loadShelfView(db, NOW);
  expect(shelf.running).toEqual([]);
  expect(shelf.acts).toEqual(shelfBefore.acts);
  expect(shelf.fridge).toEqual(shelfBefore.fridge);
  expect(shelf.sittings.map((s) => [s.name, s.rehearsal])).toEqual([
    ["Saturday", false],
    ["Saturday, rehearsed", true],
  ]);
  expect((await loadAtWorkView(db, {}, NOW)).batches).toEqual([]);
  const rehearsed = await loadAtWorkView(db, { rehearsalId: id }, NOW);
  expect(rehearsed.batches.map((b) => b.name)).toEqual([CHOPS.name]);
  expect(rehearsed.sittings.map((s) => s.id)).toEqual([id]);
});

test("lifted and judged in its rehearsal, a batch is in no record, no list and no advice", () => {
  const { id } = rehearseSitting(db, realId, NOW);
  const { body: copy, clock } = loadSitting(db, id, NOW);
  const dish = copy.dishes.find((d) => d.kind === "running");
  const batchId = dish?.kind === "running" ? dish.batchId : "";
  const later = NOW + 10 * MIN;
  liftBatch(db, batchId, Math.round(batchTime(clock, later)) - MIN, later);
  judgeBatch(db, batchId, { salt: 2, faults: [], words: "" }, later);
  expect(listRecord(db, recordQuery.parse({})).total).toBe(0);
  expect(trendPoints(db)).toEqual([]);
  expect(wholeRecord(db)).toEqual([]);
  expect(nextTime(db, CHOPS)).toEqual([]);
  expect(madeOfFormulas(db)).toEqual({});
  expect(findAnything(db, CHOPS.name).filter((f) => f.key.startsWith("batch"))).toEqual([]);
  endRehearsal(db, id);
});

test("paced anew all of it keeps one time; ended, nothing of it is left", () => {
  const before = rowsIn();
  const { id } = rehearseSitting(db, realId, NOW);
  paceRehearsal(db, id, 600, NOW + MIN);
  const view = loadSitting(db, id, NOW + MIN);
  const dish = view.body.dishes.find((d) => d.kind === "running");
  expect(loadWork(db, dish?.kind === "running" ? dish.batchId : "", NOW + MIN).clock).toEqual(view.clock);
  expect(view.clock.speed).toBe(600);
  expect(planAgain(db, id, NOW + MIN).plan.plannedAtMs).toBe(view.clock.ownMs);
  endRehearsal(db, id);
  expect(rowsIn()).toEqual(before);
});

test("what does not fit, what is a rehearsal already, and what is none, is refused", () => {
  const tight = createSitting(db, { ...body, kitchen: { ...body.kitchen, ovens: 0 } }, NOW);
  expect(() => rehearseSitting(db, tight.id, NOW)).toThrow(/cannot be rehearsed/);
  const { id } = rehearseSitting(db, realId, NOW);
  expect(() => rehearseSitting(db, id, NOW)).toThrow(/rehearsal itself/);
  expect(() => endRehearsal(db, realId)).toThrow(/no such rehearsal/);
  expect(() => rehearseSitting(db, "none", NOW)).toThrow(/no such sitting/);
});
