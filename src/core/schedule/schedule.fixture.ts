import fc from "fast-check";
import { costOf } from "./cost";
import { breaches } from "./limits";
import { seeded } from "../instruments/random";
import type { Link, Plan, Problem, Task } from "./model";

/** Small sittings on a coarse clock of twelve ticks: windows, chains, one oven at two heats, one pair of hands. */
export const SMALL_HORIZON = 12;

const smallTask = (index: number): fc.Arbitrary<Task> =>
  fc
    .record({
      minMin: fc.integer({ min: 1, max: 3 }),
      stretch: fc.integer({ min: 0, max: 2 }),
      prefer: fc.integer({ min: 0, max: 2 }),
      handsOn: fc.boolean(),
      heat: fc.constantFrom(undefined, 140, 220),
      from: fc.integer({ min: 0, max: 3 }),
      hot: fc.boolean(),
    })
    .map(({ minMin, stretch, prefer, handsOn, heat, from, hot }) => ({
      id: `t${index}`,
      dishId: `d${index % 2}`,
      title: `task ${index}`,
      minMin,
      preferMin: minMin + Math.min(prefer, stretch),
      maxMin: minMin + stretch,
      handsOn,
      uses: [
        ...(handsOn ? [{ resourceId: "hands", amount: 1 }] : []),
        ...(heat ? [{ resourceId: "oven", amount: 1, ovenC: heat }] : []),
      ],
      fromMin: from,
      demand: `length:t${index}`,
      hot,
    }));

export const smallProblem = (most: number): fc.Arbitrary<Problem> =>
  fc.integer({ min: 1, max: most }).chain((n) =>
    fc
      .record({
        tasks: fc.tuple(...Array.from({ length: n }, (_, i) => smallTask(i))),
        gaps: fc.array(
          fc.record({ min: fc.integer({ min: 0, max: 1 }), slack: fc.integer({ min: 0, max: 6 }) }),
          {
            minLength: n,
            maxLength: n,
          },
        ),
        linked: fc.array(fc.boolean(), { minLength: n, maxLength: n }),
        closedFrom: fc.integer({ min: 1, max: 9 }),
        closedFor: fc.integer({ min: 0, max: 3 }),
        hands: fc.integer({ min: 1, max: 2 }),
        shelves: fc.integer({ min: 1, max: 2 }),
      })
      .map(({ tasks, gaps, linked, closedFrom, closedFor, hands, shelves }) => ({
        tasks,
        links: tasks.slice(1).flatMap((task, i) =>
          linked[i]
            ? [
                {
                  before: tasks[i].id,
                  from: "end" as const,
                  after: task.id,
                  to: "start" as const,
                  minMin: gaps[i].min,
                  maxMin: gaps[i].min + gaps[i].slack,
                  demand: `gap:${i}`,
                },
              ]
            : [],
        ),
        resources: [
          { id: "hands", name: "hands", kind: "hands" as const, capacity: hands },
          { id: "oven", name: "oven", kind: "oven" as const, capacity: shelves },
        ],
        closed:
          closedFor > 0 ? [{ fromMin: closedFrom, toMin: closedFrom + closedFor, demand: "quiet" }] : [],
        unloved: [{ fromMin: 0, toMin: 2 }],
        tableMin: SMALL_HORIZON,
        horizonMin: SMALL_HORIZON,
      })),
  );

/**
 * Every plan there is, by trying every start and length: only for a few tasks on a coarse clock. A plan begun is given up
 * once it costs as much as `enough()` allows: every part of the cost only grows with more tasks.
 */
function* everyPlan(problem: Problem, enough: () => number, soFar: Plan = {}, index = 0): Generator<Plan> {
  if (index === problem.tasks.length) return yield soFar;
  const task = problem.tasks[index];
  const begun = onlyFirst(problem, index + 1);
  // What was begun held: only what the newest task meets is looked at, its own limits before those it shares.
  const own = { ...begun, tasks: [task], links: begun.links.filter((l) => touches(l, task)), resources: [] };
  const uses = (t: Task, id: string) => t.uses.some((use) => use.resourceId === id);
  const resources = begun.resources.filter(({ id }) => uses(task, id));
  const users = begun.tasks.filter((t) => resources.some(({ id }) => uses(t, id)));
  const shared = { ...begun, tasks: users, links: [], closed: [], resources };
  for (let start = task.fromMin ?? 0; start + task.minMin <= problem.horizonMin; start++)
    for (let end = start + task.minMin; end <= Math.min(start + task.maxMin, problem.horizonMin); end++) {
      const next = { ...soFar, [task.id]: { start, end } };
      if (breaches(own, next).length > 0 || breaches(shared, next).length > 0) continue;
      if (costOf(begun, next) < enough()) yield* everyPlan(problem, enough, next, index + 1);
    }
}

