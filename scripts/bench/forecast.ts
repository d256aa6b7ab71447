import { forecastDone } from "@/core/heat/forecast";
import { simulated } from "@/core/instruments/instrument";
import { roastCore, type RoastTruth } from "@/core/instruments/kitchen-truth";

const BASE: RoastTruth = {
  shape: "cylinder",
  halfThicknessMm: 40,
  startC: 5,
  ovenC: 180,
  swingC: 9,
  swingS: 900,
  filmWPerM2K: 20,
};

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

/** How far the forecast is off on roasts that another model made, as a share of the time still to go. */
export function benchForecast(): void {
  console.log(
    "\nforecast: error over remaining time (cycling oven, damp face, lagging probe, thickness 10 % off)",
  );
  console.table(
    ROASTS.map(([what, part, targetC], i) => {
      const roast = { ...BASE, ...part };
      const core = roastCore(roast, 7);
      let doneS = 0;
      while (core(doneS) < targetC && doneS < 7 * 3600) doneS += 10;
      const probe = simulated("probe", core, i + 1);
      const off = PARTS.map((share) => {
        const readings: { atMin: number; coreC: number }[] = [];
        for (let s = 0; s <= doneS * share; s += 60) {
          const { value } = probe.readAt(s);
          if (value !== null) readings.push({ atMin: s / 60, coreC: value });
        }
        const { shape, halfThicknessMm, ovenC } = roast;
        const forecast = forecastDone({
          shape,
          halfThicknessMm: halfThicknessMm * 1.1,
          ovenC,
          targetC,
          readings,
        });
        const error = ((forecast?.doneMin ?? NaN) - doneS / 60) / ((doneS / 60) * (1 - share));
        return [`at ${share * 100} %`, `${(error * 100).toFixed(0)} %`];
      });
      return { what, "min in all": (doneS / 60).toFixed(0), ...Object.fromEntries(off) };
    }),
  );
}
