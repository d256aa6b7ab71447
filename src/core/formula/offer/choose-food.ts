import type { Formulation, Pieces } from "../../formulation";
import { isSeafood } from "../../materials/facts";
import type { Food } from "../../materials/types";
import { choiceOf } from "../../preparations";
import { thicknessProblem } from "../weigh/plausible";
import { countOffered, nameOffered, piecesOffered, portionsOffered } from "./defaults";

/**
 * Another food on the Bench: it brings its own size, name and portions, and what the cook has changed stays changed.
 * @param before the food that stood there, to tell what was only offered
 */
export function rechosen(f: Formulation, food: Food, before: Food | undefined): Formulation {
  const own = before && f.pieces.count !== countOffered(before) ? f.pieces.count : undefined;
  const count = own ?? countOffered(food);
  const offered = before && piecesOffered(before, f.pieces.count);
  const next = piecesOffered(food, count);
  const kept = offered && changed(f.pieces, offered);
  const pieces = measured({ ...next, ...kept }, f.pieces, offered, food);
  const named = before && f.name !== nameOffered(before, choiceOf(f.preparation));
  const portions =
    before && f.portions !== portionsOffered(before, f.pieces) ? f.portions : portionsOffered(food, pieces);
  return {
    ...f,
    foodId: food.id,
    pieces,
    portions,
    name: named ? f.name : nameOffered(food, choiceOf(f.preparation)),
    // The table's hours for a fish are not those of a joint.
    ...(before && isSeafood(before) !== isSeafood(food) && { cook: undefined }),
  };
}

/** A thickness that was measured stays where it can be one of this food's. */
function measured(next: Pieces, { thicknessMm }: Pieces, offered: Pieces | undefined, food: Food): Pieces {
  if (!offered || thicknessMm === offered.thicknessMm) return next;
  const own = { ...next, thicknessMm };
  return thicknessProblem(food, own) ? next : own;
}

/** What was weighed, where it is not what had been offered. */
function changed(pieces: Pieces, offered: Pieces): Partial<Pieces> {
  return {
    ...(pieces.totalMassG !== offered.totalMassG && { totalMassG: pieces.totalMassG }),
    ...(pieces.daysRaw !== undefined && { daysRaw: pieces.daysRaw }),
    ...(pieces.thaw !== undefined && { thaw: pieces.thaw }),
  };
}
