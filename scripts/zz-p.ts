import { plan } from "@/core/schedule/plan";
import { clashOf } from "@/core/schedule/clash";
import { costParts } from "@/core/schedule/cost";
import { breaches } from "@/core/schedule/limits";
import type { Problem, Task, Link } from "@/core/schedule/model";
import { seeded } from "@/core/instruments/random";
function sitting(dishes: number, perDish: number, seed: number): Problem {
  const rnd = seeded(seed);
  const tasks: Task[] = [];
  const links: Link[] = [];
  const T = 48 * 60;
  for (let d = 0; d < dishes; d++) {
    let prev: string | undefined;
    const temp = [160, 180, 200, 220][Math.floor(rnd() * 4)];
    for (let k = 0; k < perDish; k++) {
      const id = `d${d}k${k}`;
      const soak = k === Math.floor(perDish * 0.4);
      const cook = k === perDish - 4;
      const serve = k === perDish - 1;
      const min = soak
        ? 300 + Math.floor(rnd() * 400)
        : cook
          ? 30 + Math.floor(rnd() * 60)
          : 3 + Math.floor(rnd() * 8);
      const hands = !soak && !cook;
      tasks.push({
        id,
        dishId: `d${d}`,
        title: id,
        minMin: min,
        preferMin: soak ? min + 200 : min,
        maxMin: soak ? min + 900 : min,
        handsOn: hands,
        uses: [
          ...(hands ? [{ resourceId: "hands", amount: 1 }] : []),
          ...(soak ? [{ resourceId: "fridge", amount: 12 }] : []),
          ...(cook ? [{ resourceId: "oven", amount: 1, ovenC: temp }] : []),
        ],
        untilMin: serve ? T : undefined,
        fromMin: serve ? T - 40 : undefined,
        demand: soak ? `soak:${d}` : undefined,
        hot: cook,
      });
      if (prev)
        links.push({
          before: prev,
          from: "end",
          after: id,
          to: "start",
          minMin: 0,
          maxMin: soak || k === Math.floor(perDish * 0.4) + 1 ? 5 : k > perDish - 5 ? 60 : 240,
        });
      prev = id;
    }
  }
  return {
    tasks,
    links,
    resources: [
      { id: "hands", name: "h", kind: "hands", capacity: 2 },
      { id: "fridge", name: "f", kind: "fridge", capacity: 70 },
      { id: "oven", name: "o", kind: "oven", capacity: 3 },
      { id: "oven2", name: "o2", kind: "oven", capacity: 2 },
      { id: "hob", name: "hob", kind: "hob", capacity: 4 },
    ],
    closed: [
      { fromMin: 8 * 60, toMin: 16 * 60, demand: "quiet" },
      { fromMin: 32 * 60, toMin: 40 * 60, demand: "quiet" },
    ],
    unloved: [
      { fromMin: 7 * 60, toMin: 8 * 60 },
      { fromMin: 31 * 60, toMin: 32 * 60 },
    ],
    tableMin: T,
    horizonMin: T + 120,
  };
}
for (const [d, k] of [
  [2, 5],
  [3, 10],
  [5, 12],
  [8, 15],
])
  for (const seed of [1, 2, 3]) {
    const p = sitting(d, k, seed);
    const t0 = performance.now();
    const r = plan(p, { budget: 4000 });
    const t1 = performance.now();
    const extra =
      r.status === "planned"
        ? [
            r.planned.cost.toFixed(0),
            JSON.stringify(costParts(p, r.planned.plan)),
            breaches(p, r.planned.plan).length,
          ]
        : [];
    const t2 = performance.now();
    const c = r.status !== "planned" ? clashOf(p) : undefined;
    const t3 = performance.now();
    console.log(
      d * k,
      seed,
      r.status,
      (t1 - t0).toFixed(0) + "ms",
      ...extra,
      c ? [c.demands.join(","), c.unsure, (t3 - t2).toFixed(0) + "ms"] : "",
    );
  }
