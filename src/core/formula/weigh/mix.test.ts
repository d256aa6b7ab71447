import { findIngredient } from "../../materials/lookup";
import type { Ingredient } from "../../materials/types";
import { acidPart, asCitricG, phOf, titratableEqPerL } from "../../solution/acid";
import { citricPerG, mixOf } from "./mix";

/* A mixture by hand: sums of what its parts are, and the charge balance of its watery part. */

const like = (change: Partial<Ingredient>): Ingredient => {
  const water = findIngredient("apple_juice");
  if (!water) throw new Error("table");
  return {
    ...water,
    waterFraction: 1,
    fatFraction: 0,
    sugarFraction: 0,
    saltFraction: 0,
    alcoholFraction: 0,
    acidKind: "none",
    acidFraction: 0,
    ph: null,
    densityGPerMl: 1,
    poured: true,
    protease: "none",
    group: "liquid",
    scorchC: null,
    flags: [],
    ...change,
  };
};
const of = (massG: number, change: Partial<Ingredient> = {}) => ({ massG, ingredient: like(change) });
const lemon = { acidKind: "citric", acidFraction: 0.06, ph: 2.3, waterFraction: 0.9 } as const;
const powder = { waterFraction: 0, poured: false } as const;

describe("sums", () => {
  test("mass, volume, water, fat, sugar, alcohol and salt, each by weight", () => {
    const mix = mixOf([
      of(100, { sugarFraction: 0.1, alcoholFraction: 0.05, saltFraction: 0.02, waterFraction: 0.8 }),
      of(92, { fatFraction: 1, waterFraction: 0, densityGPerMl: 0.92 }),
      of(8, { ...powder, densityGPerMl: 0.5, sugarFraction: 1 }),
    ]);
    expect(mix).toMatchObject({
      massG: 200,
      volumeMl: expect.closeTo(100 + 100 + 16, 9),
      waterG: 80,
      fatFraction: expect.closeTo(0.46, 9),
      sugarFraction: expect.closeTo(0.09, 9),
      alcoholFraction: expect.closeTo(0.025, 9),
      naclG: 2,
    });
  });

  test("a spoonless thing is taken at 1.02 g/ml; an empty mixture is nothing, not no number", () => {
    expect(mixOf([of(102, { densityGPerMl: null })]).volumeMl).toBeCloseTo(100, 9);
    expect(mixOf([])).toEqual({
      massG: 0,
      volumeMl: 0,
      waterG: 0,
      aqueousMl: 0,
      fatFraction: 0,
      sugarFraction: 0,
      alcoholFraction: 0,
      naclG: 0,
      pH: undefined,
      citricG: 0,
      kind: "oil",
      scorchC: undefined,
      proteaseG: 0,
    });
  });

  test("the watery part: what is poured or moist less its fat; dry things are none of it, up to 30 % of water", () => {
    const aqueous = (change: Partial<Ingredient>) => mixOf([of(100, change)]).aqueousMl;
    expect(aqueous({ fatFraction: 0.25, densityGPerMl: 1.25 })).toBeCloseTo(60, 9);
    expect(aqueous({ fatFraction: 1, waterFraction: 0 })).toBe(0);
    expect(aqueous({ poured: false, waterFraction: 0.29 })).toBe(0);
    expect(aqueous({ poured: false, waterFraction: 0.3 })).toBe(100);
    expect(aqueous({ poured: true, waterFraction: 0.2 })).toBe(100);
  });
});

