import fc from "fast-check";
import { FREEZES_FROM_C, freezingFlesh } from "./freezing-flesh";

const LEAN_BEEF = freezingFlesh(0.745);

test.each([
  [-30, 19],
  [-20, 42],
  [-18, 47],
  [-10, 72],
  [-5, 105],
  [0, 304],
])(
  "handbook: lean beef of 74.5 %% water at %d °C holds %d kJ/kg above −40 °C (L. Riedel's table, from memory)",
  (c, kj) => {
    const found = LEAN_BEEF.enthalpyJPerKg(c) / 1000;
    expect(Math.abs(found - kj)).toBeLessThan(Math.max(3, 0.06 * kj));
  },
);

test("by hand, Chen's relation: 0.665 of freezable water at −18 °C is ice but for 1.1 / 18 of it", () => {
  expect(LEAN_BEEF.iceFraction(-18)).toBeCloseTo((0.745 - 0.4 * 0.2) * (1 - 1.1 / 18), 12);
  expect(LEAN_BEEF.iceFraction(FREEZES_FROM_C)).toBe(0);
  expect(LEAN_BEEF.iceFraction(4)).toBe(0);
});

test("the same heat, the same temperature, through freezing and out of it; more heat is never colder", () => {
  fc.assert(
    fc.property(
      fc.double({ min: 0.5, max: 0.9, noNaN: true }),
      fc.double({ min: -39.9, max: 40, noNaN: true }),
      fc.double({ min: -39.9, max: 40, noNaN: true }),
      (water, a, b) => {
        const flesh = freezingFlesh(water);
        const back = flesh.temperatureC(flesh.enthalpyJPerKg(a));
        const [colder, warmer] = [flesh.enthalpyJPerKg(Math.min(a, b)), flesh.enthalpyJPerKg(Math.max(a, b))];
        return Math.abs(back - a) < 1e-6 && colder <= warmer + 1e-6;
      },
    ),
    { seed: 17 },
  );
});

test("ice leads heat better, and the least heat a degree takes is no more than any degree takes", () => {
  expect(LEAN_BEEF.conductivityWPerMK(4)).toBe(0.48);
  expect(LEAN_BEEF.conductivityWPerMK(-18)).toBeCloseTo(1.3, 12);
  const taken = (c: number) => (LEAN_BEEF.enthalpyJPerKg(c + 0.01) - LEAN_BEEF.enthalpyJPerKg(c)) / 0.01;
  for (let c = -39.5; c < -1.2; c += 0.5)
    expect(taken(c)).toBeGreaterThanOrEqual(LEAN_BEEF.leastHeatJPerKgK.frozen - 1e-6);
  expect(taken(10)).toBeCloseTo(LEAN_BEEF.leastHeatJPerKgK.thawed, 3);
});
