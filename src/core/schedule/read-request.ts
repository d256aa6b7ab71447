import { formulate } from "../formula/formulate";
import { plainProgram } from "../program/plain";
import { programOf } from "../program/program";
import { remembered } from "../remembered";
import type { ProgramDish } from "./dishes";
import { nightRules, nightsBetween } from "./hours";
import type { Problem } from "./model";
import type { BatchRequest, DishRequest, SittingRequest } from "./request";
import { problemOf, type ProblemOptions, type Sitting } from "./sitting";
import { soakEdges } from "./soak-edges";

export const MIN_MS = 60_000;
/** The demand of the night's closed hours. */
const QUIET = "quiet";

/** Plans are in whole minutes, whatever second they are asked at. */
export const wholeMinute = (ms: number): number => Math.floor(ms / MIN_MS) * MIN_MS;

/** A sitting on the plan's clock: 0 is now. @returns the name of the dish that does not work out, where one does not */
export function sittingOf(request: SittingRequest, nowMs: number): Sitting | { broken: string } {
  const minute = (ms: number) => Math.round((ms - nowMs) / MIN_MS);
  const dishes: ProgramDish[] = [];
  for (const asked of request.dishes) {
    const dish = dishOf(asked, minute);
    if (!dish) return { broken: asked.name };
    dishes.push(dish);
  }
  const toMs = Math.max(request.tableMs, nowMs) + 24 * 60 * MIN_MS;
  const night = nightRules(nightsBetween(nowMs, toMs, request.timeZone, request.quiet));
  return {
    dishes,
    kitchen: request.kitchen,
    tableMin: minute(request.tableMs),
    closed: [
      ...night.closed,
      ...request.absences.map((a, i) => ({
        fromMin: minute(a.fromMs),
        toMin: minute(a.toMs),
        demand: `absence:${i}`,
      })),
    ],
    unloved: request.getsUp ? [...night.closed, ...night.unloved] : night.unloved,
  };
}

function dishOf(asked: DishRequest, minute: (ms: number) => number): ProgramDish | undefined {
  const done = Object.fromEntries(
    Object.entries(asked.doneMs ?? {}).map(([id, ms]) => [id, Math.min(0, minute(ms))]),
  );
  const { id, name } = asked;
  if (asked.kind === "plain") return { id, name, program: plainProgram(asked), done, outMin: {} };
  const worked = workedOut(asked);
  return (
    worked && {
      ...worked,
      id,
      name,
      done,
      outMin: Object.fromEntries(
        Object.entries(asked.outMs ?? {}).map(([ch, ms]) => [ch, Math.max(0, minute(ms))]),
      ),
    }
  );
}

/** Offers ask of the same dishes hundreds of times. */
const workedDishes = remembered<Pick<ProgramDish, "program" | "soak" | "batch"> | undefined>(200);

function workedOut({ formulation: input, rateFactor = 1, soakH = input.pullH }: BatchRequest) {
  return workedDishes(JSON.stringify([input, rateFactor, soakH]), () => {
    const worked = formulate(input, { rateFactor });
    if (!worked.ok) return undefined;
    const sheet = worked.value;
    return {
      program: programOf(input, sheet, { soakH }),
      soak: soakEdges(input, sheet, soakH),
      batch: { input, sheet },
    };
  });
}

/** The problem of a request, with the cook's pins in it. */
export function problemFor(
  request: SittingRequest,
  sitting: Sitting,
  nowMs: number,
  options: ProblemOptions = { turned: true },
): Problem {
  const problem = gotUpFor(request, problemOf(sitting, options), options.upFor ?? "ice");
  const known = new Set(problem.tasks.map((t) => t.id));
  return {
    ...problem,
    pins: request.pins
      // A pin in the past, or of a task that is done, says nothing any more.
      .filter((pin) => known.has(pin.taskId) && pin.startMs >= nowMs)
      .map((pin) => ({
        taskId: pin.taskId,
        atMin: Math.round((pin.startMs - nowMs) / MIN_MS),
        demand: `pinned:${pin.taskId}`,
      })),
  };
}

/**
 * Quiet hours hold for every act. Where somebody gets up, it is for the ice, which cannot wait; only where that does not do,
 * for anything.
 */
function gotUpFor(request: SittingRequest, problem: Problem, upFor: "ice" | "anything"): Problem {
  if (!request.getsUp) return problem;
  if (upFor === "anything") return { ...problem, closed: problem.closed.filter((c) => c.demand !== QUIET) };
  return {
    ...problem,
    tasks: problem.tasks.map((t) => (/\/ice_\d+$/.test(t.id) ? { ...t, upFor: QUIET } : t)),
  };
}
