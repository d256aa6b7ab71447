import { chops } from "@/core/formula/formulation.fixture";
import { loadBatch } from "./batch-views";
import { startBatch } from "./batches";
import { liftBatch } from "./taken-out";
import { openDatabase, type Db } from "./database";
import { addReading } from "./readings";
import { listRecord } from "./record";
import { replaceAll } from "./safekeeping/replace";
import { TABLES } from "./safekeeping/tables";
import { batches } from "./schema";
import { confirmAct, loadWork, undoAct } from "./work";

const NOW = Date.UTC(2026, 10, 27, 20);
const MIN = 60_000;
const HOUR = 60 * MIN;
const DAY = 24 * HOUR;
const NEWEST = { sort: "newest", page: 1, find: "", kind: "all", judged: "all", cols: "" } as const;
let db: Db;

beforeEach(() => {
  db = openDatabase(":memory:");
});

const started = (startAtMs: number) =>
  startBatch(db, { formulaId: null, formulation: chops(), startAtMs, acknowledgements: [] }, NOW).id;
const goesIn = (id: string, atMs: number) => confirmAct(db, id, "go_in", { atMs }, atMs);
const bathRead = (id: string, atMs: number, saltFraction: number) =>
  addReading(db, id, { atMs, reading: { kind: "bathStrength", saltFraction } }, atMs);

test.each([
  ["late", 70 * MIN],
  ["early", -25 * MIN],
])("gone in %s, it stands from then, as long as was planned; taken back, the plan stands again", (_, by) => {
  const id = started(NOW + HOUR);
  const planned = loadBatch(db, id);
  goesIn(id, NOW + HOUR + by);
  const view = loadBatch(db, id);
  expect(view.startedAtMs).toBe(NOW + HOUR + by);
  expect(view.plannedLiftAtMs - view.startedAtMs).toBe(planned.plannedLiftAtMs - planned.startedAtMs);
  expect(loadWork(db, id, NOW).startedAtMs).toBe(NOW + HOUR + by);
  undoAct(db, id, "go_in", NOW + 3 * HOUR);
  expect(loadBatch(db, id)).toMatchObject({
    startedAtMs: planned.startedAtMs,
    plannedLiftAtMs: planned.plannedLiftAtMs,
  });
});

test("gone in and out before the hour it was planned for, the record has the hours it stood", () => {
  const id = started(NOW + HOUR);
  goesIn(id, NOW);
  liftBatch(db, id, NOW + 20 * MIN, NOW + 20 * MIN);
  const [row] = listRecord(db, NEWEST).rows;
  expect((row?.liftedAtMs ?? 0) - (row?.startedAtMs ?? 0)).toBe(20 * MIN);
});

test("said not to have gone in, or ticked off again, nothing moves", () => {
  const id = started(NOW);
  confirmAct(db, id, "go_in", { atMs: NOW + HOUR, notDone: true }, NOW + HOUR);
  expect(loadBatch(db, id).startedAtMs).toBe(NOW);
  const other = started(NOW);
  goesIn(other, NOW + MIN);
  goesIn(other, NOW + HOUR);
  expect(loadBatch(db, other).startedAtMs).toBe(NOW + MIN);
});

test.each([
  ["out just before it went in", -1, NOW],
  ["out as it went in", 0, NOW + HOUR],
])("taken %s", (_, outLater, startedAtMs) => {
  const id = started(NOW);
  liftBatch(db, id, NOW + HOUR + outLater, NOW + HOUR);
  goesIn(id, NOW + HOUR);
  expect(loadBatch(db, id).startedAtMs).toBe(startedAtMs);
});

test("a bath is reckoned with from the hour the food went in: the rate is that of a batch started then", () => {
  const late = started(NOW);
  const then = started(NOW + 2 * HOUR);
  bathRead(late, NOW + 5 * HOUR, 0.045);
  const before = loadBatch(db, late).rate;
  goesIn(late, NOW + 2 * HOUR);
  bathRead(then, NOW + 5 * HOUR, 0.045);
  expect(loadBatch(db, late).rate).toEqual(loadBatch(db, then).rate);
  expect(loadBatch(db, late).rate.factor).toBeGreaterThan(before.factor);
});

test("what was read before it went in teaches nothing", () => {
  const id = started(NOW);
  bathRead(id, NOW + HOUR, 0.045);
  goesIn(id, NOW + 2 * HOUR);
  expect(loadBatch(db, id).rate).toEqual(loadBatch(db, id).prior);
});

test.each([
  [14 * DAY - 1, true],
  [14 * DAY, true],
  [14 * DAY + 1, false],
])("it went in no more than fourteen days ago: %d ms", (ago, taken) => {
  const id = started(NOW);
  const tick = () => confirmAct(db, id, "go_in", { atMs: NOW - ago }, NOW);
  if (taken) expect(tick()).toMatchObject({ already: false });
  else expect(tick).toThrow("within the last 14 days");
  expect(loadBatch(db, id).startedAtMs).toBe(taken ? NOW - ago : NOW);
});

test("rows of an earlier program, which kept the hour of the plan, are set right as they are put in place", () => {
  const id = started(NOW);
  goesIn(id, NOW + HOUR);
  const right = loadBatch(db, id);
  db.update(batches)
    .set({ startedAtMs: NOW, plannedLiftAtMs: right.plannedLiftAtMs - HOUR })
    .run();
  const from = openDatabase(":memory:");
  replaceAll(from, (name) => db.select().from(TABLES[name]).all());
  expect(loadBatch(from, id)).toMatchObject({
    startedAtMs: NOW + HOUR,
    plannedLiftAtMs: right.plannedLiftAtMs,
  });
});
