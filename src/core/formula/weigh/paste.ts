import type { PastePreparation, Thickness } from "../../formulation";
import type { Of } from "../../preparations/descriptor";
import { gramsText } from "../../quantity/said";
import { err, ok, type Result } from "../../result";
import { keepLimit } from "../soak/keep-limit";
import type { Acts } from "./acts";
import { hidingIn, ingredientLine } from "./lines";
import { mixOf, type Mix } from "./mix";
import { madeOver, mixFigures, mixtureLines, saltMixture, weighMixture } from "./mixture";
import { NO_BINDER } from "./no-binder";
import type { FormulationError, PasteFigures, PrepareContext, Prepared } from "./prepared";
import * as words from "@/words/core/formula/weigh/paste";

/**
 * Binder to free water for a wanted thickness, g/g, and how thick such a paste stands on an upright face, mm.
 * *Practice*, estimates for chickpea flour: a batter that coats, a paste that clings, one that holds a ridge.
 */
export const THICKNESSES: Record<Thickness, { binderPerWater: number; coatMm: number }> = {
  coats: { binderPerWater: 0.2, coatMm: 1 },
  clings: { binderPerWater: 0.35, coatMm: 2 },
  ridges: { binderPerWater: 0.55, coatMm: 3.5 },
};

/** Roasting drives off some of a flour's moisture: a little less of it does the same. *Practice*, estimate. */
const ROASTED_STRENGTH = 1.08;
/** Dry spice takes up about its own weight of water. *Practice*, estimate. */
const SPICE_TAKES = 1;
/** Strained yoghurt and fresh lines hold their water: only so much of it is free. *Practice*, estimates. */
const FREE_SHARE: Record<string, number> = { acid_dairy: 0.5, aromatic: 0.3, umami: 0.5, fresh_herb: 0.2 };
/** The binder goes in by such shares of the whole, so that it can be stopped in time. */
const STEP_SHARES = [0.5, 0.2, 0.15, 0.15];
const PASTE_G_PER_ML = 1.1;
const ML_PER_DM2_MM = 10;

/** Spice, garlic, ginger, acid and oil, bound with flour until it clings. */
export function preparePaste(c: PrepareContext, p: PastePreparation): Result<Prepared, FormulationError> {
  const binder = p.binderId === NO_BINDER ? undefined : c.pantry.ingredient(p.binderId);
  if (!binder && p.binderId !== NO_BINDER) return err({ code: "unknown_ingredient", id: p.binderId });
  const weighed = weighMixture(c, 0);
  if (!weighed.ok) return weighed;
  if (weighed.value.mix.massG <= 0) return err({ code: "nothing_in_mixture" });
  // Where nothing is free to be bound, as in a paste of oil and herbs, no binder is weighed out.
  const freeWaterG = Math.max(0, freeWater(weighed.value.parts));
  const strength = (binder?.thickens || 1) * (p.roasted ? ROASTED_STRENGTH : 1);
  const { binderPerWater, coatMm } = THICKNESSES[p.wanted];
  const binderG = binder ? (freeWaterG * binderPerWater) / strength : 0;
  const bound = binder ? [{ ingredient: binder, massG: binderG }] : [];
  const mix: Mix = mixOf([...weighed.value.parts, ...bound]);
  const { line, ...dose } = saltMixture(
    c,
    p.school,
    p.targetFraction,
    mix,
    hidingIn(mixtureLines(c, weighed.value)),
  );
  const neededG = c.surfaceDm2 * coatMm * ML_PER_DM2_MM * PASTE_G_PER_ML;
  const haveMm = mix.massG / (c.surfaceDm2 * ML_PER_DM2_MM * PASTE_G_PER_ML);
  const madeG = binderG * madeOver(c);
  const paste: PasteFigures = {
    binderG: madeG,
    steps: STEP_SHARES.map((share) => share * madeG),
    freeWaterG,
    coatMm: Math.min(haveMm, coatMm),
    neededG,
  };
  const binderLines =
    binder && madeG > 0
      ? [
          ingredientLine(binder, madeG, "binder", "bath", {
            note: words.lightlyRoastedAddedInSteps(p.roasted),
          }),
        ]
      : [];
  return ok({
    ...dose,
    ...mixFigures(c, mix),
    sugarG: mix.massG * mix.sugarFraction,
    apart: weighed.value.apart,
    rest: { reached: p.school === "onFoodFirst" ? "surface" : "coat", missed: "coat" },
    clings: 1,
    keep: keepLimit(c.food, "paste", mix, c.foodG),
    excess: false,
    lines: [...(line ? [line] : []), ...mixtureLines(c, weighed.value), ...binderLines],
    liquidMl: 0,
    paste,
    coat: {
      massG: mix.massG,
      perDm2G: mix.massG / c.surfaceDm2,
      perKgG: (mix.massG / c.foodG) * 1000,
      thicknessMm: paste.coatMm,
      holdsG: neededG,
      stuckShare: Math.min(1, neededG / mix.massG),
    },
  });
}

/** Water a binder has to hold: what the wet lines let go, less what dry spices take up. */
function freeWater(parts: { ingredient: { group: string; waterFraction: number }; massG: number }[]): number {
  return parts.reduce((sum, { ingredient: i, massG }) => {
    if (i.waterFraction < 0.3) return sum - (i.group === "spice" ? massG * SPICE_TAKES : 0);
    return sum + massG * i.waterFraction * (FREE_SHARE[i.group] ?? 1);
  }, 0);
}

export const pasteActs: Acts<Of<"paste">> = {
  goesIn: (_, { massG }) => ({
    title: words.coatItAllOverWith(gramsText(massG)),
    why: words.aThinEvenCoatHolds,
    look: words.itStaysWhenThePiece,
  }),
};
