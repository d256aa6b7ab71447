import { clashOf } from "@/core/schedule/clash";
import { breaches } from "@/core/schedule/limits";
import type { Problem } from "@/core/schedule/model";
import { crowdedEvening } from "@/core/schedule/schedule.fixture";
import { plan } from "@/core/schedule/plan";

function timed<T>(act: () => T): { ms: number; value: T } {
  const begun = performance.now();
  const value = act();
  return { ms: performance.now() - begun, value };
}

const planned = (problem: Problem) => plan(problem);

/** First plan, plan after one task was put elsewhere, and what clashes when there is half an oven: by size. */
export function benchSitting(): void {
  console.log("\nsitting: 48 h, two nights, five resources");
  const sizes: [number, number][] = [
    [2, 5],
    [3, 10],
    [5, 12],
    [6, 15],
    [8, 15],
  ];
  console.table(
    sizes.map(([dishes, perDish]) => {
      const problem = crowdedEvening(dishes, perDish, 7, 3);
      const first = timed(() => planned(problem));
      const result = first.value;
      const moved =
        result.status === "planned"
          ? timed(() =>
              planned({
                ...problem,
                pins: [{ taskId: "d0k1", atMin: result.planned.plan.d0k1.start - 20, demand: "pinned" }],
              }),
            )
          : undefined;
      const none = {
        ...problem,
        resources: problem.resources.map((r) => (r.id === "oven" ? { ...r, capacity: 0 } : r)),
      };
      const clash = timed(() => clashOf(none));
      return {
        tasks: dishes * perDish,
        plan: result.status,
        "first, ms": first.ms.toFixed(0),
        "after a drag, ms": moved?.ms.toFixed(0) ?? "",
        "clash, ms": clash.ms.toFixed(0),
        "clash names": clash.value?.demands.join(" "),
        broken: result.status === "planned" ? breaches(problem, result.planned.plan).length : "",
      };
    }),
  );
}