describe("sour", () => {
  test("one juice stands at its own pH, twice as much of it too", () => {
    for (const grams of [100, 200]) {
      const mix = mixOf([of(grams, lemon)]);
      expect(mix.pH).toBeCloseTo(2.3, 6);
      const byHand = titratableEqPerL(acidPart(100, [{ acid: "citric", gPerL: 60 }], 2.3));
      expect(mix.citricG).toBeCloseTo(asCitricG(byHand) * (grams / 1000), 9);
    }
  });

  test("water thins it, oil does not", () => {
    const alone = mixOf([of(100, lemon)]);
    const oiled = mixOf([of(100, lemon), of(100, { fatFraction: 1, waterFraction: 0 })]);
    const thinned = mixOf([of(100, lemon), of(300)]);
    expect(oiled.pH).toBeCloseTo(alone.pH ?? NaN, 9);
    expect(oiled.citricG).toBeCloseTo(alone.citricG, 9);
    expect(thinned.pH ?? NaN).toBeGreaterThan((alone.pH ?? NaN) + 0.1);
    expect(thinned.citricG / alone.citricG).toBeCloseTo(1, 1);
  });

  test("a dry acid dissolves in what is there, and its listed pH is not asked", () => {
    const mix = mixOf([of(1000), of(10, { ...powder, acidKind: "citric", acidFraction: 1, ph: 7 })]);
    expect(mix.pH).toBeCloseTo(phOf(acidPart(1000, [{ acid: "citric", gPerL: 10 }])), 9);
    expect(Math.abs(mix.citricG - 10)).toBeLessThan(0.1);
    expect(mixOf([of(10, { ...powder, acidKind: "citric", acidFraction: 1 })])).toMatchObject({
      pH: undefined,
      citricG: 0,
    });
  });

  test("nothing sour in it has no pH; of two juices both count", () => {
    expect(mixOf([of(100)])).toMatchObject({ pH: undefined, citricG: 0 });
    expect(mixOf([of(100, { acidKind: "citric", acidFraction: 0, ph: 6 })]).pH).toBeUndefined();
    expect(mixOf([of(100, { acidKind: "none", acidFraction: 0.5, ph: 2 })]).pH).toBeUndefined();
    const one = mixOf([of(100, lemon), of(100)]);
    const two = mixOf([of(100, lemon), of(100, { ...lemon, acidKind: "malic", ph: 3.2 })]);
    expect(two.citricG).toBeGreaterThan(1.3 * one.citricG);
  });

  test("acid to a gram: citric is itself, acetic by equivalents, none is none", () => {
    expect(citricPerG(like(lemon))).toBeCloseTo(0.06, 9);
    expect(citricPerG(like({ acidKind: "acetic", acidFraction: 0.05 }))).toBeCloseTo(
      (0.05 / 60.052) * (192.124 / 3),
      3,
    );
    expect(citricPerG(like({ acidKind: "none", acidFraction: 0.5 }))).toBe(0);
  });
});

describe("its kind", () => {
  const dairy = { group: "acid_dairy" } as const;
  test("an enzyme fruit before all, then dairy from two fifths of the liquid, then what is sour", () => {
    expect(mixOf([of(10, { protease: "strong" }), of(90, { ...dairy, ...lemon })])).toMatchObject({
      kind: "enzyme",
      proteaseG: 10,
    });
    expect(mixOf([of(10, { protease: "mild" as never }), of(90)]).proteaseG).toBe(0);
    const share = (part: number) => mixOf([of(part, dairy), of(100 - part)]).kind;
    expect([share(39), share(40), share(41)]).toEqual(["oil", "dairy", "dairy"]);
    const sour = (grams: number) =>
      mixOf([of(1000), of(grams, { ...powder, acidKind: "citric", acidFraction: 1 })]);
    expect([sour(2.9).kind, sour(3.1).kind]).toEqual(["oil", "acid"]);
  });
});

describe("what blackens first", () => {
  const scorch = (...parts: ReturnType<typeof of>[]) => mixOf(parts).scorchC;
  const spice = { ...powder, scorchC: 180 } as const;

  test("the lowest of what is dry; nothing of what burns not, or is not there", () => {
    expect(
      scorch(of(10, spice), of(10, { ...powder, scorchC: 160 }), of(0, { ...powder, scorchC: 100 })),
    ).toBe(160);
    expect(scorch(of(10), of(10, { ...powder, scorchC: null }))).toBeUndefined();
  });

  test("an oil is no dry coat; a juice counts once the whole is sugary, by its own sugar", () => {
    expect(scorch(of(10, { ...powder, fatFraction: 0.9, scorchC: 200 }))).toBeUndefined();
    expect(scorch(of(10, { ...powder, fatFraction: 0.89, scorchC: 200 }))).toBe(200);
    const juice = (sugarFraction: number) => of(100, { sugarFraction, scorchC: 150 });
    expect([scorch(juice(0.049)), scorch(juice(0.05)), scorch(juice(0.2), of(900))]).toEqual([
      undefined,
      150,
      undefined,
    ]);
    expect(
      scorch(
        of(100, { ...powder, sugarFraction: 1, scorchC: 160 }),
        of(100, { sugarFraction: 0.01, scorchC: 120 }),
      ),
    ).toBe(160);
  });
});
