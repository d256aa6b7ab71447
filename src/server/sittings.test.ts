import type { SittingBody } from "@/contracts/sitting";
import { chops } from "@/core/formula/formulation.fixture";
import { trayOf, USUAL_HOURS } from "@/core/schedule/sitting.fixture";
import { findAnything } from "./find";
import { liftBatch, startBatch } from "./batches";
import { openDatabase, type Db } from "./database";
import { Refusal } from "./problem";
import { keepSample } from "./samples";
import { createSitting, listSittings, loadSitting, removeSitting, saveSitting } from "./sittings";
import { confirmAct } from "./work";

const NOW = Date.UTC(2026, 10, 27, 9);
const MIN = 60_000;
const HOUR = 60 * MIN;
let db: Db;

beforeEach(() => {
  db = openDatabase(":memory:");
});

const body = (part: Partial<SittingBody> = {}): SittingBody => ({
  name: "Saturday",
  tableMs: NOW + 33 * HOUR,
  dishes: [trayOf("Roots", 50)],
  ...USUAL_HOURS,
  ...part,
});

/** Chops with an oven, under way since an hour. */
function underWay(): string {
  const formulation = chops({ cook: { toC: 63, minutes: 40, restMin: 5, ovenC: 180 } });
  const request = { formulaId: null, formulation, startAtMs: NOW - HOUR, acknowledgements: [] };
  return startBatch(db, request, NOW).id;
}

const withBatch = (batchId: string) =>
  createSitting(db, body({ dishes: [{ kind: "running", id: "chops", name: "Chops", batchId }] }), NOW).id;

test("kept, read back, listed by its table, the latest first, and taken out", () => {
  const { id } = createSitting(db, body(), NOW);
  const later = createSitting(db, body({ name: "Sunday", tableMs: NOW + 57 * HOUR }), NOW);
  expect(loadSitting(db, id, NOW)).toMatchObject({ revision: 1, body: body(), running: [] });
  expect(listSittings(db).map((s) => [s.name, s.dishes])).toEqual([
    ["Sunday", ["Roots"]],
    ["Saturday", ["Roots"]],
  ]);
  removeSitting(db, later.id);
  expect(listSittings(db).map((s) => s.id)).toEqual([id]);
  expect(() => loadSitting(db, later.id, NOW)).toThrow(Refusal);
});

test("of two cooks who change it at once the second is told, and nothing of the first's is lost", () => {
  const { id } = createSitting(db, body(), NOW);
  const mine = body({ name: "Mine" });
  expect(saveSitting(db, id, { body: body({ name: "Theirs" }), baseRevision: 1 }, NOW)).toEqual({
    revision: 2,
  });
  let refused: unknown;
  try {
    saveSitting(db, id, { body: mine, baseRevision: 1 }, NOW);
  } catch (error) {
    refused = error;
  }
  expect(refused).toMatchObject({ status: 409, extra: { currentVersion: 2 } });
  expect(loadSitting(db, id, NOW).body.name).toBe("Theirs");
  expect(saveSitting(db, id, { body: mine, baseRevision: 2 }, NOW)).toEqual({ revision: 3 });
});

test("one that is not there is not saved", () => {
  expect(() => saveSitting(db, "none", { body: body(), baseRevision: 1 }, NOW)).toThrow(Refusal);
});

describe("a dish that a batch stands behind", () => {
  test("brings what was done: gone in when it started, acts as confirmed, the lift-out as lifted", () => {
    const batchId = underWay();
    confirmAct(db, batchId, "weigh_out", { atMs: NOW - HOUR }, NOW);
    const id = withBatch(batchId);
    const done = () => loadSitting(db, id, NOW).running[0].doneMs;
    expect(done()).toEqual({ go_in: NOW - HOUR, weigh_out: NOW - HOUR });
    liftBatch(db, batchId, NOW - MIN, NOW);
    expect(done()).toMatchObject({ lift_out: NOW - MIN });
  });

  test("not gone in yet, it may still be moved", () => {
    const request = { formulaId: null, formulation: chops(), startAtMs: NOW + HOUR, acknowledgements: [] };
    const id = withBatch(startBatch(db, request, NOW).id);
    expect(loadSitting(db, id, NOW).running[0].doneMs).toEqual({});
    expect(loadSitting(db, id, NOW + 2 * HOUR).running[0].doneMs).toEqual({ go_in: NOW + HOUR });
  });

  test("whose batch is gone is left out, and the sitting still opens", () => {
    const id = withBatch("gone");
    const { running, body: kept } = loadSitting(db, id, NOW);
    expect(running).toEqual([]);
    expect(kept.dishes).toHaveLength(1);
  });

  test("in the oven, its probe's readings foresee the finish; without them nothing is foreseen", () => {
    const batchId = underWay();
    const id = withBatch(batchId);
    confirmAct(db, batchId, "stage_1", { atMs: NOW }, NOW);
    expect(loadSitting(db, id, NOW).running[0].forecastMs).toBeUndefined();
    // A core that rises as a thick piece does: slowly, then a degree a minute.
    for (let min = 0; min <= 30; min++)
      keepSample(
        db,
        batchId,
        { channel: "probe", atMs: NOW + min * MIN, value: 6 + 0.028 * min ** 2 + 0.3 * min },
        NOW + 30 * MIN,
      );
    const { forecastMs } = loadSitting(db, id, NOW + 30 * MIN).running[0];
    expect(forecastMs).toBeGreaterThan(NOW + 31 * MIN);
    expect(forecastMs).toBeLessThan(NOW + 120 * MIN);
  });
});

test("found by its own name and by its dishes'", () => {
  const { id } = createSitting(db, body({ name: "Étienne’s supper" }), NOW);
  for (const text of ["étienne", "ÉTIENNE SUPPER", "roots"])
    expect(findAnything(db, text)).toContainEqual({
      key: `sitting/${id}`,
      kind: "sitting",
      name: "Étienne’s supper",
      href: `/sitting/${id}`,
    });
});
