import type { Formulation, HeatHere } from "../../formulation";
import type { OwnMaterials } from "../../materials/pantry";
import { namesUsed } from "./names-used";

/**
 * The formulation carrying the kitchen's own entries that it names, as they are now: a batch then keeps what it was
 * worked out from, whatever is measured later. Entries it does not name are left behind.
 * @param heat what is taken for true of this kitchen's oven and rests; another kitchen's is never kept
 */
export function withOwn(f: Formulation, kitchen: OwnMaterials, heat: HeatHere = {}): Formulation {
  const named = new Set([...namesUsed(f).ingredients, f.sugarId]);
  // What the formula brought with it stays, unless this kitchen has its own of the same id.
  const foods = newest(kitchen.foods, f.own?.foods).filter((x) => x.id === f.foodId);
  const salts = newest(kitchen.salts, f.own?.salts).filter((x) => x.id === f.saltId);
  const ingredients = newest(kitchen.ingredients, f.own?.ingredients).filter((x) => named.has(x.id));
  const own: OwnMaterials = {
    ...(foods.length > 0 && { foods }),
    ...(salts.length > 0 && { salts }),
    ...(ingredients.length > 0 && { ingredients }),
  };
  const bare = { ...f };
  delete bare.own;
  return withHeat({ ...bare, ...(Object.keys(own).length > 0 && { own }) }, heat);
}

/** The formulation with what is taken for true of this kitchen's oven and rests, and with no other kitchen's. */
export function withHeat(f: Formulation, heat: HeatHere): Formulation {
  const bare = { ...f };
  delete bare.heatHere;
  return Object.keys(heat).length > 0 ? { ...bare, heatHere: heat } : bare;
}

function newest<T extends { id: string }>(kitchen: T[] = [], brought: T[] = []): T[] {
  return [...kitchen, ...brought.filter((b) => !kitchen.some((k) => k.id === b.id))];
}
