import type { RubPreparation } from "../../formulation";
import type { Of } from "../../preparations/descriptor";
import { gramsText } from "../../quantity/said";
import { ok, type Result } from "../../result";
import { keepLimit } from "../soak/keep-limit";
import type { Acts } from "./acts";
import { equilibriumPerWater } from "./equilibrium";
import { doseFor, givenOf } from "./given-salt";
import { hidingIn, lessHidden, saltLine } from "./lines";
import { mixFigures, mixtureLines, weighMixture } from "./mixture";
import type { Coat, FormulationError, PrepareContext, Prepared } from "./prepared";
import * as words from "@/words/core/formula/weigh/rub";

/**
 * How thick a layer of ground rub a face holds, mm. *Practice*, estimates: about one grain on a dry face, what damp
 * takes up on a moist one, more on oil or mustard.
 */
export const HOLDS_MM: Record<RubPreparation["surface"], number> = { dry: 0.35, moist: 0.8, oiled: 1.2 };
const RUB_G_PER_ML = 0.6;
const ML_PER_DM2_MM = 10;

/** Ground spice, salt or none, sugar, herbs: by the food or by the surface, inside and out. */
export function prepareRub(c: PrepareContext, p: RubPreparation): Result<Prepared, FormulationError> {
  const weighed = weighMixture(c, 0);
  if (!weighed.ok) return weighed;
  const { mix } = weighed.value;
  const given = givenOf(c);
  const wantedG = given ?? doseFor(c.flesh, p.targetFraction);
  const ownG = given ?? Math.max(0, wantedG - mix.naclG);
  const naclG = ownG + mix.naclG;
  const coat = coatOf(c, p, mix.massG + ownG / c.salt.naclFraction);
  const loadG = naclG * coat.stuckShare;
  const insideNote = p.insideShare > 0 ? words.ofItInside(Math.round(p.insideShare * 100)) : undefined;
  const lessG = wantedG - ownG;
  const hiding = hidingIn(mixtureLines(c, weighed.value));
  const line = ownG > 0 ? [lessHidden(saltLine(c.salt, ownG, "foodMass"), lessG, hiding)] : [];
  const lines = [...line, ...mixtureLines(c, weighed.value)].map((l) =>
    insideNote && !l.note && !l.where ? { ...l, note: insideNote } : l,
  );
  return ok({
    naclG,
    loadG,
    waterG: 0,
    sugarG: mix.massG * mix.sugarFraction,
    dose: { wantedG, hiddenG: mix.naclG, ownG },
    apart: weighed.value.apart,
    rest: { reached: "surface", missed: "fallenOff" },
    clings: 1,
    targetPerWater: equilibriumPerWater(c.flesh, 0, Math.max(Math.min(wantedG, naclG), loadG)),
    contact: { kind: "drySalt" },
    keep: keepLimit(c.food, p.targetFraction > 0 ? "rubSalted" : "rubSaltFree"),
    excess: false,
    lines,
    liquidMl: 0,
    coat,
    ...(mix.massG > 0 ? mixFigures(c, mix) : {}),
  });
}

function coatOf(c: PrepareContext, p: RubPreparation, massG: number): Coat {
  const outsideG = massG * (1 - p.insideShare);
  const holdsG = c.surfaceDm2 * HOLDS_MM[p.surface] * ML_PER_DM2_MM * RUB_G_PER_ML;
  const stuckOutsideG = Math.min(outsideG, holdsG);
  return {
    massG,
    perDm2G: outsideG / c.surfaceDm2,
    perKgG: (massG / c.foodG) * 1000,
    thicknessMm: stuckOutsideG / (c.surfaceDm2 * ML_PER_DM2_MM * RUB_G_PER_ML),
    holdsG,
    // Inside a cavity nothing falls off.
    stuckShare: massG > 0 ? (stuckOutsideG + massG * p.insideShare) / massG : 1,
  };
}

export const rubActs: Acts<Of<"rub">> = {
  goesIn: (p, { massG }) => ({
    title: words.rubOnGEveryFace({
      massG: gramsText(massG),
      insideShare: p.insideShare,
      insideG: gramsText(massG * p.insideShare),
    }),
    why: words.oilItFirstAThin(p.surface),
    look: words.noBareSpots,
  }),
};
