import type { Formulation, FormulaLine } from "../../formulation";
import { PREPARATION_CHOICES, PREPARATIONS, choiceOf } from "../../preparations";
import { INGREDIENT_GROUPS, type IngredientGroup } from "../../materials/facts";
import { chops } from "../formulation.fixture";
import { nameOffered } from "./defaults";
import { findFood } from "../../materials/lookup";
import { lineOffered, standingIn, withPreparation } from "./offered";

/* What a cook is handed on choosing another preparation, and what of the cook's own stays. */

const line = (change: Partial<FormulaLine> = {}): FormulaLine => ({
  ingredientId: "pepper_black_ground",
  amountG: 2,
  scalesWith: "foodMass",
  optional: false,
  ...change,
});
const turned = (choice: (typeof PREPARATION_CHOICES)[number], change: Partial<Formulation> = {}) =>
  withPreparation(chops(change), choice);

describe("a line just added", () => {
  test("comes at a usual amount: by the kilogram of food, in a bath by the litre", () => {
    const of = (group: IngredientGroup, inBath: boolean) => lineOffered({ id: "x", group }, inBath);
    expect(of("acid_citrus", false)).toMatchObject({
      ingredientId: "x",
      amountG: 40,
      scalesWith: "foodMass",
    });
    expect(of("acid_citrus", true)).toMatchObject({ ingredientId: "x", amountG: 60, scalesWith: "bath" });
    expect(of("fresh_herb", false).amountG).toBe(4);
    expect(of("liquid", true).amountG).toBe(250);
  });

  test("of every kind is an amount a cook would weigh: a liquid by the hundred grams, a spice by the gram", () => {
    for (const group of INGREDIENT_GROUPS)
      for (const inBath of [false, true]) {
        const { amountG } = lineOffered({ id: "x", group }, inBath);
        expect(amountG).toBeGreaterThanOrEqual(1);
        expect(amountG).toBeLessThanOrEqual(300);
        if (/spice|dried|zest|powder|alkali/.test(group)) expect(amountG).toBeLessThanOrEqual(5);
      }
  });
});

describe("another preparation", () => {
  test.each(PREPARATION_CHOICES)(
    "%s: what was wanted stays, its own hours, cover and figures come",
    (choice) => {
      const next = turned(choice, { preparation: { ...chops().preparation, targetFraction: 0.011 } });
      const now = PREPARATIONS[choice];
      expect(choiceOf(next.preparation)).toBe(choice);
      expect(next.preparation.targetFraction).toBe(now.found ?? 0.011);
      expect(next.pullH).toBe(now.usualH.meat);
      expect(next.holding.covered).toBe(now.covered);
      expect(next.foodId).toBe("pork_chop_boneless");
    },
  );

  test("what wanted no salt wants the usual 1.2 % where salt is asked for again", () => {
    expect(
      turned("dry", { preparation: { ...chops().preparation, targetFraction: 0 } }).preparation
        .targetFraction,
    ).toBe(PREPARATIONS.dry.found ?? 0.012);
  });

  test("a fish stands for a fish's hours", () => {
    const fish = (choice: "marinade" | "dry") => turned(choice, { foodId: "mackerel_fillet" }).pullH;
    for (const choice of ["marinade", "dry"] as const) {
      const { seafood, meat } = PREPARATIONS[choice].usualH;
      expect(fish(choice)).toBe(seafood ?? meat);
    }
  });

  test("its name follows the way, unless the cook named it", () => {
    const food =
      findFood("pork_chop_boneless") ??
      (() => {
        throw new Error("table");
      })();
    const named = turned("dry", { name: nameOffered(food, "equilibrium") });
    expect(named.name).toBe(nameOffered(food, "dry"));
    expect(turned("dry", { name: "Saturday" }).name).toBe("Saturday");
  });

  test("lines of the cook's own stay; a starter's make way for the next one's", () => {
    expect(turned("marinade").lines).toEqual(PREPARATIONS.marinade.starter);
    const starter = withPreparation(turned("marinade"), "paste");
    expect(starter.lines).toEqual(PREPARATIONS.paste.starter);
    const own = turned("marinade", { lines: [line()] });
    expect(own.lines).toEqual([line()]);
  });

  test("without a liquid nothing grows with it, and parts belong to a marinade alone", () => {
    const lines = [line({ scalesWith: "bath" }), line({ parts: 2 })];
    expect(turned("dry", { lines }).lines).toEqual([line({ scalesWith: "foodMass" }), line()]);
    expect(turned("timed", { lines }).lines).toEqual([line({ scalesWith: "bath" }), line()]);
    expect(turned("marinade", { lines }).lines[1]).toEqual(line({ parts: 2 }));
  });

  test("a dose by the meat means nothing in a bath; grams stay grams everywhere", () => {
    const percent = { salt: { mode: "percent", fraction: 0.012 } } as const;
    const grams = { salt: { mode: "grams", massG: 9 } } as const;
    for (const choice of PREPARATION_CHOICES) {
      expect(turned(choice, percent).salt).toEqual(
        PREPARATIONS[choice].dosed ? percent.salt : { mode: "wanted" },
      );
      expect(turned(choice, grams).salt).toEqual(grams.salt);
    }
    expect(turned("dry", { salt: undefined }).salt).toEqual({ mode: "wanted" });
    const crust = turned("crust", grams);
    const byCook = {
      ...crust,
      salt: grams.salt,
      preparation: { ...crust.preparation, saltBy: "given" },
    } as Formulation;
    expect(withPreparation(byCook, "dry").salt).toEqual({ mode: "wanted" });
  });

  test("a rinse stays with a bath, a part set aside with what sets one aside", () => {
    const kept = {
      rinse: { minutes: 15 },
      reserve: { share: 0.2, use: "sauce" },
    } as unknown as Partial<Formulation>;
    for (const choice of PREPARATION_CHOICES) {
      const next = turned(choice, kept);
      expect(next.rinse !== undefined).toBe(PREPARATIONS[choice].lies === "bath");
      expect(next.reserve !== undefined).toBe(PREPARATIONS[choice].setsAside);
    }
  });
});

test("stood somewhere else it is as warm as that usually is; where it stands already, as warm as the cook said", () => {
  const { holding } = { ...chops(), holding: { ...chops().holding, temperatureC: 1 } };
  expect(standingIn(holding, "fridge")).toBe(holding);
  expect(standingIn(holding, "cooler")).toEqual({ ...holding, place: "cooler", temperatureC: 2 });
  const room = standingIn(holding, "counter");
  expect(room).toEqual({ ...holding, place: "counter", temperatureC: 20 });
  expect(standingIn(room, "fridge").temperatureC).toBe(3);
});
