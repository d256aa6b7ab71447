import { iceLooks, ICE_MOST_MIN } from "../program/cooler-ice";
import { programOf } from "../program/program";
import { taskIdOf } from "./dish-tasks";
import type { ProgramDish } from "./dishes";
import type { Problem } from "./model";
import { plan, type Planned } from "./plan";
import { problemFor } from "./read-request";
import type { SittingRequest } from "./request";
import type { Sitting } from "./sitting";

interface Settled {
  ovens: number;
  upFor: "ice" | "anything";
  sitting: Sitting;
  problem: Problem;
  planned: Planned;
}

/** Looks at the ice are so many as the hours take: other hours, other looks. */
export const OTHER_HOURS = 3;

/** The hours every soak is to stand: planned once with the soaks between their edges. */
export function settledHours(request: SittingRequest, sitting: Sitting, nowMs: number): Settled | undefined {
  for (let more = 0; more <= OTHER_HOURS; more++) {
    const tried: Sitting = { ...sitting, dishes: sitting.dishes.map((d) => iced(d, more)) };
    if (more > 0 && sitting.dishes.every((d, i) => tried.dishes[i] === d)) return undefined;
    const found = firstOven(request, tried, nowMs);
    if (!found) continue;
    const { plan: times } = found.planned;
    const dishes = tried.dishes.map((dish) => {
      const lies = times[taskIdOf(dish.id, "soak")];
      return lies ? withSoak(dish, lies.end - lies.start) : dish;
    });
    return { ...found, sitting: { ...tried, dishes } };
  }
  return undefined;
}

/** Other ways to share several ovens, tried where the first does not fit. */
const OVEN_VARIANTS = 4;

/** Every way to read a request the planner may try, the plainest first. */
export const waysToRead = (request: SittingRequest): Pick<Settled, "ovens" | "upFor">[] =>
  (request.getsUp ? (["ice", "anything"] as const) : (["ice"] as const)).flatMap((upFor) =>
    Array.from({ length: request.kitchen.ovens > 1 ? OVEN_VARIANTS : 1 }, (_, ovens) => ({ ovens, upFor })),
  );

/** Tries for a first plan: what can be had is found in a few hundred. */
const FIRST_BUDGET = 4000;
const OTHERS_BUDGET = 2000;

function firstOven(
  request: SittingRequest,
  sitting: Sitting,
  nowMs: number,
): Omit<Settled, "sitting"> | undefined {
  for (const [i, way] of waysToRead(request).entries()) {
    const problem = problemFor(request, sitting, nowMs, { turned: false, ...way });
    const result = plan(problem, { budget: i === 0 ? FIRST_BUDGET : OTHERS_BUDGET });
    if (result.status === "planned") return { ...way, problem, planned: result.planned };
  }
  return undefined;
}

/** A cooler's hours are kept to those its looks at the ice are for; `more` looks than the wanted hours take. */
export function iced(dish: ProgramDish, more: number): ProgramDish {
  const { batch, soak, program } = dish;
  if (!batch || !soak || batch.input.holding.place !== "cooler" || soak.minMin === soak.maxMin) return dish;
  const looks = iceLooks(program.soakH) + more;
  const minMin = Math.max(soak.minMin, looks * ICE_MOST_MIN);
  const maxMin = Math.min(soak.maxMin, (looks + 1) * ICE_MOST_MIN - 1);
  if (minMin > maxMin) return dish;
  const preferMin = Math.min(maxMin, Math.max(minMin, soak.preferMin));
  return {
    ...dish,
    program: programOf(batch.input, batch.sheet, { soakH: preferMin / 60 }),
    soak: { minMin, preferMin, maxMin },
  };
}

/** The dish with its hours settled: what is done while it stands follows them. */
function withSoak(dish: ProgramDish, leftMin: number): ProgramDish {
  const { batch, done } = dish;
  if (!batch) return dish;
  const stood = done.go_in === undefined ? 0 : -done.go_in;
  const all = leftMin + stood;
  return {
    ...dish,
    program: programOf(batch.input, batch.sheet, { soakH: all / 60 }),
    soak: { minMin: all, preferMin: all, maxMin: all },
  };
}

/** A sitting whose soaks stand as long as a plan decided. */
export function withPlannedSoaks(sitting: Sitting, soakH: Readonly<Record<string, number>>): Sitting {
  return {
    ...sitting,
    dishes: sitting.dishes.map((dish) => {
      const planned = soakH[dish.id];
      if (planned === undefined || !dish.batch) return dish;
      const allMin = Math.round(planned * 60);
      return {
        ...dish,
        program: programOf(dish.batch.input, dish.batch.sheet, { soakH: planned }),
        soak: { minMin: allMin, preferMin: allMin, maxMin: allMin },
      };
    }),
  };
}

/** With its turns near their hours; and, where hands are wanted elsewhere, with turns at any hour. */
export function withTurns(sitting: Sitting): Sitting[] {
  const loose = (dish: ProgramDish): ProgramDish => ({
    ...dish,
    program: {
      ...dish.program,
      ties: dish.program.ties.map((t) =>
        t.after.startsWith("turn_") && t.before === "soak" ? { ...t, leastMin: 0, mostMin: undefined } : t,
      ),
    },
  });
  return [sitting, { ...sitting, dishes: sitting.dishes.map(loose) }];
}
