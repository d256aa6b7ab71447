import { ofKey } from "../own-key";
import { findIngredient } from "../materials/lookup";
import type { Ingredient, Salt } from "../materials/types";
import { gramsOfWords, type WordAmounts } from "../quantity/words";
import { DENSITY_UNKNOWN_G_PER_ML } from "./assumed";
import type { LooseAmount } from "./read-line";

/** Grams a line stands for, and within what. */
export interface LineGrams {
  grams: number;
  low: number;
  high: number;
  /** What was taken to get there; shown beside the figure. */
  by: "scale" | "spoon" | "pieces" | "fruit" | "words" | "guess";
}

/** A salt by the spoon means very different weights: its own spread counts. */
export type Measured = { kind: "salt"; salt: Salt } | { kind: "ingredient"; ingredient: Ingredient };

/**
 * Turns an amount into grams of a known thing.
 * @param foodG what "to taste" and shares are counted on, g
 * @param waterG what a share of meat and water counts besides, g
 * @returns undefined where the line says no amount
 */
export function gramsOf(
  amount: LooseAmount,
  thing: Measured,
  words: WordAmounts,
  foodG: number,
  waterG = 0,
): LineGrams | undefined {
  switch (amount.kind) {
    case "unsaid":
    case "parts":
      return undefined;
    case "mass":
      return between(amount.low, amount.high, "scale");
    case "volume":
      return poured(amount.low, amount.high, thing);
    case "share": {
      const grams = (amount.percent / 100) * (foodG + (amount.withWater ? waterG : 0));
      return between(grams, grams, "scale");
    }
    case "words": {
      const toTaste = amount.words === "to taste" ? foodG / 1000 : 1;
      const grams = gramsOfWords(amount.words, densityOf(thing), words);
      return grams === undefined ? undefined : { ...between(grams * toTaste, grams * toTaste, "words") };
    }
    case "count":
      return counted(amount, thing);
  }
}

const between = (low: number, high: number, by: LineGrams["by"]): LineGrams => ({
  grams: (low + high) / 2,
  low,
  high,
  by,
});

const densityOf = (thing: Measured): number =>
  thing.kind === "salt"
    ? thing.salt.densityGPerMl
    : (thing.ingredient.densityGPerMl ?? DENSITY_UNKNOWN_G_PER_ML);

function poured(lowMl: number, highMl: number, thing: Measured): LineGrams {
  const density = densityOf(thing);
  const spread =
    thing.kind === "salt"
      ? { low: thing.salt.densityLowGPerMl, high: thing.salt.densityHighGPerMl }
      : {
          low: density * (1 - thing.ingredient.uncertainty),
          high: density * (1 + thing.ingredient.uncertainty),
        };
  const unknown = thing.kind === "ingredient" && thing.ingredient.densityGPerMl === null;
  return {
    grams: ((lowMl + highMl) / 2) * density,
    low: lowMl * spread.low,
    high: highMl * spread.high,
    by: unknown ? "guess" : "spoon",
  };
}

/** Zest of one fruit, g: the ingredients table's own column. */
const ZEST_G: Record<string, number> = { lemon_zest: 6, lime_zest: 3, orange_zest: 9 };

function counted(amount: Extract<LooseAmount, { kind: "count" }>, thing: Measured): LineGrams | undefined {
  if (thing.kind === "salt") return undefined;
  const { ingredient } = thing;
  if (amount.unit === "zest") {
    const zest = ofKey(ZEST_G, ingredient.id);
    return zest ? between(amount.low * zest, amount.high * zest, "fruit") : undefined;
  }
  if (amount.unit === "juice") {
    const fruit = findIngredient(ingredient.id.replace(/_juice$/, ""));
    const ml = fruit?.juiceMlEach ?? ingredient.juiceMlEach;
    return ml
      ? between(amount.low * ml * densityOf(thing), amount.high * ml * densityOf(thing), "fruit")
      : undefined;
  }
  if (!ingredient.gEach) return undefined;
  return between(amount.low * ingredient.gEach, amount.high * ingredient.gEach, "pieces");
}
