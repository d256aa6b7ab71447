import fc from "fast-check";
import { carryOverC, carryOverRule } from "../heat/carry-over";
import { lethalitySeconds, lethalitySecondsC } from "./lethality";
import { findFood, FOODS } from "./lookup";
import { FOOD_CODE, safeClassOf, SAFE_MINIMUMS } from "./official";

function known(id: string) {
  const food = findFood(id);
  if (!food) throw new Error(id);
  return food;
}

describe("official minimums (USDA FSIS chart, from memory)", () => {
  test.each([
    ["duck_leg", 165, 0],
    ["pork_loin_roast", 145, 3],
    ["beef_ground", 160, 0],
    ["grey_mullet_whole", 145, 0],
    ["mussel", 145, 0],
    ["egg_shell", 160, 0],
  ])("%s: %d °F, rest %d min", (id, degF, restMin) => {
    const row = safeClassOf(known(id));
    expect(row && SAFE_MINIMUMS[row]).toMatchObject({ degF, restMin });
  });

  test.each([["reheatedHam", 140] as const, ["leftovers", 165] as const])("%s: %d °F", (row, degF) =>
    expect(SAFE_MINIMUMS[row].degF).toBe(degF),
  );

  test("none is recalled for a root", () => {
    expect(safeClassOf(known("celeriac"))).toBeUndefined();
  });

  test("every food's minimum is the chart's, or none where the chart has none", () => {
    for (const food of FOODS) {
      const row = safeClassOf(food);
      if (food.safeMinC === null || !row) continue;
      expect(Math.abs(food.safeMinC - (SAFE_MINIMUMS[row].degF - 32) / 1.8)).toBeLessThan(0.6);
    }
  });

  test("cooling is two stages, six hours in all (FDA Food Code 3-501.14, from memory)", () => {
    expect(FOOD_CODE.coolingFirst.hours + FOOD_CODE.coolingSecond.hours).toBe(6);
    expect(FOOD_CODE.coolingFirst.toF).toBe(FOOD_CODE.coolingSecond.fromF);
  });
});

describe("time at temperature", () => {
  test("hotter is always quicker; below the table nothing is said", () => {
    const degF = fc.double({ min: 136, max: 165, noNaN: true });
    fc.assert(
      fc.property(degF, degF, (a, b) => {
        const [low, high] = [Math.min(a, b), Math.max(a, b)];
        return (lethalitySeconds("poultry", low) ?? 0) >= (lethalitySeconds("poultry", high) ?? 0);
      }),
      { seed: 131 },
    );
    expect(lethalitySeconds("poultry", 130)).toBeUndefined();
    expect(lethalitySecondsC("beef", 54.5)).toBeGreaterThan(6000);
  });
});

describe("carry-over (common practice, no source)", () => {
  test.each([
    [200, 200, "carry_small"],
    [600, 200, "carry_medium"],
    [1800, 180, "carry_roast"],
    [4500, 163, "carry_large"],
    [9000, 163, "carry_turkey"],
    [1800, 120, "carry_slow"],
  ])("%d g at %d °C goes by %s", (massG, ovenC, id) => {
    expect(carryOverRule(massG, ovenC).id).toBe(id);
  });

  test("the likely rise lies within its own range, and a crust holds more", () => {
    const roast = carryOverC(1800, 180);
    expect(roast.likely).toBeGreaterThanOrEqual(roast.low);
    expect(roast.likely).toBeLessThanOrEqual(roast.high);
    expect(carryOverC(1400, 210, true).likely).toBeGreaterThan(roast.likely);
  });
});
