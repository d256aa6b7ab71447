import type { FormulaLine } from "../../formulation";
import type { Ingredient } from "../../materials/types";
import { ofKey } from "../../own-key";
import { citricPerG } from "../weigh/mix";

export type Keeps = "acid" | "fat" | "salt" | "sweetness" | "heat" | "flavour";

/** Another ingredient in a line's place, and what comes with it. */
export interface Substitute {
  ingredient: Ingredient;
  keeps: Keeps;
  /** Grams of it for each gram of the old one. */
  ratio: number;
  /** For each gram of the old one: what changes, g. */
  saltG: number;
  acidG: number;
  waterG: number;
  allergensGained: string[];
  allergensLost: string[];
}

/** A dried herb for a fresh one: a third by the spoon. *Practice*. */
const DRIED_PER_FRESH_SPOON = 1 / 3;

/** Fresh herbs and their dried selves. */
const FRESH_TO_DRIED: Record<string, string> = {
  bay_fresh: "bay_dried",
  basil: "basil_dried",
  oregano_fresh: "oregano_dried",
  thyme: "thyme_dried",
  rosemary: "rosemary_dried",
  sage: "sage_dried",
  marjoram_fresh: "marjoram_dried",
  tarragon_fresh: "tarragon_dried",
  dill_fresh: "dill_dried",
  parsley: "parsley_dried",
  mint: "mint_dried",
  ginger_fresh: "ginger_ground",
  turmeric_fresh: "turmeric_ground",
  garlic_clove: "garlic_powder",
  onion: "onion_powder",
};

const SALTY = /umami|seasoned_salt/;
const SWEET = /^(sugar|syrup)$/;
const SALTY_FROM = 0.03;

/** Which quality a line is there for; swaps keep that one. */
function qualityOf(i: Ingredient): { keeps: Keeps; per: (other: Ingredient) => number } | undefined {
  if (i.scoville > 1000) return { keeps: "heat", per: (o) => o.scoville };
  if (i.group === "oil") return { keeps: "fat", per: (o) => (o.group === "oil" ? 1 : 0) };
  if (/^acid_(powder|citrus|vinegar|fruit|wine)$/.test(i.group) && citricPerG(i) > 0.005)
    return {
      keeps: "acid",
      // Wine has a juice stand in for it, and stands in for none: it brings its alcohol.
      per: (o) => (o === i || /^acid_(powder|citrus|vinegar|fruit)$/.test(o.group) ? citricPerG(o) : 0),
    };
  if (i.group === "acid_dairy")
    return { keeps: "acid", per: (o) => (o.group === "acid_dairy" ? citricPerG(o) : 0) };
  if (SALTY.test(i.group) && i.saltFraction > SALTY_FROM)
    return { keeps: "salt", per: (o) => (SALTY.test(o.group) ? o.saltFraction : 0) };
  if (SWEET.test(i.group))
    return { keeps: "sweetness", per: (o) => (SWEET.test(o.group) ? o.sugarFraction : 0) };
  return undefined;
}

/** A quarter to six times as much: past that it is another dish. */
const RATIO_MIN = 0.25;
const RATIO_MAX = 6;

/** What could stand in for an ingredient, nearest amount first. @param all everything the kitchen has */
export function substitutesFor(i: Ingredient, all: readonly Ingredient[]): Substitute[] {
  const swap = (ingredient: Ingredient, ratio: number, keeps: Keeps): Substitute => ({
    ingredient,
    keeps,
    ratio,
    saltG: ingredient.saltFraction * ratio - i.saltFraction,
    acidG: citricPerG(ingredient) * ratio - citricPerG(i),
    waterG: ingredient.waterFraction * ratio - i.waterFraction,
    allergensGained: ingredient.allergens.filter((a) => !i.allergens.includes(a)),
    allergensLost: i.allergens.filter((a) => !ingredient.allergens.includes(a)),
  });
  const quality = qualityOf(i);
  const own = quality?.per(i) ?? 0;
  const alike = all.flatMap((other) => {
    const theirs = other.id === i.id || !quality ? 0 : quality.per(other);
    const ratio = theirs > 0 ? own / theirs : 0;
    return quality && ratio >= RATIO_MIN && ratio <= RATIO_MAX ? [swap(other, ratio, quality.keeps)] : [];
  });
  return [...driedOrFresh(i, all, swap), ...alike.sort((a, b) => closeness(a) - closeness(b))];
}

const closeness = (s: Substitute) => Math.abs(Math.log(s.ratio));

function driedOrFresh(
  i: Ingredient,
  all: readonly Ingredient[],
  swap: (ingredient: Ingredient, ratio: number, keeps: Keeps) => Substitute,
): Substitute[] {
  const dried = ofKey(FRESH_TO_DRIED, i.id);
  const fresh = Object.entries(FRESH_TO_DRIED).find(([, d]) => d === i.id)?.[0];
  const other = all.find((o) => o.id === (dried ?? fresh));
  if (!other?.densityGPerMl || !i.densityGPerMl) return [];
  const bySpoon = other.densityGPerMl / i.densityGPerMl;
  return [swap(other, dried ? bySpoon * DRIED_PER_FRESH_SPOON : bySpoon / DRIED_PER_FRESH_SPOON, "flavour")];
}

/** The line with the other ingredient in it: same law, same choice, the amount by the ratio. */
export function substituted<T extends Pick<FormulaLine, "ingredientId" | "amountG" | "parts">>(
  line: T,
  from: Ingredient,
  { ingredient, ratio }: Substitute,
): T {
  const byVolume = (ratio * (from.densityGPerMl ?? 1)) / (ingredient.densityGPerMl ?? 1);
  return {
    ...line,
    ingredientId: ingredient.id,
    amountG: line.amountG * ratio,
    ...(line.parts !== undefined && { parts: line.parts * byVolume }),
  };
}
