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
 * Of what is injected as much goes in as was meant to, at the strength it was poured to. Where two lines are of one thing, a
 * weight says nothing of which: both are as the sheet has them.
 * @returns the same where nothing was weighed
 */
export function asPoured(p: Prepared, { weights, scaledBy }: Poured): Prepared {
  const isAlone = (id: string) => p.lines.filter((l) => l.id === id).length === 1;
  const poured = ({ id, massG }: SheetLine) => (isAlone(id) ? weights[id] : undefined) ?? massG * scaledBy;
  if (p.lines.every((l) => poured(l) === l.massG)) return p;
  const lines = p.lines.map((l): SheetLine => {
    const massG = poured(l);
    return { ...l, massG, naclG: l.massG > 0 ? (l.naclG * massG) / l.massG : l.naclG };
  });
  const more = (of: (line: SheetLine) => number) =>
    lines.reduce((sum, l, i) => sum + (joins(l.where) ? of(l) - of(p.lines[i] ?? l) : 0), 0);
  const naclG = Math.max(0, p.naclG + more((l) => l.naclG));
  const waterG =
    p.waterG > 0
      ? Math.max(LEAST_WATER_G, p.waterG + more((l) => (l.role === "water" ? l.massG : 0)))
      : p.waterG;
  return {
    ...p,
    lines,
    apart: apartOf(lines),
    naclG,
    waterG,
    ...reaching(p, { naclG, waterG, moreSaltG: more((l) => l.naclG) }),
    ...(p.brine && { brine: brineStrength(saltFractionFromPerWater(naclG / waterG)) }),
  };
}

/** What of it can reach the flesh, and how it meets it. */
function reaching(
  p: Prepared,
  { naclG, waterG, moreSaltG }: { naclG: number; waterG: number; moreSaltG: number },
): Pick<Prepared, "loadG" | "contact"> {
  const { contact } = p;
  if (contact.kind !== "within") return { loadG: Math.max(0, p.loadG + moreSaltG), contact };
  const stronger = p.naclG > 0 ? naclG / waterG / (p.naclG / p.waterG) : 1;
  return {
    loadG: p.loadG * stronger,
    contact: { ...contact, corePerWater: contact.corePerWater * stronger },
  };
}
