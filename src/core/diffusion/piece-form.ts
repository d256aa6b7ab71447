import { isRoast } from "../materials/facts";
import type { Food } from "../materials/types";
import type { BodyShape } from "./grid";

/** What a cook calls the piece: the engine's own bodies, two that are wetted at their ends as well, and two that taper. */
export const PIECE_FORMS = ["slab", "cylinder", "sphere", "block", "shortLog", "oval", "wedge"] as const;
export type PieceForm = (typeof PIECE_FORMS)[number];

/**
 * The shape the sums use. An irregular roast is taken as a cylinder, an irregular smaller piece as a slab: a bird's
 * wall or a cut piece is wetted from two sides.
 */
export function bodyShapeOf(food: Pick<Food, "shape" | "form">): BodyShape {
  if (food.shape !== "irregular") return food.shape;
  return isRoast(food.form) ? "cylinder" : "slab";
}
