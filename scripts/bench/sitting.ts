import { clashOf } from "@/core/schedule/clash";
import { breaches } from "@/core/schedule/limits";
import type { Link, Problem, Task } from "@/core/schedule/model";
import { plan } from "@/core/schedule/plan";
import { seeded } from "@/core/instruments/random";

const HOURS = 48;
const TABLE_MIN = HOURS * 60;

/** A sitting of so many dishes: chains of acts about a soak and a cook, five resources, two nights. */
function sittingOf(dishes: number, perDish: number, seed: number): Problem {
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
      { id: "hands", name: "hands", kind: "hands", capacity: 3 },
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
      const problem = sittingOf(dishes, perDish, 7);
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
