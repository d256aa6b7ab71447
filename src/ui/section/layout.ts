import type { Formulated } from "@/core/formula/formulate";
import type { Formulation } from "@/core/formula/model";

/** Most pieces drawn in one row; more are said in words. */
const MOST_ACROSS = 8;

export interface PieceBox {
  x: number;
  y: number;
  width: number;
  height: number;
}

/** Everything in millimetres, x from the left wall, y up from the floor. */
export interface SectionLayout {
  widthMm: number;
  heightMm: number;
  pieces: PieceBox[];
  /** How many pieces one row of the drawing stands for. */
  across: number;
}

/** How the pieces lie in the cut, to scale: rows upward, pieces side by side as far as they fit. */
export function layOut(input: Formulation, sheet: Formulated): SectionLayout {
  const { vessel, pieces } = input;
  const { fit, pieceSize: size } = sheet;
  const height = fit.standing ? size.lengthMm : size.heightMm;
  const narrow = Math.min(size.widthMm, vessel.lengthMm * 0.98);
  const width = fit.standing
    ? size.heightMm
    : pieces.count === 1 || size.lengthMm * fit.perLayer <= vessel.lengthMm
      ? Math.min(size.lengthMm, vessel.lengthMm * 0.98)
      : narrow;
  const room = Math.max(1, Math.floor(vessel.lengthMm / width));
  const across = Math.min(fit.perLayer, room, MOST_ACROSS);
  const boxes: PieceBox[] = [];
  let left = pieces.count;
  for (let layer = 0; layer < fit.layers && left > 0; layer++) {
    const inRow = Math.min(across, left);
    const gap = (vessel.lengthMm - inRow * width) / (inRow + 1);
    for (let i = 0; i < inRow; i++)
      boxes.push({ x: gap + i * (width + gap), y: layer * height, width, height });
    left -= fit.perLayer;
  }
  return { widthMm: vessel.lengthMm, heightMm: vessel.heightMm, pieces: boxes, across };
}
