import { eq, gte } from "drizzle-orm";
import type { KeptFood, ShelfAct, ShelfView, SittingSoon } from "@/contracts/shelf";
import { planFollowed, tableOf } from "@/contracts/plan-followed";
import { storedPlan, type StoredPlan } from "@/contracts/plan";
import { sittingBody, type SittingBody } from "@/contracts/sitting";
import type { BatchView } from "@/contracts/views";
import { wallTime } from "@/core/program/batch-clock";
import { rawStorageLimitH } from "@/core/materials/lookup";
import { pantryOf } from "@/core/materials/pantry";
import { isBaked } from "@/core/preparations";
import { takesItOut } from "@/core/program/out";
import { programOf } from "@/core/program/program";
import type { PlannedTask } from "@/core/schedule/planned-tasks";
import { actsIn } from "@/core/program/step";
import type { Program } from "@/core/program/step";
import { remembered } from "@/core/remembered";
import { finishedBatches, runningBatches, unjudgedBatches } from "./batch-views";
import type { Db } from "./database";
import { formulaHeads } from "./formula-views";
import { loadKitchen } from "./kitchen";
import { rehearsedBatches } from "./rehearsed";
import { batchActs, sittingActs, sittings } from "./schema";
import { sheetOf } from "./sheets";
import { hasGoneOn } from "./taken-out";
import { ifReadable } from "./unreadable";

const MIN_MS = 60_000;
const HOUR_MS = 60 * MIN_MS;
/** An act is still spoken of so long after its hour; then it is at work's to ask. */
const PAST_MS = 30 * MIN_MS;
/** Tonight and tomorrow. */
const AHEAD_MS = 36 * HOUR_MS;
const ACTS_MOST = 14;
const SITTINGS_MOST = 4;
const LATELY = 3;
const LIFTED_MOST = 8;

/** What stands on the shelf, and what is to be done about it tonight and tomorrow. */
export function loadShelfView(db: Db, nowMs: number): ShelfView {
  const kitchen = loadKitchen(db);
  const rehearsed = rehearsedBatches(db);
  const running = runningBatches(db).filter((b) => !rehearsed.has(b.id));
  const finished = finishedBatches(db, LATELY + rehearsed.size)
    .filter((b) => !rehearsed.has(b.id))
    .slice(0, LATELY);
  const soon = sittingsSoon(db, nowMs);
  const planned = new Map(soon.flatMap((s) => s.running));
  const programs = new Map(running.map((b) => [b.id, programFor(b)]));
  const acts = [
    ...soon.flatMap((s) => s.acts),
    // What a sitting plans is told once, by its plan.
    ...running.filter((b) => !planned.has(b.id)).flatMap((b) => actsOf(db, b, programs.get(b.id))),
  ];
  return {
    kitchen,
    running: running.map((b) => asPlanned(b, planned.get(b.id))),
    finished,
    acts: acts
      .filter((a) => a.atMs >= nowMs - PAST_MS && a.atMs <= nowMs + AHEAD_MS)
      .sort((a, b) => a.atMs - b.atMs || (a.id < b.id ? -1 : 1))
      .slice(0, ACTS_MOST),
    sittings: soon.map((s) => s.sitting),
    kept: unjudgedBatches(db, LIFTED_MOST)
      .filter((b) => !rehearsed.has(b.id))
      .map((b) => keptOf(db, b)),
    fridge: {
      usedL: running.reduce(
        (sum, b) => sum + (b.clock.fromMs === null ? fridgeLitres(programs.get(b.id)) : 0),
        0,
      ),
      ofL: kitchen.usual.equipment.fridgeL,
    },
    empty: running.length === 0 && finished.length === 0 && formulaHeads(db).length === 0,
    nowMs,
  };
}

/**
 * A batch with the hour that the plan of a sitting takes it out at: it may stretch a soak or cut it short, and at work it is what
 * everybody goes by.
 */
function asPlanned(batch: BatchView, tasks: readonly PlannedTask[] | undefined): BatchView {
  const baked = isBaked(batch.formulation);
  const out = tasks?.find((t) => takesItOut(t.kind, baked));
  return out ? { ...batch, plannedLiftAtMs: out.startMs } : batch;
}

const programs = remembered<Program | undefined>(60);

function programFor(batch: BatchView): Program | undefined {
  const { formulation, rate, startedAtMs, plannedLiftAtMs } = batch;
  const soakH = (plannedLiftAtMs - startedAtMs) / HOUR_MS;
  return programs(JSON.stringify([formulation, rate.factor, soakH]), () => {
    const sheet = sheetOf(formulation, rate.factor);
    return sheet && programOf(formulation, sheet, { soakH });
  });
}

