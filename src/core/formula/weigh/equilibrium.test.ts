import fc from "fast-check";
import {
  additionsForWholeMass,
  equilibriumPerWater,
  perWaterForTarget,
  saltForWaterPhase,
  shareOfFinishedFlesh,
  sodiumMg,
  type Flesh,
} from "./equilibrium";

const PLAIN: Flesh = { massG: 1000, waterFraction: 0.75, nativeSaltFraction: 0 };

describe("water-phase convention", () => {
  test("worked by hand: 1 kg of flesh, 1 kg of water, 1.5 % of the original flesh", () => {
    // x = 0.015 / 0.75 = 0.02 g/g; 0.02 × (750 + 1000) = 35 g
    expect(saltForWaterPhase(PLAIN, 1000, 0.015, "originalFlesh")).toBeCloseTo(35, 10);
  });

  test("salt the flesh holds comes off", () => {
    const held = { ...PLAIN, nativeSaltFraction: 0.002 };
    expect(saltForWaterPhase(held, 1000, 0.015, "originalFlesh")).toBeCloseTo(33, 10);
  });

  const flesh = fc.record({
    massG: fc.double({ min: 10, max: 50_000, noNaN: true }),
    waterFraction: fc.double({ min: 0.3, max: 0.95, noNaN: true }),
    nativeSaltFraction: fc.double({ min: 0, max: 0.004, noNaN: true }),
  });
  const water = fc.double({ min: 0, max: 100_000, noNaN: true });
  const target = fc.double({ min: 0.005, max: 0.05, noNaN: true });

  test("what is weighed out brings the flesh to its target, in either basis", () => {
    fc.assert(
      fc.property(flesh, water, target, (f, waterG, t) => {
        const x = equilibriumPerWater(f, waterG, saltForWaterPhase(f, waterG, t, "finishedFlesh"));
        const y = equilibriumPerWater(f, waterG, saltForWaterPhase(f, waterG, t, "originalFlesh"));
        return (
          Math.abs(shareOfFinishedFlesh(x, f.waterFraction) - t) < 1e-12 &&
          Math.abs(y * f.waterFraction - t) < 1e-12
        );
      }),
      { seed: 21 },
    );
  });

  test("twice the food in twice the water takes twice the salt", () => {
    fc.assert(
      fc.property(flesh, water, target, (f, waterG, t) => {
        const once = saltForWaterPhase(f, waterG, t, "finishedFlesh");
        const twice = saltForWaterPhase({ ...f, massG: 2 * f.massG }, 2 * waterG, t, "finishedFlesh");
        return Math.abs(twice - 2 * once) <= 1e-9 * Math.max(1, Math.abs(twice));
      }),
      { seed: 22 },
    );
  });

  test("a finished-flesh target asks for a little more than an original-flesh one", () => {
    expect(perWaterForTarget(0.02, 0.75, "finishedFlesh")).toBeGreaterThan(
      perWaterForTarget(0.02, 0.75, "originalFlesh"),
    );
  });
});

describe("whole-mass convention", () => {
  test("the usual kitchen sum: 1.2 % of 2.5 kg and 2 L", () => {
    expect(additionsForWholeMass({ ...PLAIN, massG: 2500 }, 2000, { salt: 0.012 }).saltG).toBeCloseTo(54, 10);
  });

  test("percent of everything: the salt and sugar are in the whole", () => {
    const { saltG, sugarG } = additionsForWholeMass(PLAIN, 1000, {
      salt: 0.02,
      sugar: 0.01,
      ofEverything: true,
    });
    expect(saltG / (2000 + saltG + sugarG)).toBeCloseTo(0.02, 12);
    expect(sugarG / (2000 + saltG + sugarG)).toBeCloseTo(0.01, 12);
  });

  test("it leaves the flesh short of the target, because flesh is only part water", () => {
    const saltG = additionsForWholeMass(PLAIN, 1000, { salt: 0.015 }).saltG;
    const end = shareOfFinishedFlesh(equilibriumPerWater(PLAIN, 1000, saltG), PLAIN.waterFraction);
    expect(end).toBeLessThan(0.015);
    expect(end).toBeGreaterThan(0.012);
  });
});

test("sodium is 39.34 % of salt by atomic masses (Na 22.990, Cl 35.453)", () => {
  expect(sodiumMg(1)).toBeCloseTo((22.99 / (22.99 + 35.453)) * 1000, 0);
});
