import { drawnRoast, inOven, roast } from "@/core/heat/roasts.fixture";
import { forecastDone } from "@/core/heat/forecast";
import { simulated } from "@/core/instruments/instrument";
import { seeded } from "@/core/instruments/random";
import { roastCore, type RoastTruth } from "@/core/instruments/kitchen-truth";

const ROASTS: [string, Partial<RoastTruth>, number][] = [
  ["loin, 180 °C to 63", { filmWPerM2K: 18 }, 63],
  ["slab 50 mm, 200 °C to 63", { shape: "slab", halfThicknessMm: 25, ovenC: 200, filmWPerM2K: 22 }, 63],
  ["ball 110 mm, 165 °C to 74", { shape: "sphere", halfThicknessMm: 55, ovenC: 165, filmWPerM2K: 16 }, 74],
  ["log 90 mm, 150 °C to 58", { halfThicknessMm: 45, ovenC: 150, filmWPerM2K: 24 }, 58],
  ["slab 70 mm, 150 °C to 80", { shape: "slab", halfThicknessMm: 35, ovenC: 150 }, 80],
  ["log 60 mm, 200 °C to 60", { halfThicknessMm: 30, ovenC: 200, filmWPerM2K: 28 }, 60],
  ["slab 40 mm, 220 °C to 63", { shape: "slab", halfThicknessMm: 20, ovenC: 220, filmWPerM2K: 18 }, 63],
  ["log 110 mm, 165 °C to 74", { halfThicknessMm: 55, ovenC: 165 }, 74],
];
const PARTS = [0.3, 0.5, 0.7];

/** A share of the way through, what it foresees against what came; error as a share of the time still to go. */
function errorAt(truth: RoastTruth, targetC: number, seed: number, shares: readonly number[], said: number) {
  const core = roastCore(truth, 7);
  let doneS = 0;
  while (core(doneS) < targetC && doneS < 7 * 3600) doneS += 10;
  const probe = simulated("probe", core, seed);
  const errors = shares.map((share) => {
    const readings: { atMin: number; coreC: number }[] = [];
    for (let s = 0; s <= doneS * share; s += 60) {
      const { value } = probe.readAt(s);
      if (value !== null) readings.push({ atMin: s / 60, coreC: value });
    }
    const { shape, ovenC } = truth;
    const halfThicknessMm = truth.halfThicknessMm * said;
    const forecast = forecastDone({ shape, halfThicknessMm, stretches: inOven(ovenC), targetC, readings });
    return ((forecast?.doneMin ?? NaN) - doneS / 60) / ((doneS / 60) * (1 - share));
  });
  return { doneMin: doneS / 60, errors };
}

/** How far the forecast is off on roasts that another model made, as a share of the time still to go. */
export function benchForecast(): void {
  console.log(
    "\nforecast: error over remaining time (cycling oven, damp face, lagging probe, thickness 10 % off)",
  );
  console.table(
    ROASTS.map(([what, part, targetC], i) => {
      const { doneMin, errors } = errorAt(roast(part), targetC, i + 1, PARTS, 1.1);
      const off = PARTS.map((share, n) => [`at ${share * 100} %`, `${(errors[n] * 100).toFixed(0)} %`]);
      return { what, "min in all": doneMin.toFixed(0), ...Object.fromEntries(off) };
    }),
  );
  const sizes = drawn().sort((a, b) => a - b);
  const show = (x: number) => `${(x * 100).toFixed(1)} %`;
  console.log(
    `${sizes.length} roasts drawn at random, half-way: mean ${show(sizes.reduce((a, b) => a + b, 0) / sizes.length)},`,
    `within 10 %: ${sizes.filter((x) => x < 0.1).length}, nine in ten within ${show(sizes[Math.floor(sizes.length * 0.9)])},`,
    `worst ${show(sizes[sizes.length - 1])}`,
  );
}

/** Sizes of the error half-way, of a hundred roasts of all kinds. */
function drawn(): number[] {
  const draw = seeded(2026);
  return Array.from({ length: 100 }, (_, i) => {
    const { truth, targetC, said } = drawnRoast(draw);
    const { errors } = errorAt(truth, targetC, i + 1, [0.5], said);
    return Math.abs(errors[0]);
  });
}
