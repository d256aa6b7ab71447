import type { HeatName } from "../formula/account/dish-facts";
import type { Fridge } from "../vessel/vessel";

/** Somebody the kitchen cooks for, and what they must not have. No names of real people: "table 2", "the baby". */
export interface Eater {
  id: string;
  name: string;
  /** EU allergen names. */
  avoids: string[];
  /** Most sodium in one portion, mg; null for no limit. */
  sodiumMg: number | null;
  infant: boolean;
  /** Pregnant, old, very young, or with weak defences: nothing raw or under the official minimum. */
  atRisk: boolean;
  noAlcohol: boolean;
  /** The hottest they will eat; null for anything. */
  mostHeat: HeatName | null;
}

/** Somebody who eats everything. */
export const eaterOf = (id: string, name: string): Eater => ({
  id,
  name,
  avoids: [],
  sodiumMg: null,
  infant: false,
  atRisk: false,
  noAlcohol: false,
  mostHeat: null,
});

/** What this kitchen has and whom it feeds, as far as the rules ask. */
export interface KitchenLimits {
  eaters: Eater[];
  /** Free room on a fridge shelf; null when not measured. */
  fridge: Fridge | null;
  thermometer: boolean;
}

export const NO_LIMITS: KitchenLimits = { eaters: [], fridge: null, thermometer: true };