/** What the Shelf takes longest over, a batch at a time: done before, the view itself is read off. */
export const programsFirst = (db: Db): (() => unknown)[] =>
  runningBatches(db).map((batch) => () => programFor(batch));

const fridgeLitres = (program: Program | undefined): number =>
  (program?.steps ?? [])
    .filter((s) => s.kind === "soak")
    .flatMap((s) => s.occupies)
    .reduce((sum, o) => sum + (o.what === "fridge" ? o.litres : 0), 0);

const doneActs = (db: Db, batchId: string): Set<string> =>
  new Set(
    db
      .select({ id: batchActs.actId })
      .from(batchActs)
      .where(eq(batchActs.batchId, batchId))
      .all()
      .map((a) => a.id),
  );

/** What is still to be done of a running batch. */
function actsOf(db: Db, batch: BatchView, program: Program | undefined): ShelfAct[] {
  const done = doneActs(db, batch.id);
  return (program ? actsIn(program) : [])
    .filter((step) => !done.has(step.id))
    .map((step) => ({
      id: `${batch.id}/${step.id}`,
      atMs: wallTime(batch.clock, batch.startedAtMs + step.atMin * MIN_MS),
      title: step.title,
      dish: batch.name,
      href: `/work/${batch.id}`,
    }));
}

interface Soon {
  sitting: SittingSoon;
  acts: ShelfAct[];
  /** What it plans of each running batch that it has. */
  running: [string, PlannedTask[]][];
}

/** Sittings whose table is still to come, as their plans stand: nothing is planned for a look at the Shelf. */
function sittingsSoon(db: Db, nowMs: number): Soon[] {
  return db
    .select()
    .from(sittings)
    .where(gte(sittings.tableMs, nowMs - HOUR_MS))
    .orderBy(sittings.tableMs)
    .limit(SITTINGS_MOST)
    .all()
    .flatMap(({ id, body, plan, clockFromMs }) => {
      const [kept] = ifReadable("sittings", { id }, () => sittingBody.parse(body));
      if (!kept) return [];
      const { name, tableMs, dishes } = kept;
      // One that does not read any more is as none.
      const stored = storedPlan.safeParse(plan).success ? (plan as StoredPlan) : null;
      const goesBy = stored && planFollowed(stored);
      const done = doneIn(db, id, dishes);
      return {
        sitting: {
          id,
          name,
          tableMs: goesBy ? tableOf(tableMs, goesBy) : tableMs,
          dishes: dishes.map((d) => d.name),
          state: stateOf(stored),
          rehearsal: clockFromMs !== null,
        },
        // A rehearsal is nobody's evening.
        acts: (clockFromMs === null ? (goesBy?.tasks ?? []) : [])
          .filter((t) => t.handsOn && !done.has(t.id))
          .map((t) => ({ id: t.id, atMs: t.startMs, title: t.title, dish: t.dish, href: `/sitting/${id}` })),
        running: goesBy
          ? dishes.flatMap((d): [string, PlannedTask[]][] =>
              d.kind === "running" ? [[d.batchId, goesBy.tasks.filter((t) => t.dishId === d.id)]] : [],
            )
          : [],
      };
    });
}

/** Tasks that were ticked off since the plan was decided. */
function doneIn(db: Db, sittingId: string, dishes: SittingBody["dishes"]): Set<string> {
  const plain = db
    .select({ id: sittingActs.taskId })
    .from(sittingActs)
    .where(eq(sittingActs.sittingId, sittingId))
    .all()
    .map((a) => a.id);
  const running = dishes.flatMap((dish) =>
    dish.kind === "running" ? [...doneActs(db, dish.batchId)].map((act) => `${dish.id}/${act}`) : [],
  );
  return new Set([...plain, ...running]);
}

function stateOf(stored: StoredPlan | null): SittingSoon["state"] {
  if (!stored) return "undecided";
  if (stored.answer.status !== "planned") return "clash";
  return stored.answer.late ? "late" : "fits";
}

/** Raw food is counted from when it was bought. */
function keptOf(db: Db, batch: BatchView): KeptFood {
  const { id, formulation, startedAtMs } = batch;
  const wentOn = hasGoneOn(db, { ...batch, body: formulation, rateFactor: batch.rate.factor });
  const food = pantryOf(formulation.own).food(formulation.foodId);
  const hours = food && rawStorageLimitH(food);
  const rawBeforeH = 24 * (formulation.pieces.daysRaw ?? 0);
  return {
    batchId: id,
    wentOn,
    useByMs: hours === undefined || wentOn ? null : startedAtMs + Math.max(0, hours - rawBeforeH) * HOUR_MS,
  };
}
