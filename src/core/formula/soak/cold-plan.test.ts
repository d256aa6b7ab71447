import { vesselLeakWPerK } from "../../heat/vessel-leak";
import { chops, worked } from "../formulation.fixture";
import { coldPlan, safeIce } from "./cold-plan";

const ROOM_C = 20;
const vessel = { ...chops().vessel, shape: "cooler" as const };
const pieces = { ...chops().pieces, count: 1, thicknessMm: 60 };
const input = chops({ pullH: 12, vessel, pieces, water: { mode: "chosen", massG: 4000 } });
const sheet = worked(input);
const plan = (iceG: number, roomC = ROOM_C) => coldPlan(input, sheet, roomC, iceG);

describe("frozen food put straight into its bath, in a room", () => {
  test("the ice it names keeps it cold, and half of that does not", () => {
    const { safeIceG, curve } = plan(0);
    expect(curve.warmFromH).toBeDefined();
    if (safeIceG === undefined) throw new Error("no ice is enough");
    expect(safeIceG).toBeGreaterThan(0);
    expect(plan(safeIceG * 1.03).curve.warmFromH).toBeUndefined();
    expect(plan(safeIceG / 2).curve.warmFromH).toBeDefined();
  });

  test("in a warmer room more ice is wanted, in a fridge none", () => {
    const ice = (roomC: number) => plan(0, roomC).safeIceG ?? Infinity;
    expect(ice(30)).toBeGreaterThan(ice(20));
    expect(ice(2)).toBe(0);
  });

  test("where not even a bath of ice lasts, none is promised", () =>
    expect(coldPlan({ ...input, pullH: 72 }, sheet, 35, 0).safeIceG).toBeUndefined());

  test("looked at for as long as it soaks, half a day at least and three days at most", () => {
    const hours = (pullH: number) => coldPlan({ ...input, pullH }, sheet, 2, 0).hours;
    expect([2, 24, 90].map(hours)).toEqual([12, 24, 72]);
  });

  test("ice is part of the brine's own water: more than there is of it is not counted", () =>
    expect(plan(1e6).curve).toEqual(plan(sheet.waterG * 0.95).curve));
});

describe("the least ice that is enough", () => {
  const from = (neededKg: number) => safeIce(2000, (iceKg) => iceKg >= neededKg);

  test("is found to a sixty-fourth of nine tenths of the water, on the safe side", () => {
    for (const neededKg of [0.1, 0.7, 1.5]) {
      const found = from(neededKg) ?? NaN;
      expect(found).toBeGreaterThanOrEqual(1000 * neededKg);
      expect(found).toBeLessThanOrEqual(1000 * neededKg + 1800 / 64);
    }
    expect(from(0.9)).toBeCloseTo(900, 6);
    expect(from(1.8)).toBeCloseTo(1800, 6);
  });

  test("none where it is cold without; none is promised where nine tenths are not enough", () => {
    expect(from(0)).toBe(0);
    expect(from(1.801)).toBeUndefined();
  });
});

describe("what a vessel lets in", () => {
  const leak = (shape: "box" | "cooler" | "bag" | "pail") => vesselLeakWPerK({ ...input.vessel, shape });
  test("a cooler least, a bag most", () => {
    expect(leak("cooler")).toBeLessThan(leak("pail"));
    expect(leak("cooler")).toBeLessThan(leak("box"));
    expect(leak("bag")).toBeGreaterThanOrEqual(leak("box"));
  });
  test("a larger one lets in more", () =>
    expect(vesselLeakWPerK({ ...input.vessel, lengthMm: input.vessel.lengthMm * 2 })).toBeGreaterThan(
      vesselLeakWPerK(input.vessel),
    ));
});
