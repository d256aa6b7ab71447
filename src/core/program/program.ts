import { cookOf } from "../formula/cook/cook";
import type { Formulated } from "../formula/formulate";
import type { Formulation } from "../formulation";
import { afterSteps } from "./after";
import { beforeSteps } from "./before";
import { cookSteps } from "./cook";
import { HOUR, isCrust, noSoak, type WorkedDish } from "./dish";
import { exitsOf, type Exit } from "./exits";
import { besideSteps, LEFTOVERS_MIN, servingSteps } from "./serve";
import { soakSteps, tie } from "./soak";
import type { Program, Step, Tie } from "./step";
import { firstOf, lastOf, pairsOf } from "../sequence";

/** One thing of the getting ready may wait so long for the next, min. */
const READY_GAP_MIN = 60;
/** From taken out of the soak to the heat: the two-hour limit, with room, min. */
const OUT_MOST_MIN = 110;
const OUT_GAP_MIN = 60;
/** A sauce may stand so long, min. *Practice*. */
const BESIDE_STANDS_MIN = 90;
/** A part that is done may wait so long for the others, min. *Practice*. */
const PART_WAITS_MIN = 30;

/**
 * The program of a dish: every step with its figures, in order, and how the steps are tied. Derived once from what the cook
 * decided and what the sums say; pure.
 * @param options.soakH the hours it stands, where a plan stretched them; left out, the cook's own
 */
export function programOf(
  input: Formulation,
  sheet: Formulated,
  options: { soakH?: number; exits?: Exit[] } = {},
): Program {
  const dish: WorkedDish = {
    input,
    sheet,
    cook: cookOf(input, sheet.food),
    exits: options.exits ?? exitsOf(input, sheet),
    soakH: options.soakH ?? input.pullH,
  };
  const before = counted(beforeSteps(dish));
  const soak = soakSteps(dish);
  const goneIn = isCrust(dish) ? 0 : noSoak(dish) ? 5 : dish.soakH * HOUR;
  const after = inARow(afterSteps(dish), goneIn + (noSoak(dish) || isCrust(dish) ? 0 : 5));
  const lastAfter = after.at(-1);
  const heatFrom = lastAfter ? endOf(lastAfter) : goneIn + (isCrust(dish) || noSoak(dish) ? 0 : 5);
  const cooked = cookSteps(dish);
  const heat = cooked.steps.map((s) => ({ ...s, atMin: s.atMin + heatFrom }));
  const rests = heat.filter((s) => cooked.rests.includes(s.id));
  const restedMin = Math.max(...rests.map(endOf));
  const beside = besideSteps(dish).map((s) => ({ ...s, atMin: restedMin - s.minutes.likely }));
  const serving = served(servingSteps(dish), restedMin);
  const steps = [...before, ...soak.steps, ...after, ...heat, ...beside, ...serving];
  const program = {
    steps: inOrder(steps),
    ties: [
      ...chained(before, READY_GAP_MIN),
      ...enters(before, soak.steps, heat),
      ...soak.ties,
      ...cooked.ties,
      ...toTheHeat(dish, after, cooked.firsts),
      ...cooked.rests.map((id) =>
        tie(id, "end", "serve", "start", 0, cooked.rests.length > 1 ? PART_WAITS_MIN : 0),
      ),
      ...beside.map((s) => tie(s.id, "end", "serve", "start", 0, BESIDE_STANDS_MIN)),
      ...serving
        .slice(1)
        .map((s) => tie("serve", "end", s.id, "start", s.kind === "stock" ? 0 : 30, LEFTOVERS_MIN - 10)),
    ],
    soakH: dish.soakH,
    readyMin: before.filter((s) => s.kind !== "thaw").reduce((sum, s) => sum + s.minutes.likely, 0),
    tableMin: endOf(firstOf(serving)),
  };
  return program;
}

/** One on the heels of the other, where hands are free: raw food does not stand about. */
const AT_ONCE = { wantedMin: 0, gently: true } as const;

const endOf = (step: Step): number => step.atMin + step.minutes.likely;

/** One after another from a minute on. */
function inARow(steps: readonly Step[], fromMin: number): Step[] {
  let at = fromMin;
  return steps.map((s) => {
    const placed = { ...s, atMin: at };
    at += s.minutes.likely;
    return placed;
  });
}

/** One after another, over when the food goes in. */
function counted(steps: readonly Step[]): Step[] {
  return inARow(steps, -steps.reduce((sum, s) => sum + s.minutes.likely, 0));
}

function chained(steps: readonly Step[], gapMin: number): Tie[] {
  return pairsOf(steps).map(([before, s]) => tie(before.id, "end", s.id, "start", 0, gapMin, AT_ONCE));
}

/** The last of the getting ready, and what the food then goes into. */
function enters(before: readonly Step[], soak: readonly Step[], heat: readonly Step[]): Tie[] {
  const last = before.at(-1);
  const into = soak[0] ?? heat.find((s) => s.id === "go_in");
  return last && into ? [tie(last.id, "end", into.id, "start", 0, READY_GAP_MIN, AT_ONCE)] : [];
}

/** Out of the soak and on to the heat, within what raw food may be out of the cold. */
function toTheHeat(dish: WorkedDish, after: readonly Step[], firsts: readonly string[]): Tie[] {
  if (isCrust(dish)) return [];
  const out = noSoak(dish) ? "go_in" : "lift_out";
  const row = [out, ...after.map((s) => s.id)];
  const aired = after.some((s) => s.id === "air_dry");
  const ties = pairsOf(row).map(([before, id]) => tie(before, "end", id, "start", 0, OUT_GAP_MIN, AT_ONCE));
  const last = lastOf(row);
  for (const first of firsts) {
    // Parts that take longer go in sooner: the others wait in the cold.
    const mostMin = firsts.length > 1 ? 4 * HOUR : OUT_GAP_MIN;
    ties.push(tie(last, "end", first, "start", 0, mostMin, firsts.length > 1 ? {} : AT_ONCE));
  }
  const [only, ...others] = firsts;
  if (!aired && only !== undefined && others.length === 0)
    ties.push(tie(out, "end", only, "start", 0, OUT_MOST_MIN));
  return ties;
}

function served(steps: readonly Step[], restedMin: number): Step[] {
  const placed = { ...firstOf(steps), atMin: restedMin };
  return [
    placed,
    ...steps.slice(1).map((s) => ({
      ...s,
      atMin: endOf(placed) + (s.kind === "store" ? LEFTOVERS_MIN - 10 : 0),
    })),
  ];
}

/** By their hours; what begins together stays as it was put. */
const inOrder = (steps: readonly Step[]): Step[] =>
  steps
    .map((step, i) => ({ step, i }))
    .sort((a, b) => a.step.atMin - b.step.atMin || a.i - b.i)
    .map(({ step }) => step);
