import type { RealWeights } from "../formula/weigh/as-poured";
import { momentAt } from "../diffusion/moment";
import { formulate, type Formulated } from "../formula/formulate";
import { RANGES } from "../quantity/ranges";
import type { SoakWindow } from "../formula/soak/window";
import { shareOfFinishedFlesh } from "../formula/weigh/equilibrium";
import type { FormulationError } from "../formula/weigh/prepared";
import type { Formulation } from "../formulation";
import { ok, type Result } from "../result";
import { liquidLevel } from "../vessel/fit";
import { SCALED_MOST } from "./weigh-in";

/** Why not everything may be scaled up to the line that ran over. */
export type ScalingRefusal =
  /** The salt lies on the food, all of it: more of everything is more salt in the same food. */
  | "saltsTheFood"
  /** The vessel does not hold so much. */
  | "overflows"
  /** Past {@link SCALED_MOST}, or a line past what is weighed. */
  | "tooMuch";

export interface Rebalance {
  /** Everything times this keeps the proportions: the most over-poured line decides. */
  factor: number;
  lines: { id: string; massG: number }[];
  refused?: ScalingRefusal;
}

/** Scales every line up to the one that was poured over, so that the strength of the liquid stays what it was. */
export function rebalanced(input: Formulation, sheet: Formulated, real: RealWeights): Rebalance {
  const factor = sheet.lines.reduce((most, l) => {
    const poured = real[l.id];
    return poured === undefined || l.massG <= 0 ? most : Math.max(most, poured / l.massG);
  }, 1);
  const lines = sheet.lines.map((l) => ({ id: l.id, massG: l.massG * factor }));
  const refused = refusalOf(input, sheet, factor, lines);
  return { factor, lines, ...(refused && { refused }) };
}

function refusalOf(
  input: Formulation,
  sheet: Formulated,
  factor: number,
  lines: Rebalance["lines"],
): ScalingRefusal | undefined {
  if (sheet.liquidMl <= 0) return "saltsTheFood";
  const water = new Set(sheet.lines.flatMap((l) => (l.role === "water" ? [l.id] : [])));
  const mostG = (id: string) => (water.has(id) ? RANGES.waterG.max : RANGES.lineG.max);
  if (factor > SCALED_MOST || lines.some((l) => l.massG > mostG(l.id))) return "tooMuch";
  return liquidLevel(input.vessel, sheet.fit, sheet.liquidMl * factor).overflowMl > 0
    ? "overflows"
    : undefined;
}

/** Every line of a sheet as it is after scaling up. */
export const scaledWeights = (lines: Rebalance["lines"]): RealWeights =>
  Object.fromEntries(lines.map((l) => [l.id, l.massG]));

export interface AcceptedEffect {
  /** Salt in the flesh at the planned pull, and in unlimited time; mass fractions. */
  meanFraction: number;
  endFraction: number;
  window: SoakWindow;
}

/** What really going in changes: the same formula of the weights as poured. */
export function effectOf(
  input: Formulation,
  { load: { rateFactor } }: Pick<Formulated, "load">,
  weights: RealWeights,
): Result<AcceptedEffect, FormulationError> {
  const poured = formulate(input, { rateFactor, poured: { weights, scaledBy: 1 } });
  if (!poured.ok) return poured;
  const { soaked, soak, endFraction } = poured.value;
  const moment = momentAt(soak.run, input.pullH * 3600);
  return ok({
    meanFraction: shareOfFinishedFlesh(moment.mean, soaked.waterFraction),
    endFraction,
    window: soak.window,
  });
}
