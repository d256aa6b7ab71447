import type { PieceForm } from "../../diffusion/piece-form";
import { ellipsoidAreaCm2 } from "../../vessel/crust-shell";
import type { PieceSize } from "../../vessel/piece-size";
import { wedgeAround } from "../../wedge";

const MM2_PER_DM2 = 10_000;

/**
 * Outer surface of one piece, dm², from its size and shape: a box, an oval log with its ends, a wedge or an ellipsoid.
 * @param size outer size, mm
 */
export function surfaceDm2(form: PieceForm, size: PieceSize): number {
  const { lengthMm: l, widthMm: w, heightMm: h } = size;
  switch (form) {
    case "slab":
    case "block":
      return (2 * (l * w + l * h + w * h)) / MM2_PER_DM2;
    case "cylinder":
    case "shortLog":
      return (l * ovalPerimeterMm(w, h) + (2 * Math.PI * w * h) / 4) / MM2_PER_DM2;
    case "wedge":
      return (l * wedgeAround(h, w) + w * h) / MM2_PER_DM2;
    case "sphere":
    case "oval":
      return (ellipsoidAreaCm2(size) * 100) / MM2_PER_DM2;
  }
}

/** Perimeter of an oval with these full axes; Ramanujan's first approximation, 1914, *from memory*. */
function ovalPerimeterMm(a: number, b: number): number {
  return (Math.PI / 2) * (3 * (a + b) - Math.sqrt((3 * a + b) * (a + 3 * b)));
}
