import { MIN_MS, problemFor, sittingOf, wholeMinute } from "./read-request";
import type { SittingRequest } from "./request";
import { search } from "./search";
import { iced, OTHER_HOURS, waysToRead } from "./settle";

const LOOK_BUDGET = 600;

/** Whether a sitting can be had at all: the first plan, without making it better. */
export function canBeHad(request: SittingRequest, nowMs: number): boolean {
  const sitting = sittingOf(request, wholeMinute(nowMs));
  if ("broken" in sitting) return false;
  for (let more = 0; more <= OTHER_HOURS; more++) {
    const dishes = sitting.dishes.map((d) => iced(d, more));
    if (more > 0 && dishes.every((d, i) => d === sitting.dishes[i])) return false;
    for (const way of waysToRead(request)) {
      const problem = problemFor(request, { ...sitting, dishes }, wholeMinute(nowMs), {
        turned: false,
        ...way,
      });
      if (search(problem, { budget: LOOK_BUDGET }).status === "found") return true;
    }
  }
  return false;
}

const STEP_MIN = 5;
const STEP_MS = STEP_MIN * MIN_MS;
const FURTHEST_MIN = 6 * 24 * 60;
/** How the hours after the earliest thinkable table are looked through: steps of so many minutes, up to so many. */
const LOOKS: [stepMin: number, uptoMin: number][] = [
  [5, 60],
  [15, 12 * 60],
  [30, 48 * 60],
];

/**
 * A table, by steps of five minutes, that the sitting can be had at, and not five minutes sooner: the earliest, but where
 * a crowded sitting has short windows between its nights.
 * @returns undefined where none was found within days
 */
export function earliestTable(request: SittingRequest, nowMs: number): number | undefined {
  const from = Math.max(request.tableMs, Math.ceil(nowMs / STEP_MS) * STEP_MS);
  const at = (minutes: number) => ({ ...request, tableMs: from + minutes * MIN_MS });
  const works = (minutes: number) => canBeHad(at(minutes), nowMs);
  const least = leastWithoutNights(request, from, nowMs);
  if (least === undefined) return undefined;
  let last = least;
  for (const [stepMin, uptoMin] of LOOKS)
    for (let minutes = last; minutes <= least + uptoMin; minutes += stepMin) {
      last = minutes;
      if (!works(minutes)) continue;
      while (minutes - STEP_MIN > 0 && works(minutes - STEP_MIN)) minutes -= STEP_MIN;
      return from + minutes * MIN_MS;
    }
  return undefined;
}

/** Minutes after `from` by which it could be done if nobody slept or left: from there on it always can. */
function leastWithoutNights(request: SittingRequest, from: number, nowMs: number): number | undefined {
  const works = (steps: number) =>
    canBeHad({ ...request, getsUp: true, absences: [], tableMs: from + steps * STEP_MS }, nowMs);
  let no = 0;
  let yes = 1;
  while (!works(yes)) {
    no = yes;
    yes *= 2;
    if (yes * STEP_MIN > FURTHEST_MIN) return undefined;
  }
  while (yes - no > 1) {
    const middle = Math.floor((no + yes) / 2);
    if (works(middle)) yes = middle;
    else no = middle;
  }
  return yes * STEP_MIN;
}
