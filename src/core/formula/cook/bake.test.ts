import { findFood } from "../../materials/lookup";
import { bakeOf } from "./bake";

/* Bakes in a crust, by hand from the trade's rows in the table of doneness. *Practice*, as the rows say. */

const food = (id: string) =>
  findFood(id) ??
  (() => {
    throw new Error(id);
  })();
const baked = (
  id: string,
  massG: number,
  thicknessMm: number,
  heat: { ovenC: number; endC: number; ovenOffC?: number },
) => bakeOf(food(id), { massG, thicknessMm, startC: 5 }, { restMin: 10, ...heat });

test("a whole fish: 22 min a kilogram and 5, or 13 min for 25 mm, the longer of them; the engine has no say", () => {
  const long = baked("grey_mullet_whole", 1200, 50, { ovenC: 220, endC: 60 });
  expect(long.likelyH * 60).toBeCloseTo(1.2 * 22 + 5, 9);
  expect(long.by).toBe("trade");
  expect(long.rules.map((r) => [r.id, Math.round(r.minutes * 10) / 10])).toEqual([
    ["fish_crust_220", 31.4],
    ["fish_crust_thick_220", 26],
  ]);
  expect(long.rules[0]).toMatchObject({
    minutesPerKg: 22,
    fixedMinutes: 5,
    minutesPer25Mm: 0,
    pieceKg: 1.2,
    thicknessMm: 50,
    ovenFactor: 1,
    coreFactor: 1,
  });
  const thick = baked("grey_mullet_whole", 800, 60, { ovenC: 220, endC: 60 });
  expect(thick.likelyH * 60).toBeCloseTo((13 * 60) / 25, 9);
  // The doubt of the row that counts, half of it either way: a quarter, and three tenths.
  expect([long.earlyH / long.likelyH, long.lateH / long.likelyH]).toEqual([
    expect.closeTo(0.875, 9),
    expect.closeTo(1.125, 9),
  ]);
  expect(thick.earlyH / thick.likelyH).toBeCloseTo(0.85, 9);
});

test("an oven that is off by its dial counts as what it is, and is told as it is set", () => {
  const set = baked("grey_mullet_whole", 1200, 50, { ovenC: 200, ovenOffC: 20, endC: 60 });
  expect(set.likelyH * 60).toBeCloseTo(31.4, 9);
  expect(set.ovenC).toBe(200);
  expect(baked("grey_mullet_whole", 1200, 50, { ovenC: 200, endC: 60 }).likelyH).toBeGreaterThan(set.likelyH);
});

test("each kind of food goes by its own rows", () => {
  const rows = (id: string) => baked(id, 1500, 70, { ovenC: 210, endC: 63 }).rules.map((r) => r.id);
  expect(rows("lamb_leg_bonein")).toEqual(["lamb_crust_220"]);
  expect(rows("pork_loin_bonein")).toEqual(["beef_crust_220"]);
  expect(rows("celeriac")).toEqual(["root_crust_200"]);
  expect(rows("duck_whole")).toEqual(["chicken_crust_200"]);
});

test("a root or a joint is never shorter than heat itself allows; a warmer core takes longer", () => {
  const root = baked("celeriac", 900, 120, { ovenC: 200, endC: 94 });
  expect(root.likelyH * 60).toBeGreaterThanOrEqual(0.9 * 45 + 45);
  expect(root.by).toBe((root.engineMin ?? 0) > 85.5 ? "engine" : "trade");
  expect(root.likelyH * 60).toBeCloseTo(Math.max(85.5, root.engineMin ?? 0), 9);
  const joint = (endC: number) => baked("lamb_leg_bonein", 2000, 90, { ovenC: 220, endC });
  expect(joint(60).rules[0].coreFactor).toBe(1);
  expect(joint(70).rules[0].coreFactor).toBeGreaterThan(1.1);
  expect(joint(50).rules[0].coreFactor).toBeLessThan(0.9);
  expect(joint(60).lateH / joint(60).likelyH).toBeCloseTo(1.175, 9);
});
