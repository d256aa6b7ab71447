import { chops } from "@/core/formula/formulation.fixture";
import { withPreparation } from "@/core/formula/offer/offered";
import { trayOf, USUAL_HOURS } from "@/core/schedule/sitting.fixture";
import { startBatch } from "./batches";
import { liftBatch } from "./taken-out";
import { openDatabase, type Db } from "./database";
import { loadShelfView } from "./shelf";
import { createSitting, confirmSittingAct, loadSitting, startDish } from "./sittings";
import { confirmAct, judgeBatch, undoAct } from "./work";

const NOW = Date.UTC(2026, 10, 27, 12);
const MIN = 60_000;
const HOUR = 60 * MIN;
let db: Db;
beforeEach(() => {
  db = openDatabase(":memory:");
});

const dry = { ...withPreparation(chops(), "dry"), pullH: 12 };
const begin = (startAtMs: number, formulation = dry) =>
  startBatch(db, { formulaId: null, formulation, startAtMs, acknowledgements: [] }, startAtMs).id;

test("an empty kitchen's shelf is empty", () => {
  expect(loadShelfView(db, NOW)).toMatchObject({
    empty: true,
    acts: [],
    sittings: [],
    kept: [],
    fridge: { usedL: 0, ofL: 120 },
  });
});

test("acts of what is running, by the clock, without what is done; the fridge by what soaks in it", () => {
  const id = begin(NOW - 2 * HOUR);
  const before = loadShelfView(db, NOW);
  expect(before.acts.map((a) => a.atMs)).toEqual([...before.acts.map((a) => a.atMs)].sort((a, b) => a - b));
  const out = before.acts.find((a) => a.id === `${id}/lift_out`);
  expect(out).toMatchObject({ atMs: NOW + 10 * HOUR, dish: dry.name, href: `/work/${id}` });
  expect(before.fridge.usedL).toBeGreaterThan(1);
  confirmAct(db, id, "lift_out", { atMs: NOW }, NOW);
  expect(loadShelfView(db, NOW).acts.some((a) => a.id === `${id}/lift_out`)).toBe(false);
});

test("tonight and tomorrow: what is further off, or half an hour behind, is not spoken of", () => {
  const id = begin(NOW - 2 * HOUR, { ...dry, pullH: 38 });
  const has = (nowMs: number) => loadShelfView(db, nowMs).acts.some((a) => a.id === `${id}/lift_out`);
  const outMs = NOW + 36 * HOUR;
  expect([has(NOW - 1), has(NOW)]).toEqual([false, true]);
  expect([has(outMs + 30 * MIN), has(outMs + 30 * MIN + 1)]).toEqual([true, false]);
});

describe("a sitting to come", () => {
  const body = (tableMs: number) => ({
    name: "Saturday",
    tableMs,
    dishes: [
      { kind: "formula" as const, id: "chops", name: "Chops", formulaId: null, formulation: dry },
      trayOf("Roots", 50),
    ],
    ...USUAL_HOURS,
  });

  test("is said not to be planned, then as its plan stands; looking plans nothing", () => {
    const { id } = createSitting(db, body(NOW + 30 * HOUR), NOW);
    expect(loadShelfView(db, NOW).sittings).toMatchObject([{ id, name: "Saturday", state: "undecided" }]);
    expect(loadShelfView(db, NOW).sittings[0].state).toBe("undecided");
    loadSitting(db, id, NOW);
    const { sittings, acts } = loadShelfView(db, NOW);
    expect(sittings).toMatchObject([{ state: "fits", dishes: ["Chops", "Roots"] }]);
    expect(acts.every((a) => a.href === `/sitting/${id}`)).toBe(true);
    expect(acts.some((a) => a.dish === "Chops")).toBe(true);
    createSitting(db, { ...body(NOW + 2 * HOUR), name: "Too soon" }, NOW);
    const soon = loadShelfView(db, NOW).sittings[0];
    loadSitting(db, soon.id, NOW);
    expect(loadShelfView(db, NOW).sittings.map((s) => s.state)).toEqual(["clash", "fits"]);
  });

  test("its running dishes are told once, by its plan; what was ticked off is gone", () => {
    const { id } = createSitting(db, body(NOW + 30 * HOUR), NOW);
    loadSitting(db, id, NOW);
    const batchId = "aaaaaaaa-aaaa-4aaa-8aaa-aaaaaaaaaaaa";
    startDish(db, id, "chops", { batchId, baseRevision: 1, acknowledgements: [] }, NOW);
    loadSitting(db, id, NOW);
    const { acts } = loadShelfView(db, NOW);
    const ids = acts.map((a) => a.id);
    expect(new Set(ids).size).toBe(ids.length);
    expect(ids.some((a) => a.startsWith(batchId))).toBe(false);
    // Gone in late, its soak is cut short for the table: the card has the hour of the plan.
    const started = loadShelfView(db, NOW).running[0];
    const lateMs = started.startedAtMs + 5 * HOUR;
    confirmAct(db, batchId, "go_in", { atMs: lateMs }, lateMs);
    loadSitting(db, id, lateMs);
    const late = loadShelfView(db, lateMs);
    const out = late.acts.find((a) => a.id === "chops/lift_out");
    expect(late.running[0].plannedLiftAtMs).toBe(out?.atMs);
    expect(late.running[0].plannedLiftAtMs).not.toBe(started.plannedLiftAtMs + 5 * HOUR);
    undoAct(db, batchId, "go_in", NOW);
    const first = acts.find((a) => a.dish === "Chops");
    confirmAct(db, batchId, first?.id.split("/")[1] ?? "", { atMs: NOW }, NOW);
    confirmSittingAct(db, id, { taskId: "roots/prep", atMs: NOW }, NOW);
    const left = loadShelfView(db, NOW).acts.map((a) => a.id);
    expect(left).not.toContain(first?.id);
    expect(left).not.toContain("roots/prep");
  });

  test("an hour after its table it is no more to come", () => {
    createSitting(db, body(NOW), NOW);
    expect(loadShelfView(db, NOW + HOUR).sittings).toHaveLength(1);
    expect(loadShelfView(db, NOW + HOUR + 1).sittings).toHaveLength(0);
  });
});

test("what was lifted out and not eaten has its days, counted from before the soak; judged, it was eaten", () => {
  const id = begin(NOW - 30 * HOUR, { ...dry, pieces: { ...dry.pieces, daysRaw: 1 } });
  liftBatch(db, id, NOW - HOUR, NOW - HOUR);
  // Whole cuts of pork keep five days raw (USDA FSIS, from memory); one was over when they went in.
  const useByMs = NOW - 30 * HOUR + 4 * 24 * HOUR;
  expect(loadShelfView(db, NOW).kept).toEqual([{ batchId: id, useByMs, wentOn: false }]);
  judgeBatch(db, id, { faults: [], words: "", salt: 0 }, NOW);
  expect(loadShelfView(db, NOW).kept).toEqual([]);
});

test("in the oven, it has no days to be cooked in any more, and is not offered to be put back", () => {
  const id = begin(NOW - 30 * HOUR, { ...dry, cook: { toC: 63, minutes: 60, restMin: 5, ovenC: 180 } });
  liftBatch(db, id, NOW - HOUR, NOW - HOUR);
  confirmAct(db, id, "stage_1", { atMs: NOW }, NOW);
  expect(loadShelfView(db, NOW).kept).toEqual([{ batchId: id, useByMs: null, wentOn: true }]);
});
