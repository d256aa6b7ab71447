import { chops } from "../formulation.fixture";
import { findFood } from "../../materials/lookup";
import type { Food } from "../../materials/types";
import { edibleFraction, fleshOf, likelyThicknessMm, saltFromLabelSodium } from "./flesh";
import { surfaceDm2 } from "./surface";
import { whitesSaid } from "./whites";

/* The flesh that takes salt, and the face it takes it through: by hand. */

const pork =
  findFood("pork_chop_boneless") ??
  (() => {
    throw new Error("table");
  })();

test("edible: as the table has it, less 18 % for a bone it does not have, over again without one it has", () => {
  const boneless = { edibleFraction: 0.95, boneFraction: 0 };
  const onBone = { edibleFraction: 0.6, boneFraction: 0.3 };
  expect([edibleFraction(boneless, false), edibleFraction(onBone, true)]).toEqual([0.95, 0.6]);
  expect(edibleFraction(boneless, true)).toBeCloseTo(0.95 * 0.82, 12);
  expect(edibleFraction(onBone, false)).toBeCloseTo(0.6 / 0.7, 12);
  // Never more than what there is.
  expect(edibleFraction({ edibleFraction: 0.9, boneFraction: 0.2 }, false)).toBe(1);
  // A crumb of bone is none: up to a twentieth.
  expect(edibleFraction({ edibleFraction: 0.9, boneFraction: 0.05 }, false)).toBe(0.9);
  expect(edibleFraction({ edibleFraction: 0.9, boneFraction: 0.051 }, true)).toBe(0.9);
});

test("a label's 400 mg of sodium in 100 g is 1.017 % of salt (sodium is 39.34 % of it)", () => {
  expect(saltFromLabelSodium(400)).toBeCloseTo(0.4 / 0.3934 / 100, 5);
});

test("the flesh: its mass, and what a packer's solution makes of its water and salt", () => {
  const pieces = { ...chops().pieces, totalMassG: 2000, bone: false };
  expect(fleshOf(pork, pieces)).toEqual({
    massG: 2000 * pork.edibleFraction,
    waterFraction: pork.waterFraction,
    nativeSaltFraction: pork.nativeSaltFraction,
  });
  const enhanced = fleshOf({ ...pork, waterFraction: 0.7 } as Food, {
    ...pieces,
    enhanced: { solutionFraction: 0.1, sodiumMgPer100g: 400 },
  });
  expect(enhanced.waterFraction).toBeCloseTo(0.7 * 0.9 + 0.1, 12);
  expect(enhanced.nativeSaltFraction).toBeCloseTo(0.010168, 5);
});

test("eight times the weight is twice as thick", () => {
  expect(likelyThicknessMm(pork, 8 * pork.pieceMassG)).toBeCloseTo(2 * pork.thicknessMm, 9);
});

describe("outer surface", () => {
  const size = { lengthMm: 200, widthMm: 100, heightMm: 50, volumeMl: 1000 };
  test("a box of 200 × 100 × 50 mm has 7 dm²", () => {
    expect(surfaceDm2("slab", size)).toBe(7);
    expect(surfaceDm2("block", size)).toBe(7);
  });
  test("a round log of 100 mm across and 200 mm long: π·d·l and two ends of π·d²/4", () => {
    const log = { ...size, heightMm: 100 };
    const hand = (Math.PI * 100 * 200 + (2 * (Math.PI * 100 ** 2)) / 4) / 10_000;
    expect(surfaceDm2("cylinder", log)).toBeCloseTo(hand, 9);
    expect(surfaceDm2("shortLog", log)).toBeCloseTo(hand, 9);
    // Of an oval of 100 by 50 mm the perimeter is 242.21 mm (complete elliptic integral, handbook table).
    expect(surfaceDm2("cylinder", size)).toBeCloseTo(
      (242.21 * 200 + (2 * Math.PI * 100 * 50) / 4) / 10_000,
      3,
    );
  });
  test("a wedge 60 mm at its back, 80 mm deep and 150 mm long: 60 + 2 √(80² + 30²) once around, and two triangles", () => {
    const wedge = { lengthMm: 150, widthMm: 80, heightMm: 60, volumeMl: 360 };
    expect(surfaceDm2("wedge", wedge)).toBeCloseTo((150 * 230.88 + 60 * 80) / 10_000, 4);
  });
  test("a ball of 100 mm: π·d²", () => {
    const ball = { lengthMm: 100, widthMm: 100, heightMm: 100, volumeMl: 500 };
    expect(surfaceDm2("sphere", ball)).toBeCloseTo((Math.PI * 100 ** 2) / 10_000, 2);
  });
});

test("egg whites are told to the tenth", () => {
  expect([whitesSaid(3), whitesSaid(2.46), whitesSaid(2.44)]).toEqual([3, 2.5, 2.4]);
});