/** The cost of the cheapest plan there is, where it is under a known one's. */
export function cheapest(problem: Problem, known: number): number {
  let best = known;
  for (const plan of everyPlan(problem, () => best - 1e-9)) best = costOf(problem, plan);
  return best;
}

export const anyPlan = (problem: Problem): boolean =>
  everyPlan(problem, () => Infinity).next().done === false;

const touches = (link: Link, task: Task): boolean => link.before === task.id || link.after === task.id;

function onlyFirst(problem: Problem, n: number): Problem {
  const tasks = problem.tasks.slice(0, n);
  const has = (id: string) => tasks.some((t) => t.id === id);
  return { ...problem, tasks, links: problem.links.filter((l) => has(l.before) && has(l.after)) };
}

const TABLE_MIN = 48 * 60;

/** A sitting of so many dishes: chains of acts about a soak and a cook, five resources, two nights. */
export function crowdedEvening(dishes: number, perDish: number, seed: number, hands: number): Problem {
  const draw = seeded(seed);
  const between = (low: number, high: number) => low + Math.floor(draw() * (high - low));
  const tasks: Task[] = [];
  const links: Link[] = [];
  for (let d = 0; d < dishes; d++) {
    const soakAt = Math.floor(perDish * 0.4);
    const cookAt = perDish - 4;
    // A kitchen with two ovens bakes at two heats.
    const oven = d % 2 === 0 ? { resourceId: "oven", ovenC: 180 } : { resourceId: "oven2", ovenC: 220 };
    for (let k = 0; k < perDish; k++) {
      const soak = k === soakAt;
      const cook = k === cookAt;
      const handsOn = !soak && !cook;
      const minMin = soak ? between(300, 700) : cook ? between(30, 90) : between(3, 11);
      tasks.push({
        id: `d${d}k${k}`,
        dishId: `d${d}`,
        title: `dish ${d} act ${k}`,
        minMin,
        preferMin: soak ? minMin + 200 : minMin,
        maxMin: soak ? minMin + 900 : minMin,
        handsOn,
        uses: [
          ...(handsOn ? [{ resourceId: "hands", amount: 1 }] : []),
          ...(soak ? [{ resourceId: "fridge", amount: 12 }] : []),
          ...(cook ? [{ ...oven, amount: 1 }] : []),
        ],
        ...(k === perDish - 1 && { fromMin: TABLE_MIN - 45, untilMin: TABLE_MIN, demand: `table:${d}` }),
        ...(soak && { demand: `soak:${d}` }),
        hot: cook,
      });
      if (k === 0) continue;
      const tight = soak || k === soakAt + 1;
      const maxMin = tight ? 5 : k >= cookAt ? 45 : 240;
      links.push({
        before: `d${d}k${k - 1}`,
        from: "end",
        after: `d${d}k${k}`,
        to: "start",
        minMin: 0,
        maxMin,
      });
    }
  }
  const night = (fromH: number) => ({ fromMin: fromH * 60, toMin: (fromH + 8) * 60, demand: "quiet" });
  return {
    tasks,
    links,
    resources: [
      { id: "hands", name: "hands", kind: "hands", capacity: hands },
      { id: "fridge", name: "fridge", kind: "fridge", capacity: 140 },
      { id: "oven", name: "oven", kind: "oven", capacity: 4 },
      { id: "oven2", name: "oven 2", kind: "oven", capacity: 4 },
      { id: "hob", name: "hob", kind: "hob", capacity: 4 },
    ],
    closed: [night(8), night(32)],
    unloved: [{ fromMin: 7 * 60, toMin: 8 * 60 }],
    tableMin: TABLE_MIN,
    horizonMin: TABLE_MIN + 120,
  };
}

/** A task of just so many minutes. */
export const task = (id: string, minutes: number, part: Partial<Task> = {}): Task => ({
  id,
  dishId: id,
  title: id,
  minMin: minutes,
  preferMin: minutes,
  maxMin: minutes,
  handsOn: false,
  uses: [],
  ...part,
});
