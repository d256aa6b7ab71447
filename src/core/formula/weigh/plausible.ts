import type { Pieces } from "../../formulation";
import type { Food } from "../../materials/types";
import { possibleLengthsMm } from "../../vessel/piece-size";
import { likelyThicknessMm } from "./flesh";

/** How far from its likely thickness a piece may be measured before the figure is taken for a slip. *Practice*. */
const THINNEST = 0.2;
const THICKEST = 2.5;

export interface ThicknessProblem {
  code: "thickness_implausible";
  thicknessMm: number;
  likelyMm: number;
  minMm: number;
  maxMm: number;
}

/** Whether the thickness can belong to a piece of this weight: a 400 mm fillet cannot. */
export function thicknessProblem(
  food: Food,
  pieces: Pick<Pieces, "count" | "totalMassG" | "thicknessMm">,
): ThicknessProblem | undefined {
  const likelyMm = likelyThicknessMm(food, pieces.totalMassG / pieces.count);
  const [minMm, maxMm] = [likelyMm * THINNEST, likelyMm * THICKEST];
  const { thicknessMm } = pieces;
  if (thicknessMm >= minMm && thicknessMm <= maxMm) return undefined;
  return { code: "thickness_implausible", thicknessMm, likelyMm, minMm, maxMm };
}

export interface LengthProblem {
  code: "length_implausible";
  lengthMm: number;
  minMm: number;
  maxMm: number;
}

/** Whether a length that was measured can belong to a piece of this weight and thickness. */
export function lengthProblem({
  shape,
  count,
  totalMassG,
  thicknessMm,
  lengthMm,
}: Pick<Pieces, "shape" | "count" | "totalMassG" | "thicknessMm" | "lengthMm">): LengthProblem | undefined {
  if (lengthMm === undefined) return undefined;
  const { min, max } = possibleLengthsMm(shape, totalMassG / count, thicknessMm);
  if (lengthMm >= min && lengthMm <= max) return undefined;
  return { code: "length_implausible", lengthMm, minMm: min, maxMm: max };
}
