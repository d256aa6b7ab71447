import fc from "fast-check";
import { costOf } from "./cost";
import { breaches } from "./limits";
import type { Plan, Problem, Task } from "./model";

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
  for (let start = task.fromMin ?? 0; start + task.minMin <= problem.horizonMin; start++)
    for (let end = start + task.minMin; end <= Math.min(start + task.maxMin, problem.horizonMin); end++) {
      const next = { ...soFar, [task.id]: { start, end } };
      if (breaches(begun, next).length === 0 && costOf(begun, next) < enough())
        yield* everyPlan(problem, enough, next, index + 1);
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

function onlyFirst(problem: Problem, n: number): Problem {
  const tasks = problem.tasks.slice(0, n);
  const has = (id: string) => tasks.some((t) => t.id === id);
  return { ...problem, tasks, links: problem.links.filter((l) => has(l.before) && has(l.after)) };
}
