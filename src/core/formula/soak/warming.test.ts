import fc from "fast-check";
import { outcomeAt } from "../account/outcome";
import { chops, worked } from "../formulation.fixture";
import { bathWarmth, coolingPace } from "./warming";

const with_ = (brineStartC: number) => {
  const f = chops();
  return { ...f, holding: { ...f.holding, temperatureC: 3, brineStartC } };
};

test("brine and food meet by their heats: 2 kg at 20 °C and 1 kg at 3 °C are at 14.8 °C", () => {
  // (2000 × 4 × 20 + 1000 × 3.5 × 3) ÷ (2000 × 4 + 1000 × 3.5) = 14.826
  expect(bathWarmth(with_(20), 2000, 1000)?.metC).toBeCloseTo(14.826, 3);
});

test("as cold as it is held there is nothing to say", () => {
  expect(bathWarmth(with_(3), 2000, 1000)).toBeUndefined();
});

test("a tub in the fridge takes hours to come to its temperature, more of it longer", () => {
  const hours = (bathG: number) => bathWarmth(with_(20), bathG, 1000)?.timeConstantH ?? NaN;
  expect(hours(2000)).toBeGreaterThan(0.5);
  expect(hours(2000)).toBeLessThan(12);
  expect(hours(6000)).toBeGreaterThan(hours(2000));
});

test("salt goes in faster while it is warm, slower while it is colder, and no leap lies between", () => {
  const meanAt = (brineStartC: number) => {
    const f = with_(brineStartC);
    return outcomeAt(worked(f), 2, f.portions).meanFraction;
  };
  expect(meanAt(20)).toBeGreaterThan(meanAt(3));
  expect(meanAt(0)).toBeLessThan(meanAt(3));
  expect(Math.abs(meanAt(3.2) / meanAt(3) - 1)).toBeLessThan(0.01);
});

test("its pace ends at that of where it is held", () => {
  fc.assert(
    fc.property(fc.double({ min: -1, max: 40, noNaN: true }), (metC) => {
      const { factors, timesS } = coolingPace({ metC, timeConstantH: 2 }, 3);
      const towards = factors.every(
        (f, i) => i === 0 || Math.abs(f - 1) <= Math.abs(factors[i - 1] - 1) + 1e-12,
      );
      return towards && factors[factors.length - 1] === 1 && timesS[0] === 0;
    }),
    { seed: 2, numRuns: 60 },
  );
});
