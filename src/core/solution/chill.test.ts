import fc from "fast-check";
import { brineHeatCapacity, brineMassKg, chill, iceNeededKg, splitHotAndIce } from "./chill";
import { brineDensityGPerMl, brineFreezingPointC, saturationFraction } from "./sodium-chloride";

const HOT = { massKg: 1, saltFraction: 0, temperatureC: 80, heatCapacityKJPerKgK: 4.186 };

test("by hand: 1 kg of water at 79.68 °C just melts 1 kg of ice (333.55 / 4.186 = 79.68)", () => {
  const end = chill({ ...HOT, temperatureC: 333.55 / 4.186 }, { massKg: 1, temperatureC: 0 });
  expect(end.temperatureC).toBeCloseTo(0, 9);
  expect(end.iceLeftKg).toBeCloseTo(0, 9);
});

test("ice beyond what melts stays, in brine at its own freezing point", () => {
  const end = chill(
    { ...HOT, saltFraction: 0.1, temperatureC: 20, heatCapacityKJPerKgK: 3.8 },
    { massKg: 3, temperatureC: -10 },
  );
  expect(end.iceLeftKg).toBeGreaterThan(1);
  expect(end.temperatureC).toBeCloseTo(brineFreezingPointC(end.saltFraction), 6);
});

const kg = fc.double({ min: 0.2, max: 20, noNaN: true });
const strength = fc.double({ min: 0.01, max: 0.24, noNaN: true });
const hotC = fc.double({ min: 40, max: 100, noNaN: true });
const iceC = fc.double({ min: -18, max: 0, noNaN: true });

test("the ice asked for brings it to the temperature asked for", () => {
  fc.assert(
    fc.property(kg, strength, hotC, iceC, (massKg, saltFraction, temperatureC, ice) => {
      const hot = {
        massKg,
        saltFraction,
        temperatureC,
        heatCapacityKJPerKgK: brineHeatCapacity(saltFraction),
      };
      const end = chill(hot, { massKg: iceNeededKg(hot, ice, 3), temperatureC: ice });
      return Math.abs(end.temperatureC - 3) < 1e-6 && end.iceLeftKg < 1e-9;
    }),
    { seed: 71 },
  );
});

test("hot water and ice sum to the water of the brine, and end at the temperature asked for", () => {
  fc.assert(
    fc.property(kg, strength, hotC, iceC, (waterKg, saltFraction, temperatureC, ice) => {
      const saltKg = (waterKg * saltFraction) / (1 - saltFraction);
      const heatCapacityKJPerKgK = 3.8;
      const plan = splitHotAndIce(waterKg, saltKg, { temperatureC, heatCapacityKJPerKgK }, ice, 2);
      if (plan.hotWaterKg <= 0) return false;
      const massKg = plan.hotWaterKg + saltKg;
      const end = chill(
        { massKg, saltFraction: saltKg / massKg, temperatureC, heatCapacityKJPerKgK },
        { massKg: plan.iceKg, temperatureC: ice },
      );
      return Math.abs(plan.hotWaterKg + plan.iceKg - waterKg) < 1e-9 && Math.abs(end.temperatureC - 2) < 1e-6;
    }),
    { seed: 72 },
  );
});

/** Heat above water at 0 °C, kJ: ice lies its latent heat below. The same balance, summed from the parts. */
const waterKJ = (kg: number, c: number) => kg * 4.186 * c;
const iceKJ = (kg: number, c: number) => kg * (-333.55 + 2.1 * c);

test("by hand: ice at −18 °C in a thin brine at 0 °C takes water out of it", () => {
  // 1 kg of 3 % at 0 °C, 2 kg of ice: 0.03 kg of salt, the ice gains and the brine loses until both stand at one freezing point.
  const end = chill(
    { massKg: 1, saltFraction: 0.03, temperatureC: 0, heatCapacityKJPerKgK: 4.07 },
    { massKg: 2, temperatureC: -18 },
  );
  expect(end.iceLeftKg).toBeGreaterThan(2.1);
  expect(end.saltFraction).toBeCloseTo(0.03 / (3 - end.iceLeftKg), 12);
  expect(end.temperatureC).toBeCloseTo(brineFreezingPointC(end.saltFraction), 6);
});

