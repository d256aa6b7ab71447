import type { SheetLine } from "../formula/weigh/lines";
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

/** Grams over (above zero) or still to go (below); 0 within the band. */
export function offBy(line: Pick<SheetLine, "role" | "massG">, netG: number): number {
  return judgeWeight(line, netG) === "right" ? 0 : netG - line.massG;
}

/** A batch is scaled up by no more than this. *Practice*. */
export const SCALED_MOST = 10;
