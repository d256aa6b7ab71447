import { cupBrine, swapSaltVolumeMl } from "./cup-brine";
import { VOLUME_ML } from "../quantity/units";
import {
  baumeDegrees,
  brineFreezingPointC,
  brineStrength,
  saltFractionFromPerWater,
  saltFractionFromSalometer,
  saltFractionFromSpecificGravity,
  saltPerWater,
  saturationFraction,
} from "./sodium-chloride";

describe("brine strength", () => {
  // International Critical Tables / Perry (density), CRC Handbook (freezing), 20 °C, from memory.
  test.each([
    [1, 1.0053, 1.01, 3.8, -0.59],
    [3.5, 1.0232, 3.627, 13.3, -2.1],
    [5, 1.034, 5.263, 18.9, -3.05],
    [6, 1.0413, 6.383, 22.7, -3.7],
    [10, 1.0707, 11.111, 37.9, -6.56],
    [20, 1.1478, 25, 75.8, -16.46],
    [25, 1.1887, 33.333, 94.7, -21.1],
  ])("%d % w/w", (percent, density, per100gWater, salometer, freezing) => {
    const s = brineStrength(percent / 100);
    expect(s.densityGPerMl).toBeCloseTo(density, 3);
    expect(s.gPer100gWater).toBeCloseTo(per100gWater, 2);
    expect(s.salometerDegrees).toBeCloseTo(salometer, 1);
    expect(s.freezingPointC).toBeCloseTo(freezing, 1);
  });

  test("percent, salometer, gravity and salt per water lead back to each other", () => {
    for (const percent of [0.5, 2, 5.5, 8, 15, 24]) {
      const s = brineStrength(percent / 100);
      expect(saltFractionFromSalometer(s.salometerDegrees) * 100).toBeCloseTo(percent, 9);
      expect(saltFractionFromSpecificGravity(s.specificGravity) * 100).toBeCloseTo(percent, 6);
      expect(saltFractionFromPerWater(saltPerWater(percent / 100)) * 100).toBeCloseTo(percent, 9);
    }
  });

  test("5 % by hand: 5 g in 100 g, which is 96.71 mL; 52.63 g to a kilogram of water, a litre of which weighs 998.23 g", () => {
    const s = brineStrength(0.05);
    expect(s.percentWeightPerVolume).toBeCloseTo(5.17, 2);
    expect(s.gPerLitreBrine).toBeCloseTo(51.7, 1);
    expect(s.gPerLitreWater).toBeCloseTo(52.54, 2);
    expect(s.gPer100gWater).toBeCloseTo(5.263, 3);
  });

  test("thin brines freeze as Blagden's law says, 3.72 K a mol in a kilogram of water, less a tenth at most; stronger ones colder", () => {
    for (let w = 0.005; w <= 0.08; w += 0.005) {
      const blagden = -3.72 * ((w / (1 - w)) * (1000 / 58.44));
      expect(brineFreezingPointC(w) / blagden).toBeGreaterThan(0.9);
      expect(brineFreezingPointC(w) / blagden).toBeLessThan(1.05);
    }
    for (let w = 0; w < 0.233; w += 0.0025)
      expect(brineFreezingPointC(w + 0.0025)).toBeLessThan(brineFreezingPointC(w));
    expect(brineFreezingPointC(0.26)).toBe(-21.1);
  });

  test("Baumé: pure water 0, SG 1.15 is 18.9", () => {
    expect(baumeDegrees(1)).toBe(0);
    expect(baumeDegrees(1.15)).toBeCloseTo(18.913, 3);
  });

  test("saturation rises a little with heat: 35.9 g per 100 g at 20 °C, 39 g at 100 °C (CRC, from memory)", () => {
    expect(saltPerWater(saturationFraction(20)) * 100).toBeCloseTo(35.9, 1);
    expect(saltPerWater(saturationFraction(100)) * 100).toBeCloseTo(39, 1);
  });
});

describe("a cup to the gallon", () => {
  // Common practice, no source: the same cup of three salts makes about 7.1, 3.4 and 5.7 % brine.
  test.each([
    ["fine table salt", 6.0, 7.1],
    ["light flake kosher", 2.8, 3.4],
    ["dense kosher", 4.8, 5.7],
  ])("%s at %d g a teaspoon", (_, gPerTsp, percent) => {
    const density = gPerTsp / VOLUME_ML.us_tsp;
    const brine = cupBrine(VOLUME_ML.us_cup, density, VOLUME_ML.us_gallon);
    expect(brine.saltFraction * 100).toBeCloseTo(percent, 1);
    // What is in a litre of water weighs as much to 998.23 g of it.
    expect(brine.gPerLitreWater / 998.23).toBeCloseTo(brine.saltG / (VOLUME_ML.us_gallon * 0.99823), 9);
    expect(swapSaltVolumeMl(2, density, density / 2)).toBeCloseTo(4, 12);
  });
});
