import fc from "fast-check";
import { hasConflict, lastConflict, watchOf } from "./conflicts";
import { crowdedEvening } from "./schedule.fixture";
import cases from "./optimal-cases.json";
import type { Problem } from "./model";
import { search } from "./search";

const PROBLEMS = [
  ...(cases.cases as unknown as { problem: Problem }[]).slice(0, 12).map((c) => c.problem),
  crowdedEvening(4, 8, 1, 2),
];

test("there is a conflict just where one is the last, in plans and in plans with acts moved about", () => {
  let some = 0;
  let none = 0;
  for (const problem of PROBLEMS) {
    const watch = watchOf(problem, new Set());
    const found = search(problem);
    if (found.status !== "found") continue;
    const times = found.network.latest;
    expect(hasConflict(watch, times)).toBe(false);
    const moves = fc.array(fc.integer({ min: -90, max: 90 }), {
      minLength: times.length,
      maxLength: times.length,
    });
    fc.assert(
      fc.property(moves, fc.nat(3), (by, share) => {
        // All of them moved, or few.
        const moved = times.map((time, i) => (i % (1 + 4 * share) === 0 ? time + by[i] : time));
        const is = lastConflict(watch, moved) !== undefined;
        if (is) some++;
        else none++;
        expect(hasConflict(watch, moved)).toBe(is);
      }),
      { numRuns: 60 },
    );
  }
  // Both are met with.
  expect(Math.min(some, none)).toBeGreaterThan(50);
});
