import { hazard } from "./hazard";
import { FOODS, INGREDIENTS, rawStorageLimitH, SALTS } from "./lookup";
import { practiceFor } from "./practice";

const unit = (value: number) => value >= 0 && value <= 1;

test("ids are one of a kind in every table", () => {
  for (const rows of [FOODS, SALTS, INGREDIENTS])
    expect(new Set(rows.map((row) => row.id)).size).toBe(rows.length);
});

test("every food's figures are within what flesh can be", () => {
  for (const food of FOODS) {
    expect(
      [food.waterFraction, food.edibleFraction, food.boneFraction, food.nativeSaltFraction].every(unit),
    ).toBe(true);
    expect(food.boneFraction + food.edibleFraction).toBeLessThanOrEqual(1.0001);
    expect(food.diffusivityLowM2PerS).toBeLessThan(food.diffusivityM2PerS);
    expect(food.diffusivityM2PerS).toBeLessThan(food.diffusivityHighM2PerS);
    // Nothing diffuses faster in flesh than salt in plain water at 4 °C: 8e-10 m²/s, with room for open tissue.
    expect(food.diffusivityHighM2PerS).toBeLessThan(2.5e-9);
    expect(food.saltPathMm).toBeLessThanOrEqual(food.thicknessMm);
  }
});

test("official minimum temperatures (USDA FSIS chart, from memory): poultry 74, whole cuts and fish 63 °C", () => {
  for (const food of FOODS) {
    if (food.kingdom === "bird" && food.safeMinC !== null) expect(food.safeMinC).toBeGreaterThanOrEqual(73.8);
    if (food.group === "pork" || food.group === "fish") expect(food.safeMinC).toBeGreaterThanOrEqual(62.7);
  }
});

test("every food has its soak practice, wet and dry", () => {
  for (const food of FOODS) {
    expect(practiceFor(food, "wet").maxH).toBeGreaterThan(0);
    expect(practiceFor(food, "dry").maxH).toBeGreaterThan(0);
  }
});

test("raw storage: poultry and fish two days, whole red meat five, plants no limit", () => {
  const limit = (id: string) => {
    const food = FOODS.find((f) => f.id === id);
    return food && rawStorageLimitH(food);
  };
  expect([limit("duck_leg"), limit("mackerel_fillet"), limit("pork_loin_bonein"), limit("celeriac")]).toEqual(
    [48, 48, 120, undefined],
  );
});

test("salts weigh per spoon what practice says: fine table 6 g, light flake 2.8 g a US teaspoon", () => {
  const perTsp = (id: string) => (SALTS.find((s) => s.id === id)?.densityGPerMl ?? 0) * 4.92892;
  expect(perTsp("table_fine")).toBeCloseTo(6, 0);
  expect(perTsp("kosher_flake_light")).toBeCloseTo(2.8, 1);
});

test("a salt's sodium is its sodium chloride's: 0.3934 g a gram, within 3 %", () => {
  for (const salt of SALTS.filter((s) => s.naclFraction > 0.3))
    expect(Math.abs(salt.sodiumFraction / (salt.naclFraction * 0.3934) - 1)).toBeLessThan(0.03);
});

test("an unknown hazard is a bug", () => {
  expect(() => hazard("dragons")).toThrow("dragons");
});
