import type { PieceForm } from "../diffusion/flesh-body";

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

/**
 * Size of a piece from its weight and thickest part.
 * @param massG one piece, g, > 0  @param thicknessMm > 0
 */
export function pieceSize(shape: PieceForm, massG: number, thicknessMm: number): PieceSize {
  const volumeMl = massG / FLESH_DENSITY_G_PER_ML;
  const volumeMm3 = volumeMl * 1000;
  switch (shape) {
    case "slab":
    case "block": {
      const areaMm2 = volumeMm3 / thicknessMm;
      const widthMm = Math.sqrt(areaMm2 / FLAT_PIECE_ASPECT);
      return { lengthMm: widthMm * FLAT_PIECE_ASPECT, widthMm, heightMm: thicknessMm, volumeMl };
    }
    case "cylinder":
    case "shortLog":
      return round(volumeMl, thicknessMm, Math.PI / 4, LONGEST_LOG);
    case "sphere":
      return round(volumeMl, thicknessMm, Math.PI / 6, LONGEST_BALL);
  }
}

/** Past this many thicknesses a log is taken to be oval, wider than it is thick. *Practice*. */
const LONGEST_LOG = 4;
const LONGEST_BALL = 1.5;

/** The measured thickness is the height; what the weight asks for beyond a full length goes into the width. */
function round(volumeMl: number, thicknessMm: number, share: number, longest: number): PieceSize {
  const acrossMm2 = (volumeMl * 1000) / (share * thicknessMm);
  const lengthMm = Math.min(acrossMm2 / thicknessMm, longest * thicknessMm);
  return { lengthMm, widthMm: acrossMm2 / lengthMm, heightMm: thicknessMm, volumeMl };
}
