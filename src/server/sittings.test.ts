import type { SittingBody } from "@/contracts/sitting";
import { chops } from "@/core/formula/formulation.fixture";
import { preparationOffered } from "@/core/formula/offer/defaults";
import { trayOf, USUAL_HOURS } from "@/core/schedule/sitting.fixture";
import { loadBatch } from "./batch-views";
import { startBatch } from "./batches";
import { liftBatch } from "./taken-out";
import { openDatabase, type Db } from "./database";
import { findAnything } from "./find";
import { Refusal } from "./problem";
import { keepSample } from "./samples";
import { saveSitting } from "./saved-sitting.fixture";
import { sittingActs } from "./schema";
import {
  confirmSittingAct,
  createSitting,
  listSittings,
  loadSitting,
  planAgain,
  removeSitting,
  startDish,
  undoSittingAct,
} from "./sittings";
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
  expect(saveSitting(db, id, { body: body({ name: "Theirs" }), baseRevision: 1 }, NOW)).toMatchObject({
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
  expect(saveSitting(db, id, { body: mine, baseRevision: 2 }, NOW)).toMatchObject({ revision: 3 });
});

test("sent again because its answer was lost, it is saved once, and nobody else is said to have changed it", () => {
  const { id } = createSitting(db, body(), NOW);
  const mine = { body: body({ name: "Mine" }), baseRevision: 1 };
  saveSitting(db, id, mine, NOW);
  expect(saveSitting(db, id, mine, NOW)).toMatchObject({ revision: 2, body: { name: "Mine" } });
  // What came after it is another's, or one's own by another way.
  saveSitting(db, id, { body: body({ name: "Theirs" }), baseRevision: 2 }, NOW);
  expect(() => saveSitting(db, id, mine, NOW)).toThrow(Refusal);
  expect(loadSitting(db, id, NOW)).toMatchObject({ revision: 3, body: { name: "Theirs" } });
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
    // Entered as gone in an hour ago, it was got ready before that.
    expect(done()).toMatchObject({ go_in: NOW - HOUR, weigh_out: expect.any(Number) });
    expect(done()).not.toHaveProperty("lift_out");
    liftBatch(db, batchId, NOW - MIN, NOW);
    expect(done()).toMatchObject({ lift_out: NOW - MIN });
  });

  test("not gone in yet, it may still be moved", () => {
    const request = { formulaId: null, formulation: chops(), startAtMs: NOW + HOUR, acknowledgements: [] };
    const id = withBatch(startBatch(db, request, NOW).id);
    const doneAt = (ms: number) => loadSitting(db, id, ms).running[0].doneMs;
    expect(doneAt(NOW)).toEqual({});
    expect(doneAt(NOW + 2 * HOUR)).toEqual({ go_in: NOW + HOUR });
    // Asked for at work and not ticked off, it is still to be done in the plan as well: for a quarter of an hour.
    expect(doneAt(NOW + HOUR + 15 * MIN - 1)).toEqual({});
    expect(doneAt(NOW + HOUR + 15 * MIN)).toEqual({ go_in: NOW + HOUR });
    expect(doneAt(NOW + HOUR + 15 * MIN + 1)).toEqual({ go_in: NOW + HOUR });
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
    expect(loadSitting(db, id, NOW).running[0].outMs).toBeUndefined();
    // A core that rises as a thick piece does: slowly, then a degree a minute.
    for (let min = 0; min <= 30; min++)
      keepSample(
        db,
        batchId,
        { channel: "probe", atMs: NOW + min * MIN, value: 6 + 0.028 * min ** 2 + 0.3 * min },
        NOW + 30 * MIN,
      );
    const forecastMs = loadSitting(db, id, NOW + 30 * MIN).running[0].outMs?.probe;
    expect(forecastMs).toBeGreaterThan(NOW + 31 * MIN);
    expect(forecastMs).toBeLessThan(NOW + 120 * MIN);
  });
});

