import { nameOffered } from "../formula/offer/defaults";
import type { Formulation } from "../formulation";
import { pantryOf } from "../materials/pantry";
import { choiceOf } from "../preparations";
import type { Way } from "./way";

/**
 * The Bench once a way is taken. Ways were worked out a moment ago: a name or a note typed since stays.
 * @param f what is on the Bench now
 */
export function withWay(f: Formulation, way: Pick<Way, "choice" | "input">): Formulation {
  const food = pantryOf(f.own).food(f.foodId);
  const onlyOffered = food && f.name === nameOffered(food, choiceOf(f.preparation));
  return { ...way.input, name: onlyOffered ? nameOffered(food, way.choice) : f.name, notes: f.notes };
}
