import type { Ingredient } from "../../materials/types";
import { findIngredient } from "../../materials/lookup";
import { substituted, substitutesFor, type Substitute } from "./substitute";

/* What stands in for what, by hand: the quality a line is there for stays, and what changes with it is told. */

const base: Ingredient = {
  ...(findIngredient("soy_sauce") ??
    (() => {
      throw new Error("table");
    })()),
  group: "liquid",
  saltFraction: 0,
  sugarFraction: 0,
  waterFraction: 0,
  fatFraction: 0,
  acidKind: "none",
  acidFraction: 0,
  scoville: 0,
  allergens: [],
  densityGPerMl: 1,
};
const like = (id: string, change: Partial<Ingredient>): Ingredient => ({ ...base, id, name: id, ...change });
const offers = (i: Ingredient, ...all: Ingredient[]) =>
  substitutesFor(i, all).map((s): [string, Substitute["keeps"], number] => [
    s.ingredient.id,
    s.keeps,
    s.ratio,
  ]);

test("heat for heat from a thousand units up, sugar for sugar, oil for oil gram by gram", () => {
  const hot = (id: string, scoville: number) => like(id, { scoville, group: "spice" });
  expect(offers(hot("a", 30_000), hot("b", 60_000), hot("c", 10_000), like("d", {}))).toEqual([
    ["b", "heat", 0.5],
    ["c", "heat", 3],
  ]);
  expect(offers(hot("a", 1000), hot("b", 1000))).toEqual([]);
  const sweet = (id: string, sugarFraction: number, group: Ingredient["group"] = "syrup") =>
    like(id, { sugarFraction, group });
  expect(offers(sweet("honey", 0.8), sweet("white", 1, "sugar"), sweet("juice", 0.1, "liquid"))).toEqual([
    ["white", "sweetness", 0.8],
  ]);
  const oil = (id: string) => like(id, { group: "oil", fatFraction: 1 });
  expect(offers(oil("olive"), oil("rape"), like("butter", { group: "dairy", fatFraction: 0.8 }))).toEqual([
    ["rape", "fat", 1],
  ]);
});

test("salt for salt, among what is there for its salt, from three per cent up", () => {
  const salty = (id: string, saltFraction: number, group: Ingredient["group"] = "umami") =>
    like(id, { saltFraction, group });
  const all = [salty("miso", 0.12), salty("blend", 0.6, "seasoned_salt"), salty("cheese", 0.1, "dairy")];
  expect(offers(salty("soy", 0.16), ...all)).toEqual([
    ["miso", "salt", expect.closeTo(0.16 / 0.12, 9)],
    ["blend", "salt", expect.closeTo(0.16 / 0.6, 9)],
  ]);
  expect(offers(salty("stock", 0.03), salty("miso", 0.12))).toEqual([]);
});

test("acid for acid: wine is stood in for, and stands in for none; a dairy's only for a dairy's", () => {
  const sour = (id: string, acidFraction: number, group: Ingredient["group"]) =>
    like(id, { acidKind: "citric", acidFraction, group });
  const lemon = sour("lemon", 0.06, "acid_citrus");
  const all = [
    sour("lime", 0.06, "acid_citrus"),
    sour("sumac", 0.03, "acid_fruit"),
    sour("wine", 0.06, "acid_wine"),
    sour("curd", 0.06, "acid_dairy"),
  ];
  expect(offers(lemon, ...all)).toEqual([
    ["lime", "acid", 1],
    ["sumac", "acid", 2],
  ]);
  expect(offers(sour("wine", 0.06, "acid_wine"), lemon).map(([id]) => id)).toEqual(["lemon"]);
  expect(offers(sour("mild", 0.005, "acid_fruit"), lemon)).toEqual([]);
  expect(offers(sour("curd", 0.01, "acid_dairy"), lemon, sour("whey", 0.005, "acid_dairy"))).toEqual([
    ["whey", "acid", 2],
  ]);
});

test("a quarter to six times as much, nearest amount first, never itself", () => {
  const sweet = (id: string, sugarFraction: number) => like(id, { sugarFraction, group: "sugar" });
  const own = sweet("own", 0.24);
  expect(
    offers(
      own,
      own,
      sweet("quarter", 0.96),
      sweet("less", 0.97),
      sweet("six", 0.04),
      sweet("more", 0.039),
      sweet("same", 0.24),
    ),
  ).toEqual([
    ["same", "sweetness", 1],
    ["quarter", "sweetness", expect.closeTo(0.25, 9)],
    ["six", "sweetness", expect.closeTo(6, 9)],
  ]);
});

test("what comes with it and what goes, for each gram of the old one", () => {
  const soy = like("soy", {
    group: "umami",
    saltFraction: 0.16,
    waterFraction: 0.7,
    allergens: ["soybeans", "gluten"],
  });
  const fish = like("fish_sauce", {
    group: "umami",
    saltFraction: 0.32,
    waterFraction: 0.6,
    allergens: ["fish", "soybeans"],
    acidKind: "citric",
    acidFraction: 0.02,
  });
  const [swap] = substitutesFor(soy, [fish]);
  expect(swap).toMatchObject({
    ratio: 0.5,
    saltG: expect.closeTo(0, 9),
    waterG: expect.closeTo(0.3 - 0.7, 9),
    acidG: expect.closeTo(0.01, 6),
    allergensGained: ["fish"],
    allergensLost: ["gluten"],
  });
});

test("a dried herb is a third by the spoon, a fresh one three times; not without both their spoons", () => {
  const fresh = like("thyme", { group: "fresh_herb", densityGPerMl: 0.2 });
  const dried = like("thyme_dried", { group: "dried_herb", densityGPerMl: 0.3 });
  expect(offers(fresh, dried)).toEqual([["thyme_dried", "flavour", expect.closeTo(0.5, 9)]]);
  expect(offers(dried, fresh)).toEqual([["thyme", "flavour", expect.closeTo(2, 9)]]);
  expect(offers(fresh, { ...dried, densityGPerMl: null })).toEqual([]);
  expect(offers({ ...fresh, densityGPerMl: null }, dried)).toEqual([]);
});

test("the line keeps its law and its choice; grams go by the ratio, parts by volume", () => {
  const from = like("a", { densityGPerMl: 1.2 });
  const to = { ingredient: like("b", { densityGPerMl: 0.6 }), ratio: 0.5 } as Substitute;
  const line = { ingredientId: "a", amountG: 40, scalesWith: "bath", optional: true } as const;
  expect(substituted(line, from, to)).toEqual({ ...line, ingredientId: "b", amountG: 20 });
  expect(substituted({ ...line, parts: 3 }, from, to)).toEqual({
    ...line,
    ingredientId: "b",
    amountG: 20,
    parts: 3,
  });
  const none = { ...to, ingredient: like("b", { densityGPerMl: null }) };
  expect(substituted({ ...line, parts: 1 }, { ...from, densityGPerMl: null }, none).parts).toBe(0.5);
});