describe("its plan is decided, kept and shared", () => {
  const chopsDish = {
    kind: "formula" as const,
    id: "chops",
    name: "Chops",
    formulaId: null,
    formulation: chops({
      pieces: { ...chops().pieces, shape: "slab" },
      preparation: preparationOffered("dry", 0.012),
      readiness: "outside",
      pullH: 8,
      cook: { toC: 63, minutes: 40, restMin: 5, ovenC: 180 },
    }),
  };
  const planned = (id: string, nowMs: number) => {
    const { answer } = loadSitting(db, id, nowMs).plan;
    if (answer.status !== "planned") throw new Error(answer.status);
    return answer;
  };

  test("looked at hours later it is the same plan; the clock moves nothing", () => {
    const { id } = createSitting(db, body({ dishes: [chopsDish, trayOf("Roots", 50)] }), NOW);
    const first = loadSitting(db, id, NOW).plan;
    expect(loadSitting(db, id, NOW + 9 * HOUR).plan).toEqual(first);
    expect(planned(id, NOW + 9 * HOUR).tasks.every((t) => t.startMs % MIN === 0)).toBe(true);
  });

  test("changed by hand it is decided anew; asked again by hand, too", () => {
    const { id } = createSitting(db, body({ dishes: [chopsDish] }), NOW);
    const serve = () => planned(id, NOW + HOUR).tasks.find((t) => t.stepId === "serve")?.endMs;
    expect(serve()).toBe(NOW + 33 * HOUR);
    const later = body({ dishes: [chopsDish], tableMs: NOW + 34 * HOUR });
    saveSitting(db, id, { body: later, baseRevision: 1 }, NOW + HOUR);
    expect(serve()).toBe(NOW + 34 * HOUR);
    expect(planAgain(db, id, NOW + 2 * HOUR).plan.plannedAtMs).toBe(NOW + 2 * HOUR);
  });

  test("started in one request: the batch goes in and comes out when the plan says; the rest of the plan stays", () => {
    const { id } = createSitting(db, body({ dishes: [chopsDish, trayOf("Roots", 50)] }), NOW);
    const before = planned(id, NOW);
    const soak = before.tasks.find((t) => t.id === "chops/soak");
    const request = { batchId: BATCH, baseRevision: 1, acknowledgements: [] };
    const started = startDish(db, id, "chops", request, NOW);
    expect(started.revision).toBe(2);
    expect(started.body.dishes[0]).toEqual({ kind: "running", id: "chops", name: "Chops", batchId: BATCH });
    const batch = loadBatch(db, BATCH);
    expect([batch.startedAtMs, batch.plannedLiftAtMs]).toEqual([soak?.startMs, soak?.endMs]);
    // Sent again because its answer was lost: once.
    expect(startDish(db, id, "chops", request, NOW).revision).toBe(2);
    const at = (tasks: typeof before.tasks) => tasks.map((t) => [t.id, t.startMs]);
    expect(at(planned(id, NOW).tasks)).toEqual(at(before.tasks));
  });

  test("a start that fails changes nothing", () => {
    const { id } = createSitting(db, body({ dishes: [chopsDish] }), NOW);
    const request = { batchId: BATCH, baseRevision: 9, acknowledgements: [] };
    expect(() => startDish(db, id, "chops", request, NOW)).toThrow("Somebody changed this sitting");
    expect(() => loadBatch(db, BATCH)).toThrow(Refusal);
    expect(loadSitting(db, id, NOW).body.dishes[0].kind).toBe("formula");
  });

  test("acts that were done go out of it, and what is still to come stays where it was", () => {
    const { id } = createSitting(db, body({ dishes: [chopsDish, trayOf("Roots", 50)] }), NOW);
    startDish(db, id, "chops", { batchId: BATCH, baseRevision: 1, acknowledgements: [] }, NOW);
    const before = planned(id, NOW).tasks;
    const dry = before.find((t) => t.id === "chops/check_dry");
    const nowMs = dry?.startMs ?? NaN;
    confirmAct(db, BATCH, "check_label", { atMs: nowMs - 5 * MIN }, nowMs);
    confirmAct(db, BATCH, "check_dry", { atMs: nowMs }, nowMs);
    const after = planned(id, nowMs).tasks;
    expect(after.map((t) => t.id)).not.toContain("chops/check_dry");
    for (const id of ["chops/stage_1", "chops/serve", "roots/tray_0"])
      expect(after.find((t) => t.id === id)?.startMs).toBe(before.find((t) => t.id === id)?.startMs);
  });

  test("an act that was passed over and is still to do moves what follows it, and no further than it must", () => {
    const { id } = createSitting(db, body({ dishes: [chopsDish, trayOf("Roots", 50)] }), NOW);
    startDish(db, id, "chops", { batchId: BATCH, baseRevision: 1, acknowledgements: [] }, NOW);
    const before = planned(id, NOW).tasks;
    const nowMs = (before.find((t) => t.id === "chops/check_dry")?.startMs ?? NaN) + 3 * MIN;
    confirmAct(db, BATCH, "check_dry", { atMs: nowMs }, nowMs);
    const after = planned(id, nowMs).tasks;
    const movedMin = (task: string) => {
      const of = (tasks: typeof before) => tasks.find((t) => t.id === task)?.startMs ?? NaN;
      return (of(after) - of(before)) / MIN;
    };
    // Looking at the label takes its 5 min from now: weighing out 3 min later, the roots and the table where they were.
    expect(["chops/weigh_out", "chops/stage_1", "chops/serve", "roots/tray_0"].map(movedMin)).toEqual([
      3, 3, 0, 0,
    ]);
  });

  test("something plain is ticked off too", () => {
    const { id } = createSitting(db, body(), NOW);
    confirmSittingAct(db, id, { taskId: "roots/prep", atMs: NOW }, NOW);
    expect(planned(id, NOW).tasks.map((t) => t.stepId)).not.toContain("prep");
    undoSittingAct(db, id, "roots/prep");
    expect(planned(id, NOW).tasks.map((t) => t.stepId)).toContain("prep");
  });

  test.each([
    ["of no dish", "none/prep", NOW, 404],
    ["that the dish has not", "roots/carve", NOW, 404],
    ["of no name", "roots", NOW, 404],
    ["in time to come", "roots/prep", NOW + MIN + 1, 422],
  ])("an act %s is refused", (_, taskId, atMs, status) => {
    const { id } = createSitting(db, body(), NOW);
    const act = () => confirmSittingAct(db, id, { taskId, atMs }, NOW);
    expect(act).toThrow(expect.objectContaining({ status }));
    expect(db.select().from(sittingActs).all()).toEqual([]);
  });

  test("a device’s clock may be a minute off; how far it was set right is kept", () => {
    const { id } = createSitting(db, body(), NOW);
    confirmSittingAct(db, id, { taskId: "roots/prep", atMs: NOW + MIN, deviceAheadMs: -90_000 }, NOW);
    expect(db.select().from(sittingActs).all()).toMatchObject([{ deviceAheadMs: -90_000 }]);
  });
});

const BATCH = "7e9f7b2a-6c0f-4a34-9d5e-0a5a6d0f3c11";

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
