import type { FormulaLine } from "../../formulation";
import { findIngredient, findSalt } from "../../materials/lookup";
import { pantryOf } from "../../materials/pantry";
import type { Ingredient, Salt } from "../../materials/types";
import {
  apartOf,
  hidingIn,
  ingredientLine,
  joins,
  lessHidden,
  lineMassG,
  saltLine,
  unitsOf,
  waterLine,
  WHERE_NOTE,
  weighedLines,
  type SheetLine,
} from "./lines";

/* Lines as they are weighed: each figure by hand. */

const ingredient = (id: string): Ingredient =>
  findIngredient(id) ??
  (() => {
    throw new Error(id);
  })();
const soy = ingredient("soy_sauce");
const salt: Salt = {
  ...(findSalt("pickling") ??
    (() => {
      throw new Error("salt");
    })()),
  naclFraction: 0.8,
  densityGPerMl: 1,
  densityLowGPerMl: 0.9,
  densityHighGPerMl: 1.2,
};
const line = (change: Partial<SheetLine>): SheetLine => ({ ...waterLine(10, "foodMass"), ...change });

test("salt: more of it where it is not all salt, none where none of it is; its spoon in doubt by half its spread", () => {
  expect(saltLine(salt, 8, "foodMass")).toMatchObject({
    role: "salt",
    part: "main",
    massG: 10,
    naclG: 8,
    densityGPerMl: 1,
    densityDoubt: expect.closeTo(0.15, 9),
    optional: false,
    allergens: [],
  });
  expect(saltLine({ ...salt, naclFraction: 0 }, 8, "foodMass").massG).toBe(0);
  expect(saltLine({ ...salt, densityGPerMl: 2 }, 8, "bath")).toMatchObject({
    densityDoubt: expect.closeTo(0.075, 9),
    scalesWith: "bath",
  });
});

test("water: a line of its own, no salt in it, no doubt about it, nobody's choice", () => {
  expect(waterLine(500, "bath")).toEqual({
    id: "water",
    name: "Water, cold",
    role: "water",
    part: "main",
    massG: 500,
    scalesWith: "bath",
    densityGPerMl: 0.9982,
    densityDoubt: 0,
    each: undefined,
    optional: false,
    allergens: [],
    naclG: 0,
  });
});

test("an ingredient: its salt by its share, its allergens; what it is asked to say goes over", () => {
  expect(ingredientLine({ ...soy, saltFraction: 0.16 }, 50, "mixture", "foodMass")).toMatchObject({
    id: "soy_sauce",
    naclG: 8,
    optional: false,
    part: "main",
    allergens: soy.allergens,
    densityDoubt: soy.uncertainty,
  });
  expect(ingredientLine(soy, 50, "mixture", "foodMass", { optional: true, part: "glaze" })).toMatchObject({
    optional: true,
    part: "glaze",
  });
  expect(
    ingredientLine({ ...soy, densityGPerMl: null }, 1, "mixture", "foodMass").densityGPerMl,
  ).toBeUndefined();
});

test("counted: what is sold by the piece in pieces, a juice in the fruit it comes from, the rest not at all", () => {
  const each = (found: Ingredient) => ingredientLine(found, 10, "mixture", "foodMass").each;
  expect(each({ ...soy, gEach: 5, eachUnit: "clove" })).toEqual({ massG: 5, unit: "clove" });
  const juices: [string, string, number][] = [
    ["lemon_juice", "lemon", 45],
    ["lime_juice", "lime", 28],
    ["orange_juice", "orange", 80],
    ["grapefruit_juice", "grapefruit", 180],
    ["bitter_orange_juice", "bitter orange", 50],
    ["yuzu_juice", "yuzu", 18],
  ];
  for (const [id, name, ml] of juices)
    expect(each({ ...ingredient(id), gEach: null, densityGPerMl: 1.03 })).toEqual({
      massG: expect.closeTo(ml * 1.03, 9),
      unit: `${name}, its juice`,
    });
  expect(each({ ...soy, gEach: null })).toBeUndefined();
  expect(each({ ...ingredient("lemon_juice"), gEach: null, densityGPerMl: null })).toBeUndefined();
});

test("where a line goes decides whose salt it is: in the mixture, in the food, or on the tray", () => {
  expect(
    [undefined, "underSkin", "cavity", "overUnder", "inSalt", "tray"].map((w) => joins(w as never)),
  ).toEqual([true, true, false, false, false, false]);
  const lines = [
    line({ naclG: 1 }),
    line({ naclG: 2, where: "underSkin" }),
    line({ naclG: 4, where: "cavity" }),
    line({ naclG: 8, where: "tray" }),
    line({ naclG: 16, where: "overUnder" }),
  ];
  expect(apartOf(lines)).toEqual({ insideG: 4, leftG: 24 });
  expect(Object.keys(WHERE_NOTE).every((w) => WHERE_NOTE[w as keyof typeof WHERE_NOTE].length > 5)).toBe(
    true,
  );
});

test("salt that hides: named from the saltiest down, from a twentieth of a gram, where it joins the mixture", () => {
  const lines = [
    line({ name: "a", naclG: 0.05 }),
    line({ name: "b", naclG: 0.051 }),
    line({ name: "c", naclG: 9, where: "tray" }),
    line({ name: "d", naclG: 3 }),
    line({ name: "e", naclG: 1, where: "underSkin" }),
  ];
  expect(hidingIn(lines)).toEqual(["d", "e", "b"]);
  const plain = line({ naclG: 5 });
  expect(lessHidden(plain, 0.05, ["d"])).toBe(plain);
  expect(lessHidden(plain, 0.06, ["d"])).toEqual({ ...plain, less: { naclG: 0.06, from: ["d"] } });
});

test("what a line grows with: kilograms, square decimetres, litres, hundreds of grams of salt, pieces, or nothing", () => {
  const bases = { foodG: 2500, surfaceDm2: 7, liquidMl: 1500, saltG: 40, pieces: 3 };
  const laws = ["foodMass", "surface", "bath", "salt", "piece", "batch"] as const;
  expect(laws.map((law) => unitsOf(law, bases))).toEqual([2.5, 7, 1.5, 0.4, 3, 1]);
  expect(lineMassG({ amountG: 4, scalesWith: "foodMass" }, bases)).toBe(10);
  expect(lineMassG({ amountG: 4, scalesWith: "foodMass", off: true }, bases)).toBe(0);
});

test("lines left out, or of nothing the pantry knows, are not weighed", () => {
  const bases = { foodG: 1000, surfaceDm2: 7, liquidMl: 0, saltG: 0, pieces: 1 };
  const asked = (ingredientId: string, change: Partial<FormulaLine> = {}): FormulaLine => ({
    ingredientId,
    amountG: 5,
    scalesWith: "foodMass",
    optional: false,
    ...change,
  });
  const weighed = weighedLines(
    [
      asked("soy_sauce"),
      asked("soy_sauce", { off: true }),
      asked("no_such"),
      asked("butter_salted", { optional: true, where: "cavity" }),
    ],
    bases,
    pantryOf(undefined),
  );
  expect(weighed.map(({ line: l }) => [l.id, l.massG, l.optional, l.where])).toEqual([
    ["soy_sauce", 5, false, undefined],
    ["butter_salted", 5, true, "cavity"],
  ]);
  expect(weighed[1].line.note).toBe("in the cavity");
});
