import fc from "fast-check";
import { heatRun, type HeatBody } from "./core-curve";

const LEAN: HeatBody = { shape: "slab", halfThicknessMm: 25, alphaM2PerS: 1.4e-7, conductivityWPerMK: 0.48 };
const need = <T>(r: { ok: true; value: T } | { ok: false }): T => {
  if (!r.ok) throw new Error("the run was refused");
  return r.value;
};

test("one-term solution of a slab with its face at the surroundings (Carslaw & Jaeger, ch. 3): 4/π·exp(−π²Fo/4)", () => {
  const hours = 1.5;
  const run = need(heatRun(LEAN, 5, [{ surroundingsC: 60, durationS: hours * 3600, filmWPerM2K: null }]));
  const fourier = (1.4e-7 * hours * 3600) / 0.025 ** 2;
  const left = (4 / Math.PI) * Math.exp((-(Math.PI ** 2) / 4) * fourier);
  expect(run.at(hours * 3600).centreC).toBeCloseTo(60 - 55 * left, 1);
});

test("taken out into a cool room the centre still climbs, then falls: carry-over", () => {
  const stages = [
    { surroundingsC: 180, durationS: 2400, filmWPerM2K: 25 },
    { surroundingsC: 22, durationS: 3600, filmWPerM2K: 8 },
  ];
  const run = need(heatRun({ ...LEAN, halfThicknessMm: 35 }, 5, stages, 400));
  const out = run.at(2400).centreC;
  const peak = Math.max(...run.moments.map((m) => m.centreC));
  expect(peak).toBeGreaterThan(out + 3);
  expect(run.at(6000).centreC).toBeLessThan(peak);
});

test("never hotter than its surroundings nor colder than its start; hotter ovens are sooner", () => {
  const degrees = fc.double({ min: 90, max: 240, noNaN: true });
  fc.assert(
    fc.property(degrees, fc.constantFrom("slab", "cylinder", "sphere"), (ovenC, shape) => {
      const body = { ...LEAN, shape: shape as "slab" };
      const at = (c: number) =>
        need(heatRun(body, 4, [{ surroundingsC: c, durationS: 9000, filmWPerM2K: 20 }], 120));
      const run = at(ovenC);
      const inside = run.moments.every((m) => m.centreC >= 4 - 1e-3 && m.surfaceC <= ovenC + 1e-3);
      const sooner = (at(ovenC + 20).reachS(60) ?? Infinity) <= (run.reachS(60) ?? Infinity);
      return inside && sooner;
    }),
    { seed: 132, numRuns: 15 },
  );
});
