import { isRoast, isWhole } from "../materials/facts";
import { isSeafood } from "../materials/lookup";
import type { Food } from "../materials/types";
import type { PreparationChoice } from "../formula/choice";

/** The preparations that can serve a food at all. *Practice*. */
export function choicesFor(food: Food): PreparationChoice[] {
  const all: PreparationChoice[] = ["equilibrium", "timed", "dry", "marinade", "paste", "rub"];
  // Ground meat takes its salt mixed in, by its weight: a bath would wash it apart.
  if (food.form === "ground") return ["dry", "rub", "paste"];
  if (isSeafood(food)) all.push("cure");
  if (bakesInSalt(food)) all.push("crust");
  return all;
}

/** Whole fish, whole birds, joints and roots keep their shape and their juice in a crust. */
function bakesInSalt(food: Food): boolean {
  if (food.kingdom === "plant") return food.shape !== "slab";
  if (food.kingdom === "mammal") return isRoast(food.form);
  return isWhole(food.form) && (food.kingdom === "bird" || food.group === "fish");
}
