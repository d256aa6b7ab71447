import type { Ingredient } from "../../materials/types";
import {
  acidEq,
  acidPart,
  asCitricG,
  mixParts,
  phOf,
  titratableEqPerL,
  type AcidName,
} from "../../solution/acid";

/** One ingredient of a mixture and how much of it. */
export interface MixPart {
  ingredient: Ingredient;
  massG: number;
}

/** What decides how gently a marinade treats flesh, and for how long. */
export type MixKind = "enzyme" | "dairy" | "acid" | "oil";

/** A mixture worked out. Fractions are of its whole mass. */
export interface Mix {
  massG: number;
  volumeMl: number;
  waterG: number;
  /** Everything but the fat: where acid and salt are. */
  aqueousMl: number;
  fatFraction: number;
  sugarFraction: number;
  alcoholFraction: number;
  naclG: number;
  /** Of the aqueous part; undefined where there is none. */
  pH: number | undefined;
  /** Titratable to pH 8.1, as citric acid, g. */
  citricG: number;
  kind: MixKind;
  /** Oven air at which a dry coat of it is likely to blacken, °C; undefined where nothing in it burns. */
  scorchC: number | undefined;
  /** Enzyme fruit in the mixture, g: pineapple, papaya, kiwi. Ginger and pear soften gently and are none. */
  proteaseG: number;
}

/** Below this share of water an ingredient is dry: it takes no part in the liquid. */
const DRY_BELOW = 0.3;
/** Spoonless things (a whole fruit, a clove) are taken at the density of flesh and water. */
const FALLBACK_DENSITY = 1.02;
/** Dairy is the kind when it makes up so much of the liquid. *Practice*, estimate. */
const DAIRY_SHARE = 0.4;
/** Acid, as citric, in the liquid above which a mixture counts as sour, g/mL. *Practice*, estimate. */
const SOUR_FROM_G_PER_ML = 0.003;
/** Sugar share of a coat from which its sugar decides the scorching (hazard table). */
const SUGARY_FROM = 0.05;

const density = (i: Ingredient) => i.densityGPerMl ?? FALLBACK_DENSITY;
const isDry = (i: Ingredient) => i.waterFraction < DRY_BELOW;
/** Poured, or a pulp or paste that mixes in: its acid is in its own water, however thick it is. */
const isLiquid = (i: Ingredient) => i.poured || !isDry(i);

/** Volume of an ingredient's watery part, mL: the whole less its fat. */
const aqueousMlOf = ({ ingredient, massG }: MixPart) =>
  isLiquid(ingredient) ? (massG * (1 - ingredient.fatFraction)) / density(ingredient) : 0;

/** Works a mixture out from its parts, by weight. */
export function mixOf(parts: readonly MixPart[]): Mix {
  const total = (of: (p: MixPart) => number) => parts.reduce((sum, p) => sum + of(p), 0);
  const massG = total((p) => p.massG);
  const per = (g: number) => (massG > 0 ? g / massG : 0);
  const aqueousMl = total(aqueousMlOf);
  const sour = sourness(parts, aqueousMl);
  const sugarFraction = per(total((p) => p.massG * p.ingredient.sugarFraction));
  const proteaseG = total((p) => (p.ingredient.protease === "strong" ? p.massG : 0));
  const dairyMl = total((p) => (p.ingredient.group === "acid_dairy" ? aqueousMlOf(p) : 0));
  return {
    massG,
    volumeMl: total((p) => p.massG / density(p.ingredient)),
    waterG: total((p) => p.massG * p.ingredient.waterFraction),
    aqueousMl,
    fatFraction: per(total((p) => p.massG * p.ingredient.fatFraction)),
    sugarFraction,
    alcoholFraction: per(total((p) => p.massG * p.ingredient.alcoholFraction)),
    naclG: total((p) => p.massG * p.ingredient.saltFraction),
    ...sour,
    kind: kindOf(proteaseG, dairyMl, sour.citricG, aqueousMl),
    scorchC: scorchOf(parts, sugarFraction),
    proteaseG,
  };
}

/** Charge balance of the watery part; dry acids dissolve in it, oil stays out. */
function sourness(parts: readonly MixPart[], aqueousMl: number): Pick<Mix, "pH" | "citricG"> {
  if (aqueousMl <= 0) return { pH: undefined, citricG: 0 };
  const dissolved = parts.map((part) => {
    const { ingredient: i, massG } = part;
    const ml = aqueousMlOf(part);
    const acid = i.acidKind as AcidName;
    if (i.acidKind === "none" || i.acidFraction === 0) return acidPart(ml, []);
    const gPerL = ml > 0 ? (massG * i.acidFraction * 1000) / ml : 0;
    // Dry acids bring no water: spread over the whole liquid, and their listed pH is a placeholder.
    return ml > 0
      ? acidPart(ml, [{ acid, gPerL }], i.ph ?? undefined)
      : spread(acid, massG * i.acidFraction, aqueousMl);
  });
  const mix = mixParts(dissolved.filter((p) => p.volumeMl > 0));
  const dry = dissolved.filter((p) => p.volumeMl === 0).flatMap((p) => p.acids);
  const whole = { acids: [...mix.acids, ...dry], strongIonEqPerL: mix.strongIonEqPerL };
  if (whole.acids.length === 0) return { pH: undefined, citricG: 0 };
  return { pH: phOf(whole), citricG: asCitricG(Math.max(0, titratableEqPerL(whole)) * (aqueousMl / 1000)) };
}

function spread(acid: AcidName, acidG: number, aqueousMl: number) {
  const part = acidPart(1, [{ acid, gPerL: (acidG * 1000) / aqueousMl }]);
  return { ...part, volumeMl: 0 };
}

function kindOf(proteaseG: number, dairyMl: number, citricG: number, aqueousMl: number): MixKind {
  if (proteaseG > 0) return "enzyme";
  if (aqueousMl > 0 && dairyMl / aqueousMl >= DAIRY_SHARE) return "dairy";
  return aqueousMl > 0 && citricG / aqueousMl >= SOUR_FROM_G_PER_ML ? "acid" : "oil";
}

/** What blackens first: dry things and syrups always; sweet juices once the whole coat is sugary. */
function scorchOf(parts: readonly MixPart[], sugarFraction: number): number | undefined {
  const sugary = sugarFraction >= SUGARY_FROM;
  const counts = (i: Ingredient) =>
    (isDry(i) && i.fatFraction < 0.9) || (sugary && i.sugarFraction >= SUGARY_FROM);
  const limits = parts.flatMap(({ ingredient: i, massG }) =>
    massG > 0 && i.scorchC !== null && counts(i) ? [i.scorchC] : [],
  );
  return limits.length > 0 ? Math.min(...limits) : undefined;
}

/** Acid of an ingredient as grams of citric acid to a gram of it: what a swap must keep. */
export const citricPerG = (i: Ingredient): number =>
  i.acidKind === "none" ? 0 : asCitricG(acidEq(i.acidKind, i.acidFraction));
