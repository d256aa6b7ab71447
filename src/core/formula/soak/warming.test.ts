import fc from "fast-check";
import { diffusivityAt } from "../../diffusion/flesh-body";
import { vesselLeakWPerK } from "../../heat/vessel-leak";
import { outcomeAt } from "../account/outcome";
import { chops, worked } from "../formulation.fixture";
import { bathWarmth, coolingPace, warmingPace } from "./warming";

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

describe("by hand", () => {
  const at = (toC: number, fromC = 3) => diffusivityAt(1, toC) / diffusivityAt(1, fromC);

  test("flesh that warms evenly: from its own pace to that of the end, thirteen points in even steps", () => {
    const { timesS, factors } = warmingPace(3, 63, 3600);
    expect(timesS).toHaveLength(13);
    expect([timesS[0], timesS[6], timesS[12]]).toEqual([0, 1800, 3600]);
    expect([factors[0], factors[6], factors[12]]).toEqual(
      [1, at(33), at(63)].map((f) => expect.closeTo(f, 12)),
    );
  });

  test("a bath that cools: five time constants in sixteen points, a third of one each, and then as it is held", () => {
    const { timesS, factors } = coolingPace({ metC: 15, timeConstantH: 2 }, 3);
    expect(timesS).toHaveLength(16);
    expect([timesS[0], timesS[3], timesS[15]]).toEqual([0, 7200, 36_000].map((t) => expect.closeTo(t, 6)));
    expect(factors[0]).toBeCloseTo(at(15), 12);
    expect(factors[3]).toBeCloseTo(at(3 + 12 / Math.E), 12);
    expect(factors[15]).toBe(1);
  });

  test("its time constant is what bath and flesh hold over what the walls let in; a twentieth of a degree is none", () => {
    const f = (brineStartC: number) =>
      chops({ holding: { ...chops().holding, temperatureC: 3, brineStartC } });
    const warm = bathWarmth(f(20), 2000, 1000);
    const heldJPerK = 2000 * 4 + 1000 * 3.5;
    expect(warm?.metC).toBeCloseTo((8000 * 20 + 3500 * 3) / heldJPerK, 9);
    expect(warm?.timeConstantH).toBeCloseTo(heldJPerK / vesselLeakWPerK(chops().vessel) / 3600, 9);
    expect(bathWarmth(f(3.07), 2000, 1000)).toBeUndefined();
    expect(bathWarmth(f(3.08), 2000, 1000)).toBeDefined();
    const dry = {
      ...f(20),
      preparation: { kind: "dryBrine", targetFraction: 0.01, salted: "allFaces" },
    } as const;
    expect(bathWarmth(dry, 2000, 1000)).toBeUndefined();
  });
});
