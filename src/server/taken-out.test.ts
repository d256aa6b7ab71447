import { chops } from "@/core/formula/formulation.fixture";
import type { Formulation } from "@/core/formulation";
import { saltHeld } from "./as-lifted";
import { finishedBatches, loadBatch, runningBatches } from "./batch-views";
import { startBatch } from "./batches";
import { openDatabase, type Db } from "./database";
import { CELERIAC } from "./demo/fish-and-crusts";
import { liftBatch, undoLift } from "./taken-out";
import { confirmAct, loadWork, undoAct } from "./work";

const NOW = Date.UTC(2026, 10, 27, 20);
const MIN = 60_000;
const HOUR = 60 * MIN;
const COOK = { toC: 63, minutes: 60, restMin: 5, ovenC: 180 };
let db: Db;
let id: string;

const started = (f: Formulation) =>
  startBatch(db, { formulaId: null, formulation: f, startAtMs: NOW, acknowledgements: [] }, NOW).id;
const tick = (act: string, atMs: number, how = {}) => confirmAct(db, id, act, { atMs, ...how }, atMs);
const liftedAt = () => loadBatch(db, id).liftedAtMs;
const done = () => loadWork(db, id, NOW + 30 * HOUR).done;
const kinds = () => loadBatch(db, id).events.map((e) => e.kind);

beforeEach(() => {
  db = openDatabase(":memory:");
  id = started(chops({ cook: COOK }));
  tick("go_in", NOW);
});

test("taken out on the Shelf, it is so at work; put back there, it stands in its brine at work too", () => {
  liftBatch(db, id, NOW + 20 * HOUR, NOW + 20 * HOUR);
  expect(done()).toMatchObject({ lift_out: NOW + 20 * HOUR });
  undoLift(db, id, NOW + 21 * HOUR);
  expect(done()).not.toHaveProperty("lift_out");
  expect(liftedAt()).toBeNull();
});

test.each(["lift_out", "stage_1", "oven_out", "serve"])(
  "ticked off at work, %s takes it off the Shelf",
  (act) => {
    tick(act, NOW + 20 * HOUR);
    expect(liftedAt()).toBe(NOW + 20 * HOUR);
    expect(runningBatches(db)).toEqual([]);
    expect(finishedBatches(db)).toHaveLength(1);
    expect(kinds()).toEqual(["started", "act_done", "act_done", "lifted"]);
    undoAct(db, id, act, NOW + 21 * HOUR);
    expect(liftedAt()).toBeNull();
    expect(kinds().slice(-2)).toEqual(["act_undone", "lift_undone"]);
  },
);

test.each(["weigh_out", "chill_brine", "dry"])("%s says nothing of whether it is out", (act) => {
  tick(act, NOW + 20 * HOUR);
  expect(liftedAt()).toBeNull();
});

test("what was said not to be done takes nothing out", () => {
  tick("lift_out", NOW + 20 * HOUR, { notDone: true });
  expect(liftedAt()).toBeNull();
});

test("the first that shows it out stands; one taken back, another still shows it", () => {
  tick("lift_out", NOW + 20 * HOUR);
  tick("stage_1", NOW + 21 * HOUR);
  expect(liftedAt()).toBe(NOW + 20 * HOUR);
  undoAct(db, id, "lift_out", NOW + 21 * HOUR);
  expect(liftedAt()).toBe(NOW + 20 * HOUR);
});

test("in the oven by what was ticked, it is not put back on the Shelf before that is taken back", () => {
  tick("lift_out", NOW + 20 * HOUR);
  tick("stage_1", NOW + 21 * HOUR);
  expect(() => undoLift(db, id, NOW + 21 * HOUR)).toThrow("Take that back at work first");
  expect([liftedAt(), done().lift_out]).toEqual([NOW + 20 * HOUR, NOW + 20 * HOUR]);
  undoAct(db, id, "stage_1", NOW + 21 * HOUR);
  undoLift(db, id, NOW + 21 * HOUR);
  expect(liftedAt()).toBeNull();
});

test("said not to have gone in, and cooked all the same, it stood no time and holds next to no salt", () => {
  const other = started(chops({ cook: COOK }));
  confirmAct(db, other, "go_in", { atMs: NOW + HOUR, notDone: true }, NOW + HOUR);
  confirmAct(db, other, "stage_1", { atMs: NOW + 20 * HOUR }, NOW + 20 * HOUR);
  const { startedAtMs, liftedAtMs } = loadBatch(db, other);
  expect([startedAtMs, liftedAtMs]).toEqual([NOW + 20 * HOUR, NOW + 20 * HOUR]);
  expect(saltHeld(db, other)).toBeLessThan(0.002);
  // Taken back, it is to go in when it was planned.
  undoAct(db, other, "stage_1", NOW + 21 * HOUR);
  expect(loadBatch(db, other)).toMatchObject({ startedAtMs: NOW, liftedAtMs: null });
});

test.each([
  ["just before the hour it was to go in", -1, NOW - 1],
  ["at it", 0, NOW],
  ["just after it", 1, NOW],
])("cooked %s and never ticked off as gone in: nothing is refused", (_, by, startedAtMs) => {
  const other = started(chops({ cook: COOK }));
  confirmAct(db, other, "stage_1", { atMs: NOW + by }, NOW + HOUR);
  expect(loadBatch(db, other)).toMatchObject({ startedAtMs, liftedAtMs: NOW + by });
});

test("baked in a crust, it is out when it leaves the oven, on the Shelf and at work", () => {
  id = started(CELERIAC);
  tick("go_in", NOW);
  expect(liftedAt()).toBeNull();
  tick("oven_out", NOW + HOUR);
  expect(liftedAt()).toBe(NOW + HOUR);
  undoAct(db, id, "oven_out", NOW + HOUR);
  liftBatch(db, id, NOW + HOUR, NOW + HOUR);
  expect(done()).toMatchObject({ oven_out: NOW + HOUR });
});
