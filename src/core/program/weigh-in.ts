import { ok, type Result } from "../result";
import type { SoakError } from "../diffusion/stages";
import type { Formulated } from "../formula/formulate";
import type { SheetLine } from "../formula/lines";
import type { Formulation } from "../formula/model";
import { momentAt } from "../diffusion/moment";
import { equilibriumPerWater, shareOfFinishedFlesh } from "../formula/equilibrium";
import { computeSoak, type SoakLoad } from "../formula/soak";
import type { SoakWindow } from "../formula/window";
import { scaleStepG } from "../quantity/rounding";

/** How close a line must come, relative, by what it is for. *Practice*: salt decides, aromatics forgive. */
const TOLERANCE: Record<SheetLine["role"], number> = {
  salt: 0.02,
  water: 0.02,
  sugar: 0.05,
  binder: 0.1,
  egg: 0.2,
  mixture: 0.05,
  aromatic: 0.15,
};

export type Weighed = "under" | "right" | "over";

/** The band a line must lie in, g: its tolerance, and never narrower than the scale reads. */
export function bandOf(line: Pick<SheetLine, "role" | "massG">): { lowG: number; highG: number } {
  const half = Math.max(scaleStepG(line.massG), TOLERANCE[line.role] * line.massG);
  return { lowG: line.massG - half, highG: line.massG + half };
}

/** @param netG on the scale less the tare, g */
export function judgeWeight(line: Pick<SheetLine, "role" | "massG">, netG: number): Weighed {
  const { lowG, highG } = bandOf(line);
  return netG < lowG ? "under" : netG > highG ? "over" : "right";
}

/** Grams by line id, as they were really weighed. */
export type RealWeights = Readonly<Record<string, number>>;

export interface Rebalance {
  /** Everything times this keeps the proportions: the most over-poured line decides. */
  factor: number;
  lines: { id: string; massG: number }[];
}

/** Scales every line up to the one that was poured over, so that the strength stays what it was. */
export function rebalanced(lines: readonly SheetLine[], real: RealWeights): Rebalance {
  const factor = lines.reduce((most, l) => {
    const poured = real[l.id];
    return poured === undefined || l.massG <= 0 ? most : Math.max(most, poured / l.massG);
  }, 1);
  return { factor, lines: lines.map((l) => ({ id: l.id, massG: l.massG * factor })) };
}

export interface AcceptedEffect {
  /** Salt in the flesh at the planned pull, and in unlimited time; mass fractions. */
  meanFraction: number;
  endFraction: number;
  window: SoakWindow;
}

/** What really going in changes: the same soak from the weights as poured. */
export function effectOf(
  input: Formulation,
  sheet: Formulated,
  real: RealWeights,
): Result<AcceptedEffect, SoakError> {
  const poured = (l: SheetLine) => real[l.id] ?? l.massG;
  const saltOver = sheet.lines.reduce(
    (sum, l) => sum + (poured(l) - l.massG) * (l.massG > 0 ? l.naclG / l.massG : 0),
    0,
  );
  const waterOver = sheet.lines.reduce((sum, l) => sum + (l.role === "water" ? poured(l) - l.massG : 0), 0);
  const load: SoakLoad = {
    ...sheet.load,
    saltG: Math.max(0, sheet.load.saltG + saltOver),
    waterG: Math.max(
      sheet.load.waterG > 0 ? 1 : 0,
      sheet.load.waterG + (sheet.load.waterG > 0 ? waterOver : 0),
    ),
  };
  const soak = computeSoak(input, load);
  if (!soak.ok) return soak;
  const w = sheet.flesh.waterFraction;
  const moment = momentAt(soak.value.run, input.pullH * 3600);
  return ok({
    meanFraction: shareOfFinishedFlesh(moment.mean, w),
    endFraction: shareOfFinishedFlesh(equilibriumPerWater(sheet.flesh, load.waterG, load.saltG), w),
    window: soak.value.window,
  });
}
