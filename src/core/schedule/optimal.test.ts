import { costOf } from "./cost";
import { CostModel } from "./cost-model";
import { breaches } from "./limits";
import type { Problem } from "./model";
import { pointOf } from "./network";
import cases from "./optimal-cases.json";
import { plan } from "./plan";
import { crowdedEvening } from "./schedule.fixture";
import { search } from "./search";

/*
 * Random sittings of 6 to 12 tasks, each solved to its proven optimum by HiGHS (a mixed-integer optimiser, by the npm package
 * `highs`): `npm run planner-cases` makes them.
 */
const all = cases.cases as unknown as { seed: number; cost: number | null; problem: Problem }[];

test("against an optimiser: what can be planned is, what cannot is not; within 2 % on average and never over 10 %", () => {
  const gaps: number[] = [];
  for (const { cost, problem } of all) {
    const result = plan(problem);
    expect(result.status === "planned").toBe(cost !== null);
    if (result.status !== "planned" || cost === null) continue;
    expect(breaches(problem, result.planned.plan)).toEqual([]);
    // No plan beats a proven optimum: if one does, the two count another cost.
    expect(result.planned.cost).toBeGreaterThan(cost - 1e-6);
    gaps.push((result.planned.cost - cost) / cost);
  }
  expect(gaps.length).toBeGreaterThan(30);
  expect(gaps.reduce((a, b) => a + b, 0) / gaps.length).toBeLessThan(0.02);
  expect(Math.max(...gaps)).toBeLessThan(0.1);
});

test("the cost read off the points is the cost of the plan they make", () => {
  for (const { problem } of all) {
    const result = plan(problem, { effort: 0 });
    if (result.status !== "planned") continue;
    const times = new Int32Array(1 + 2 * problem.tasks.length);
    problem.tasks.forEach((t, i) => {
      times[pointOf(i, "start")] = result.planned.plan[t.id].start;
      times[pointOf(i, "end")] = result.planned.plan[t.id].end;
    });
    expect(new CostModel(problem).of(times)).toBeCloseTo(costOf(problem, result.planned.plan), 6);
  }
});

test("120 tasks and one pair of hands: planned or proven impossible, unsure in none of ten seeds", () => {
  const found = Array.from({ length: 10 }, (_, i) => search(crowdedEvening(8, 15, i + 1, 1)).status);
  expect(found).not.toContain("unsure");
  expect(new Set(found).size).toBe(2);
});

test("120 tasks and two pairs of hands are planned, and break no limit", () => {
  for (const seed of [1, 4, 7]) {
    const problem = crowdedEvening(8, 15, seed, 2);
    const found = search(problem);
    if (found.status !== "found") throw new Error(found.status);
    expect(breaches(problem, found.plan)).toEqual([]);
  }
});
