import fc from "fast-check";
import { brineHeatCapacity, chill, iceNeededKg, splitHotAndIce } from "./chill";
import { brineFreezingPointC } from "./sodium-chloride";

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
