import type { Formulated } from "@/core/formula/formulate";
import type { Formulation } from "@/core/formulation";

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
  const { pieces } = input;
  // In a pail the food lies on its narrower floor.
  const pail = input.vessel.shape === "pail";
  const floorMm = pail ? input.vessel.widthMm : input.vessel.lengthMm;
  const asideMm = (input.vessel.lengthMm - floorMm) / 2;
  const { fit, pieceSize: size } = sheet;
  const height = fit.standing ? size.lengthMm : size.heightMm;
  const narrow = Math.min(size.widthMm, floorMm * 0.98);
  const width = fit.standing
    ? size.heightMm
    : pieces.shape !== "wedge" && (pieces.count === 1 || size.lengthMm * fit.perLayer <= floorMm)
      ? Math.min(size.lengthMm, floorMm * 0.98)
      : narrow;
  const room = Math.max(1, Math.floor(floorMm / width));
  const across = Math.min(fit.perLayer, room, MOST_ACROSS);
  const boxes: PieceBox[] = [];
  // Pieces of other sizes lie after the main ones, each as high as it is thick.
  const heights = [
    ...Array.from({ length: pieces.count }, () => height),
    ...(input.alongside ?? []).flatMap((a) => Array.from({ length: a.count }, () => a.thicknessMm)),
  ];
  for (let layer = 0; layer * fit.perLayer < heights.length; layer++) {
    const row = heights.slice(layer * fit.perLayer).slice(0, across);
    const gap = (floorMm - row.length * width) / (row.length + 1);
    row.forEach((pieceHeight, i) =>
      boxes.push({ x: asideMm + gap + i * (width + gap), y: layer * height, width, height: pieceHeight }),
    );
  }
  return { widthMm: input.vessel.lengthMm, heightMm: input.vessel.heightMm, pieces: boxes, across };
}
