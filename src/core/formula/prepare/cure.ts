import { err, ok, type Result } from "../../result";
import { perWaterForTarget } from "../equilibrium";
import { keepLimit } from "../keep-limit";
import type { CurePreparation } from "../model";
import { soluteLines } from "./brines";
import type { FormulationError, PrepareContext, Prepared } from "./prepared";

/**
 * A short salt-sugar cure for fillets: more salt than is wanted, for minutes, then rinsed or brushed off and cooked.
 * It seasons and firms; it does not preserve.
 */
export function prepareCure(c: PrepareContext, p: CurePreparation): Result<Prepared, FormulationError> {
  const heldFraction = c.flesh.nativeSaltFraction;
  if (p.targetFraction <= heldFraction)
    return err({ code: "already_salty", heldFraction, targetFraction: p.targetFraction });
  const { naclG, lines } = soluteLines(c, p.doseFraction * c.flesh.massG, 0, "foodMass");
  return ok({
    naclG,
    loadG: naclG,
    waterG: 0,
    sugarG: naclG * c.input.sugarPerSalt,
    targetPerWater: perWaterForTarget(p.targetFraction, c.flesh.waterFraction, "finishedFlesh"),
    contact: { kind: "drySalt" },
    keep: keepLimit(c.food, "cure"),
    excess: true,
    lines,
    liquidMl: 0,
  });
}
