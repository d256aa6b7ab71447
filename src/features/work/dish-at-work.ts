import type { DerivedBatch, SittingAtWork } from "@/contracts/at-work";
import type { BatchDetail } from "@/contracts/views";
import type { WorkView } from "@/contracts/work";
import { batchTime, type BatchClock } from "@/core/program/batch-clock";
import {
  atWork,
  urgencyOf,
  type AtWork,
  type InHeat,
  type PlacedStep,
  type Urgency,
} from "@/core/program/at-work";
import type { Exit } from "@/core/program/exits";
import { foreseeDone, type Foreseen } from "@/core/program/foresee";
import { plainProgram } from "@/core/program/plain";
import type { Program } from "@/core/program/step";

const MIN_MS = 60_000;

/** A batch with what is derived of it once. */
export interface WorkedBatch extends DerivedBatch {
  batch: BatchDetail;
}

/** One dish on the page at work. */
export interface DishAtWork {
  key: string;
  name: string;
  timeZone: string;
  /** Its own clock: a rehearsal runs faster than everybody's. */
  clock: BatchClock;
  /** What that shows, to the page's last tick. */
  nowMs: number;
  at: AtWork;
  urgency: Urgency;
  /** Behind it a batch, or something plain of a sitting. */
  worked?: WorkedBatch;
  work?: WorkView;
  foreseen: Record<string, Foreseen>;
  plain?: { sittingId: string; dishId: string };
  /** When its sitting is on the table, as it is going; left out where it is in none. */
  tableMs?: number | undefined;
}

interface Told {
  sittings: readonly SittingAtWork[];
  /** When a probe was set right, by batch and channel. */
  probeSetMs: Readonly<Record<string, number>>;
  wallMs: number;
}

const foreseenBy = new WeakMap<WorkView, { worked: WorkedBatch; foreseen: Record<string, Foreseen> }>();

/** What its probes foresee: anew when something was read or done, not with each tick of the clock. */
export function foreseenOf(worked: WorkedBatch, work: WorkView): Record<string, Foreseen> {
  const known = foreseenBy.get(work);
  if (known?.worked === worked) return known.foreseen;
  const { sheet, exits, program } = worked;
  const foreseen = Object.fromEntries(
    exits.flatMap((exit) => {
      const inMs = heatFrom(program, exit, work);
      return inMs === undefined ? [] : [[exit.channel, foreseeDone(sheet, exit, inMs, work.readings)]];
    }),
  );
  foreseenBy.set(work, { worked, foreseen });
  return foreseen;
}

/** A batch as it stands now: by its sitting's plan where it has one, and by what was done and read. */
export function batchAtWork(worked: WorkedBatch, work: WorkView, told: Told): DishAtWork {
  const { batch, exits, program } = worked;
  const nowMs = batchTime(work.clock, told.wallMs);
  const foreseen = foreseenOf(worked, work);
  const outMs = Object.fromEntries(
    exits.flatMap((exit) => {
      const inMs = heatFrom(program, exit, work);
      const forecast = foreseen[exit.channel]?.forecast;
      return inMs !== undefined && forecast
        ? [[exit.channel, Math.max(nowMs, inMs + forecast.doneMin * MIN_MS)]]
        : [];
    }),
  );
  const sitting = told.sittings.find((s) => s.batches.some((b) => b.batchId === batch.id));
  const at = atWork(program, exits, {
    // Ticked off here, it went in then; the server has yet to say so.
    startedAtMs: work.done.go_in ?? work.startedAtMs,
    done: work.done,
    skipped: work.skipped,
    samples: work.readings,
    outMs,
    plannedMs: sitting && plannedIn(sitting, batch.id),
    probeSetMs: Object.fromEntries(
      exits.map((exit) => [exit.channel, told.probeSetMs[`${batch.id}/${exit.channel}`] ?? 0]),
    ),
    nowMs,
  });
  return {
    key: batch.id,
    name: batch.name,
    timeZone: batch.timeZone,
    clock: work.clock,
    nowMs,
    at,
    urgency: urgencyOf(at, nowMs),
    worked,
    work,
    foreseen,
    tableMs: sitting?.tableMs,
  };
}

function heatFrom(program: Program, exit: Exit, work: WorkView): number | undefined {
  const into = program.steps.find(
    (s) =>
      (s.kind === "cook" || s.kind === "goIn") && s.ends.by === "core" && s.ends.channel === exit.channel,
  );
  // A part that stays on its joint went in with the whole.
  return work.done[into?.id ?? "stage_1"] ?? (into?.kind === "goIn" ? work.done.go_in : undefined);
}

/** When a sitting's plan has each step of a batch begin. */
function plannedIn({ batches, tasks }: SittingAtWork, batchId: string): Record<string, number> {
  const dishId = batches.find((b) => b.batchId === batchId)?.dishId;
  return Object.fromEntries(tasks.filter((t) => t.dishId === dishId).map((t) => [t.stepId, t.startMs]));
}

/** What is only cooked at a sitting, from its plan. */
export function plainAtWork(sitting: SittingAtWork, told: Told, timeZone: string): DishAtWork[] {
  const nowMs = batchTime(sitting.clock, told.wallMs);
  return sitting.plain.map((dish) => {
    const plannedMs = Object.fromEntries(
      sitting.tasks.filter((t) => t.dishId === dish.id).map((t) => [t.stepId, t.startMs]),
    );
    const at = atWork(plainProgram(dish), [], {
      startedAtMs: sitting.tableMs,
      done: sitting.plainDone[dish.id] ?? {},
      skipped: [],
      samples: [],
      outMs: {},
      plannedMs,
      nowMs,
    });
    return {
      key: `${sitting.id}/${dish.id}`,
      name: dish.name,
      timeZone,
      clock: sitting.clock,
      nowMs,
      at,
      urgency: urgencyOf(at, nowMs),
      foreseen: {},
      plain: { sittingId: sitting.id, dishId: dish.id },
    };
  });
}

/** Everything at work, what matters most first. */
export const byUrgency = (dishes: readonly DishAtWork[]): DishAtWork[] =>
  [...dishes].sort((a, b) => a.urgency - b.urgency || dueOf(a) - dueOf(b));

const dueOf = ({ at, nowMs }: DishAtWork): number => (at.current ? at.current.dueMs - nowMs : Infinity);

/** An act that is due so soon goes before food that only waits in the heat. */
const SOON_MS = 2 * MIN_MS;

/**
 * What the card of a dish shows: food that must come out of the heat above everything; an act that is asked for or due; else
 * how the food in the heat gets on.
 */
export function onCard(
  { at, nowMs }: DishAtWork,
  shownId: string | undefined,
): { heats: InHeat[]; act: PlacedStep | undefined } {
  const asked = at.steps.find((s) => s.id === shownId);
  const current = asked ?? at.current;
  const pressing = at.inHeat.filter((h) => h.core.kind !== "rising" && h.core.kind !== "unread");
  const due = current !== undefined && (asked !== undefined || current.dueMs - nowMs <= SOON_MS);
  const heats =
    pressing.length > 0
      ? pressing
      : asked || (due && current.kind !== "ovenOut")
        ? []
        : at.inHeat.slice(0, 1);
  return { heats, act: heats.length > 0 && !asked ? undefined : current };
}

/** Acts of a dish still to be ticked off, by time. */
export const openActs = ({ at }: DishAtWork): PlacedStep[] =>
  at.steps.filter((s) => s.handsMin > 0 && s.state === "open");
