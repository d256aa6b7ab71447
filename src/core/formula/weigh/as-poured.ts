import { brineStrength, saltFractionFromPerWater } from "../../solution/sodium-chloride";
import { apartOf, joins, type SheetLine } from "./lines";
import type { Prepared } from "./prepared";

/** Grams by line id, as they were really weighed. */
export type RealWeights = Readonly<Record<string, number>>;

/** What went on the scale instead of the sheet's own grams. */
export interface Poured {
  /** Lines left out went in as the sheet has them, scaled. */
  weights: RealWeights;
  /** Every line times this: decided at the scale. */
  scaledBy: number;
}

/** No bath is dryer, g: what is weighed as no water at all is a slip of the scale. */
const LEAST_WATER_G = 1;

/**
 * A preparation with its lines as they really went in: salt and water of the bath, or on the flesh, are by the scale from here on.
 * @returns the same where nothing was weighed
 */
export function asPoured<P extends Poursome>(p: P, { weights, scaledBy }: Poured): P {
  const poured = ({ id, massG }: SheetLine) => weights[id] ?? massG * scaledBy;
  if (p.lines.every((l) => poured(l) === l.massG)) return p;
  const lines = p.lines.map((l): SheetLine => {
    const massG = poured(l);
    return { ...l, massG, naclG: l.massG > 0 ? (l.naclG * massG) / l.massG : l.naclG };
  });
  const more = (of: (line: SheetLine) => number) =>
    lines.reduce((sum, l, i) => sum + (joins(l.where) ? of(l) - of(p.lines[i] ?? l) : 0), 0);
  const loadG = Math.max(0, p.loadG + more((l) => l.naclG));
  const wet = p.waterG > 0;
  const waterG = wet
    ? Math.max(LEAST_WATER_G, p.waterG + more((l) => (l.role === "water" ? l.massG : 0)))
    : p.waterG;
  return {
    ...p,
    lines,
    apart: apartOf(lines),
    naclG: Math.max(0, p.naclG + more((l) => l.naclG)),
    loadG,
    waterG,
    ...(p.brine && wet && { brine: brineStrength(saltFractionFromPerWater(loadG / waterG)) }),
  };
}

type Poursome = Pick<Prepared, "lines" | "apart" | "naclG" | "loadG" | "waterG" | "brine">;
