import type { InjectionPreparation } from "../../formulation";
import type { Of } from "../../preparations/descriptor";
import { gramsText } from "../../quantity/said";
import { err, ok, type Result } from "../../result";
import { brineStrength, saltFractionFromPerWater } from "../../solution/sodium-chloride";
import { keepLimit } from "../soak/keep-limit";
import type { Acts } from "./acts";
import { soluteLines } from "./brines";
import { perWaterForTarget, type Flesh } from "./equilibrium";
import { aimPerWater, givenOf } from "./given-salt";
import { joins, waterLine } from "./lines";
import type { FormulationError, PrepareContext, Prepared } from "./prepared";
import * as words from "@/words/core/formula/weigh/injection";

/** Salt follows the water that stays, and that follows the salt: a few rounds settle it. */
const ROUNDS = 12;

/**
 * Brine by the weight of the food, as strong as brings the flesh, with what stays of it, to what is wanted. Model: mass
 * balance; what runs out again runs out at its own strength.
 * @returns `already_salty` where the flesh holds what is wanted, `brine_overfull` where more goes in than there is brine
 */
export function prepareInjection(
  c: PrepareContext,
  p: InjectionPreparation,
): Result<Prepared, FormulationError> {
  const { flesh } = c;
  const heldFraction = flesh.nativeSaltFraction;
  const given = givenOf(c);
  if (given === undefined && p.targetFraction <= heldFraction)
    return err({ code: "already_salty", heldFraction, targetFraction: p.targetFraction });
  const stays = 1 - p.dripFraction;
  const brineG = c.foodG * p.pickupFraction;
  const made = brineOf(c, brineG, (waterG) => given ?? saltFor(flesh, waterG, p) / stays);
  const { solutes, plainG, waterG } = made;
  if (plainG <= 0) return err({ code: "brine_overfull", brineG, inItG: brineG - plainG });
  const { naclG } = solutes;
  const loadG = naclG * stays;
  const soaked = holding(flesh, waterG * stays);
  return ok({
    naclG,
    loadG,
    waterG,
    sugarG: solutes.sugarG,
    dose: solutes.dose,
    apart: solutes.apart,
    rest: { reached: "surface", missed: "runOut" },
    clings: 0,
    targetPerWater: aimPerWater(
      c,
      perWaterForTarget(p.targetFraction, soaked.waterFraction, "finishedFlesh"),
      { waterG: waterG * stays, loadG },
    ),
    soaked,
    contact: {
      kind: "within",
      spacingMm: p.spacingMm,
      coreShare: (waterG * stays) / (soaked.massG * soaked.waterFraction),
      corePerWater: naclG / waterG,
      restPerWater: heldFraction / flesh.waterFraction,
    },
    keep: keepLimit(c.food, "wet"),
    excess: false,
    lines: [waterLine(plainG, "foodMass"), ...solutes.lines],
    liquidMl: 0,
    liquids: { plainG, otherG: solutes.pouredG },
    brine: brineStrength(saltFractionFromPerWater(naclG / waterG)),
  });
}

/** Salt that flesh and the water that stays in it still want, g. */
function saltFor(flesh: Flesh, waterG: number, p: InjectionPreparation): number {
  const stayingG = waterG * (1 - p.dripFraction);
  const perMass = p.targetFraction / (1 - p.targetFraction);
  return perMass * (flesh.massG + stayingG) - flesh.massG * flesh.nativeSaltFraction;
}

/** So much brine, all that is in it weighed, and water for the rest. */
function brineOf(c: PrepareContext, brineG: number, saltOf: (waterG: number) => number) {
  let waterG = brineG;
  for (let round = 0; ; round++) {
    const solutes = soluteLines(c, saltOf(waterG), brineG, "foodMass");
    const inItG = solutes.lines.reduce((sum, l) => sum + (joins(l.where) ? l.massG : 0), 0);
    const plainG = brineG - inItG;
    waterG = Math.max(0, plainG) + solutes.waterG;
    if (round === ROUNDS) return { solutes, plainG, waterG };
  }
}

/** The flesh with so much water more in it. */
function holding(flesh: Flesh, waterG: number): Flesh {
  const massG = flesh.massG + waterG;
  return {
    massG,
    waterFraction: (flesh.massG * flesh.waterFraction + waterG) / massG,
    nativeSaltFraction: (flesh.massG * flesh.nativeSaltFraction) / massG,
  };
}

export const injectionActs: Acts<Of<"injection">> = {
  goesIn: (p, { massG, foodG }) => ({
    title: words.injectGBrineAStab({
      massG: gramsText(massG),
      spacingMm: Math.round(p.spacingMm),
      foodG: gramsText(foodG + massG),
    }),
    why: words.slowlyDrawingTheNeedleBack,
    look: words.noStabDryNoneLeaking,
  }),
};
