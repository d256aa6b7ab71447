import { Bench } from "tinybench";
import { simulateSoak } from "@/core/diffusion/simulate";
import { outcomeAt } from "@/core/formula/account/outcome";
import { formulate } from "@/core/formula/formulate";
import { DUCK_LEGS, PORK_LOIN } from "@/server/demo/brines";

const HOUR_S = 3600;

function soak72h(cells: number) {
  return simulateSoak(
    { shape: "cylinder", halfThicknessM: 0.04 },
    [{ kind: "bath", durationS: 72 * HOUR_S, diffusivityM2PerS: 3e-10, waterRatio: 1.5, saltPerWater: 0.05 }],
    { cells },
  );
}

/** The sums alone, in Node. */
export async function benchCore(): Promise<void> {
  const bench = new Bench({ time: 1500, warmupTime: 500 });
  bench
    .add("soak, 72 h, 120 cells", () => void soak72h(120))
    .add("soak, 72 h, 200 cells", () => void soak72h(200))
    .add("whole wet sheet", () => void formulate(PORK_LOIN))
    .add("whole dry sheet", () => void formulate(DUCK_LEGS));
  const sheet = formulate(PORK_LOIN);
  if (sheet.ok) bench.add("figures at another pull (a drag)", () => void outcomeAt(sheet.value, 20, 18));
  await bench.run();
  console.table(
    bench.tasks.map((task) => {
      const latency = task.result && "latency" in task.result ? task.result.latency : undefined;
      return {
        what: task.name,
        "median ms": latency?.p50.toFixed(2),
        "p99 ms": latency?.p99.toFixed(2),
        runs: latency?.samplesCount,
      };
    }),
  );
}
