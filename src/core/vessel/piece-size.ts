import type { PieceForm } from "../diffusion/piece-form";

/** Density of raw flesh, g/mL; lean muscle about 1.05 to 1.07, *from memory*. Never a spoon density. */
export const FLESH_DENSITY_G_PER_ML = 1.05;

/** How much longer than wide a flat piece is taken to be when only weight and thickness are known. *Practice*. */
const FLAT_PIECE_ASPECT = 1.6;

/** Outer size of one piece, lying flat, mm. */
export interface PieceSize {
  lengthMm: number;
  widthMm: number;
  heightMm: number;
  volumeMl: number;
}

/** What a piece's shape fills of the box about it. */
const FILLS: Record<PieceForm, number> = {
  slab: 1,
  block: 1,
  cylinder: Math.PI / 4,
  shortLog: Math.PI / 4,
  sphere: Math.PI / 6,
  oval: Math.PI / 6,
  wedge: 1 / 2,
};

/**
 * Size of a piece from its weight and thickest part.
 * @param massG one piece, g, > 0  @param thicknessMm > 0
 * @param lengthMm as measured, mm; left out, as long as is usual for its kind. What is left of its weight is its width.
 */
export function pieceSize(
  shape: PieceForm,
  massG: number,
  thicknessMm: number,
  lengthMm?: number,
): PieceSize {
  const across = acrossMm2(shape, massG, thicknessMm);
  const length = lengthMm ?? usualLengthMm(shape, across, thicknessMm);
  return {
    lengthMm: length,
    widthMm: across / length,
    heightMm: thicknessMm,
    volumeMl: massG / FLESH_DENSITY_G_PER_ML,
  };
}

/** A log that tapers to both ends, as a fish does, is so much longer than one that does not: π/4 over π/6. */
const TAPERED = 1.5;

/** The lengths a piece of this weight and thickness can have, mm: it is nowhere narrower than it is thick. */
export function possibleLengthsMm(
  shape: PieceForm,
  massG: number,
  thicknessMm: number,
): { min: number; max: number } {
  const across = acrossMm2(shape, massG, thicknessMm);
  const usual = usualLengthMm(shape, across, thicknessMm);
  const longer = shape === "cylinder" ? TAPERED : 1;
  // One that is thicker than its weight allows is as it is.
  return { min: Math.min(thicknessMm, usual), max: Math.max((across / thicknessMm) * longer, usual) };
}

/** Length times width, mm². */
const acrossMm2 = (shape: PieceForm, massG: number, thicknessMm: number): number =>
  ((massG / FLESH_DENSITY_G_PER_ML) * 1000) / (FILLS[shape] * thicknessMm);

/** How much longer than it is deep a whole fish is. *Practice*. */
const OVAL_ASPECT = 3.5;
/** Past this many thicknesses a log is taken to be oval, wider than it is thick. *Practice*. */
const LONGEST_LOG = 4;
const LONGEST_BALL = 1.5;

/** The measured thickness is the height; what the weight asks for beyond a full length goes into the width. */
function usualLengthMm(shape: PieceForm, across: number, thicknessMm: number): number {
  switch (shape) {
    case "slab":
    case "block":
    case "wedge":
      return Math.sqrt(across * FLAT_PIECE_ASPECT);
    case "cylinder":
    case "shortLog":
      return Math.min(across / thicknessMm, LONGEST_LOG * thicknessMm);
    case "sphere":
      return Math.min(across / thicknessMm, LONGEST_BALL * thicknessMm);
    case "oval":
      return Math.min(across / thicknessMm, Math.sqrt(across * OVAL_ASPECT));
  }
}
