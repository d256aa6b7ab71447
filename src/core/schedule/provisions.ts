import { dishFacts } from "../formula/account/dish-facts";
import { formulate } from "../formula/formulate";
import { chillOf } from "../formula/weigh/chill-brine";
import type { Formulation } from "../formulation";
import { coolerIce } from "../program/cooler-ice";
import type { Vessel } from "../vessel/vessel";
import type { SittingRequest } from "./request";

export interface Provision {
  id: string;
  name: string;
  massG: number;
  dishes: string[];
}

export interface Provisions {
  /** Raw food, as it is bought. */
  foods: Provision[];
  /** Everything weighed out, salts by type, summed over the dishes. */
  lines: Provision[];
  /** To chill the brines of the hot way, and to keep the coolers cold, g. */
  iceG: { brines: number; coolers: number };
  /** What each dish that is still to be started stands in. */
  vessels: { dish: string; vessel: Vessel }[];
  dishes: { id: string; name: string; allergens: string[]; maybe: string[] }[];
}

/** What a sitting takes, all dishes together. Plain dishes are not weighed here. */
export function provisionsOf(
  request: Pick<SittingRequest, "dishes">,
  /** Hours each dish stands by its plan; left out, its own. */
  soakH: Readonly<Record<string, number>> = {},
): Provisions {
  const foods = new Map<string, Provision>();
  const lines = new Map<string, Provision>();
  const add = (to: Map<string, Provision>, id: string, name: string, massG: number, dish: string) => {
    const known = to.get(id) ?? { id, name, massG: 0, dishes: [] };
    known.massG += massG;
    if (!known.dishes.includes(dish)) known.dishes.push(dish);
    to.set(id, known);
  };
  const dishes: Provisions["dishes"] = [];
  const vessels: Provisions["vessels"] = [];
  const iceG = { brines: 0, coolers: 0 };
  for (const dish of request.dishes) {
    if (dish.kind === "plain") continue;
    const result = formulate(dish.formulation, { rateFactor: dish.rateFactor ?? 1 });
    if (!result.ok) continue;
    const sheet = result.value;
    const facts = dishFacts(dish.formulation, sheet);
    dishes.push({ id: dish.id, name: dish.name, allergens: facts.allergens, maybe: facts.maybeAllergens });
    // What is under way was bought and weighed long ago.
    if (dish.doneMs?.go_in !== undefined) continue;
    vessels.push({ dish: dish.name, vessel: dish.formulation.vessel });
    iceG.brines += chillOf(dish.formulation, sheet)?.iceG ?? 0;
    iceG.coolers += coolerIceG(dish.formulation, soakH[dish.id] ?? dish.formulation.pullH);
    add(foods, sheet.food.id, sheet.food.name, sheet.foodG, dish.name);
    for (const line of [...sheet.lines, ...sheet.companions])
      add(lines, line.id, line.name, line.massG, dish.name);
  }
  const byMass = (a: Provision, b: Provision) => b.massG - a.massG;
  return {
    vessels,
    iceG,
    foods: [...foods.values()].sort(byMass),
    lines: [...lines.values()].sort(byMass),
    dishes,
  };
}

const coolerIceG = (input: Formulation, soakH: number): number =>
  input.holding.place === "cooler" ? coolerIce({ input, soakH }).allG : 0;