test("no heat and no salt is lost: what was stirred in is what stands there, melted or not", () => {
  fc.assert(
    fc.property(
      kg,
      strength,
      hotC,
      iceC,
      kg,
      kg,
      (massKg, saltFraction, temperatureC, ice, iceKg, coldKg) => {
        const heatCapacityKJPerKgK = brineHeatCapacity(saltFraction);
        const hot = { massKg, saltFraction, temperatureC, heatCapacityKJPerKgK };
        const end = chill(hot, { massKg: iceKg, temperatureC: ice }, { massKg: coldKg, temperatureC: 12 });
        const melted = iceKg - end.iceLeftKg;
        const before = massKg * heatCapacityKJPerKgK * temperatureC + iceKJ(iceKg, ice) + waterKJ(coldKg, 12);
        const after =
          massKg * heatCapacityKJPerKgK * end.temperatureC +
          waterKJ(coldKg + melted, end.temperatureC) +
          iceKJ(end.iceLeftKg, end.temperatureC);
        expect(after).toBeCloseTo(before, 6);
        expect(end.saltFraction * (massKg + coldKg + melted)).toBeCloseTo(massKg * saltFraction, 9);
        if (end.iceLeftKg > 1e-9)
          expect(end.temperatureC).toBeCloseTo(brineFreezingPointC(end.saltFraction), 6);
        else expect(end.temperatureC).toBeGreaterThanOrEqual(brineFreezingPointC(end.saltFraction) - 1e-9);
      },
    ),
    { seed: 73, numRuns: 60 },
  );
});

describe("hot water and ice", () => {
  const HOT_WATER = { temperatureC: 90, heatCapacityKJPerKgK: 4.186 };

  test("by hand: 4 kg of water at 90 °C and ice at 0 °C to 5 °C", () => {
    // x kg of ice: x × (333.55 + 4.186 × 5) = (4 − x) × 4.186 × 85, so x = 4 × 355.81 ÷ (355.81 + 354.48) = 2.0037.
    const plan = splitHotAndIce(4, 0, HOT_WATER, 0, 5);
    expect(plan.iceKg).toBeCloseTo(2.0037, 3);
    expect(plan.concentrateFraction).toBe(0);
  });

  test("what else goes in, warmer than wanted, asks for ice of its own; as cold as wanted for none", () => {
    const plain = splitHotAndIce(4, 0, HOT_WATER, 0, 5).iceKg;
    expect(splitHotAndIce(4, 0, HOT_WATER, 0, 5, { massKg: 2, temperatureC: 5 }).iceKg).toBeCloseTo(plain, 9);
    // 2 kg of cider at 15 °C: 2 × 4.186 × 10 = 83.72 kJ more, over 710.29 kJ a kilogram.
    const more = splitHotAndIce(4, 0, HOT_WATER, 0, 5, { massKg: 2, temperatureC: 15 }).iceKg;
    expect(more - plain).toBeCloseTo(83.72 / 710.29, 4);
  });

  test("all the salt dissolves hot up to saturation, and not over it; never in no water", () => {
    const at = (saltKg: number) => splitHotAndIce(2, saltKg, HOT_WATER, 0, 5);
    // More salt is more to chill: the hot part is looked for that just holds it.
    let [held, over] = [0.1, 1];
    for (let i = 0; i < 60; i++) {
      const saltKg = (held + over) / 2;
      if (at(saltKg).concentrateFraction <= saturationFraction(90)) held = saltKg;
      else over = saltKg;
    }
    expect(at(held).dissolvesHot).toBe(true);
    expect(at(held).concentrateFraction).toBeCloseTo(saturationFraction(90), 9);
    expect(at(held + 0.001).dissolvesHot).toBe(false);
    const none = splitHotAndIce(1, 0.05, HOT_WATER, 0, 5, { massKg: 30, temperatureC: 60 });
    expect(none).toMatchObject({ hotWaterKg: 0, iceKg: 1, dissolvesHot: false });
    expect(splitHotAndIce(1, 0, HOT_WATER, 0, 5, { massKg: 30, temperatureC: 60 }).dissolvesHot).toBe(false);
  });
});

test("a brine's heat capacity falls with its salt: 4.19 of water, 3.8 at 10 %, 3.4 at 20 % (CRC, from memory)", () => {
  expect([0, 0.1, 0.2].map((w) => brineHeatCapacity(w))).toEqual([
    expect.closeTo(4.19, 2),
    expect.closeTo(3.8, 1),
    expect.closeTo(3.4, 1),
  ]);
  expect(brineMassKg(2, 0.05)).toBeCloseTo(2 * brineDensityGPerMl(0.05), 12);
});
