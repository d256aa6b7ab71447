import type { CurePreparation } from "../../formulation";
import type { Of } from "../../preparations/descriptor";
import { gramsText } from "../../quantity/said";
import { err, ok, type Result } from "../../result";
import { keepLimit } from "../soak/keep-limit";
import type { Acts } from "./acts";
import { soluteLines } from "./brines";
import { perWaterForTarget } from "./equilibrium";
import { aimPerWater, givenOf } from "./given-salt";
import type { FormulationError, PrepareContext, Prepared } from "./prepared";
import * as words from "@/words/core/formula/weigh/cure";

/**
 * A short salt-sugar cure for fillets: more salt than is wanted, for minutes, then rinsed or brushed off and cooked.
 * It seasons and firms; it does not preserve.
 */
export function prepareCure(c: PrepareContext, p: CurePreparation): Result<Prepared, FormulationError> {
  const heldFraction = c.flesh.nativeSaltFraction;
  const given = givenOf(c);
  if (given === undefined && p.targetFraction <= heldFraction)
    return err({ code: "already_salty", heldFraction, targetFraction: p.targetFraction });
  const { naclG, sugarG, lines, apart, dose } = soluteLines(
    c,
    given ?? p.doseFraction * c.flesh.massG,
    0,
    "foodMass",
  );
  const wanted = perWaterForTarget(p.targetFraction, c.flesh.waterFraction, "finishedFlesh");
  return ok({
    naclG,
    loadG: naclG,
    waterG: 0,
    sugarG,
    dose,
    apart,
    rest: { reached: "takenOff", missed: "takenOff" },
    clings: 0,
    targetPerWater: aimPerWater(c, wanted, { waterG: 0, loadG: naclG }),
    contact: { kind: "drySalt" },
    keep: keepLimit(c.food, "cure"),
    excess: true,
    lines,
    liquidMl: 0,
  });
}

export const cureActs: Acts<Of<"cure">> = {
  goesIn: (_, { massG }) => ({
    title: words.buryItInGCure(gramsText(massG)),
    why: words.minutesCountSetTheClock,
    look: words.allTheFleshCovered,
  }),
  comesOff: (p) => ({
    title: words.rinseTheCureOffUnder(p.finish),
    why: words.whatStaysOnGoesOn,
  }),
};
