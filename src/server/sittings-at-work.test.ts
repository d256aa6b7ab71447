import type { SittingBody } from "@/contracts/sitting";
import { chops } from "@/core/formula/formulation.fixture";
import { USUAL_HOURS } from "@/core/schedule/sitting.fixture";
import { bodyFrom, requestOf } from "@/contracts/sitting-request";
import { offersFor } from "@/core/schedule/offers";
import { startBatch } from "./batches";
import { openDatabase, type WholeDb } from "./database";
import { keepSample } from "./samples";
import { saveSitting } from "./saved-sitting.fixture";
import { createSitting, loadSitting } from "./sittings";
import { sittingsAtWork } from "./sittings-at-work";
import { confirmAct } from "./work";

const NOW = Date.UTC(2026, 10, 27, 16);
const MIN = 60_000;
const HOUR = 60 * MIN;
const TABLE = NOW + 45 * MIN;
let db: WholeDb;

/** Chops into the oven an hour ago, each batch with a name of its own. */
function inTheOven(name: string): string {
  const formulation = { ...chops({ cook: { toC: 63, minutes: 90, restMin: 5, ovenC: 150 } }), name };
  const request = { formulaId: null, formulation, startAtMs: NOW - 30 * HOUR, acknowledgements: [] };
  const { id } = startBatch(db, request, NOW);
  confirmAct(db, id, "lift_out", { atMs: NOW - 2 * HOUR }, NOW);
  confirmAct(db, id, "stage_1", { atMs: NOW - HOUR }, NOW);
  return id;
}

/** What its probe reads up to now: so many degrees after the hour, rising ever slower. */
function read(batchId: string, nowC: number): void {
  const risen = (min: number) => 1 - Math.exp(-min / 40);
  for (let min = 0; min <= 60; min += 4)
    keepSample(
      db,
      batchId,
      { channel: "probe", atMs: NOW - HOUR + min * MIN, value: 5 + (nowC - 5) * (risen(min) / risen(60)) },
      NOW,
    );
}

function sitting(batches: Record<string, string>): string {
  const dishes = Object.entries(batches).map(([name, batchId]) => ({
    kind: "running" as const,
    id: name,
    name,
    batchId,
  }));
  const body: SittingBody = { name: "Saturday", tableMs: TABLE, dishes, ...USUAL_HOURS };
  return createSitting(db, body, NOW).id;
}

beforeEach(() => {
  db = openDatabase(":memory:");
});

test("while its plan holds nothing is said of it; what comes late moves the table", async () => {
  const chopsId = inTheOven("Chops");
  const id = sitting({ Chops: chopsId });
  expect(loadSitting(db, id, NOW).plan.answer.status).toBe("planned");
  expect(await sittingsAtWork(db, NOW)).toMatchObject([{ lateMin: 0, notHeld: null }]);
  read(chopsId, 40);
  const [late] = await sittingsAtWork(db, NOW);
  expect(late.notHeld).toBeNull();
  expect(late.lateMin).toBeGreaterThan(0);
  expect(late.tableMs).toBe(TABLE + late.lateMin * MIN);
});

test("where one is done long before another there is no hour that holds both: it is said which comes late, and when", async () => {
  const [early, late] = [inTheOven("Early"), inTheOven("Late")];
  const id = sitting({ Early: early, Late: late });
  expect(loadSitting(db, id, NOW).plan.answer.status).toBe("planned");
  read(early, 62);
  read(late, 40);
  const { plan, running } = loadSitting(db, id, NOW);
  expect(plan.answer.status).toBe("clash");
  const outMs = running.find((r) => r.id === "Late")?.outMs?.probe;
  const [told] = await sittingsAtWork(db, NOW);
  expect(told.notHeld).toEqual([{ name: "Late", outMs }]);
  // The last plan that fitted is gone by, at its own hour.
  expect(told).toMatchObject({ tableMs: TABLE, lateMin: 0 });
  expect(told.tasks.length).toBeGreaterThan(0);
});

test("what comes late of it can go on its own: offered, and tried", () => {
  const [early, late] = [inTheOven("Early"), inTheOven("Late")];
  const id = sitting({ Early: early, Late: late });
  loadSitting(db, id, NOW);
  read(early, 62);
  read(late, 40);
  const view = loadSitting(db, id, NOW);
  const { answer } = view.plan;
  if (answer.status !== "clash") throw new Error(answer.status);
  const offers = offersFor(requestOf(view), NOW, answer.demands);
  expect(offers.map((o) => o.changes)).toEqual([[{ kind: "apart", dish: "Late" }]]);
  const body = bodyFrom(view.body, offers[0].request);
  expect(body.dishes.map((d) => d.name)).toEqual(["Early"]);
  expect(body.tableMs).toBe(TABLE);
  saveSitting(db, id, { body, baseRevision: view.revision }, NOW);
  expect(loadSitting(db, id, NOW).plan.answer.status).toBe("planned");
});
