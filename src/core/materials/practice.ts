import { isRoast, isSeafood, isWhole } from "./facts";
import { rows } from "./tables/methods.table";
import type { Food, Practice } from "./types";

/** The kinds of preparation the practice table speaks of. */
export type Method =
  | "wet"
  | "dry"
  | "acidMarinade"
  | "dairyMarinade"
  | "enzymeMarinade"
  | "oilMarinade"
  | "paste"
  | "rubSalted"
  | "rubSaltFree"
  | "crustWater"
  | "crustEgg"
  | "cure"
  | "glaze";

const practices = new Map(rows.map((row) => [row.id, row]));

/** Which row of the practice table speaks for a food in a preparation: doses, hours and how to finish. */
export function practiceFor(food: Food, method: Method): Practice {
  const id = ROW[method](food);
  const found = practices.get(id);
  if (!found) throw new Error(`no practice "${id}"`);
  return found;
}

const ROW: Record<Method, (food: Food) => string> = {
  wet: wetRow,
  dry: dryRow,
  acidMarinade: (food) => {
    if (food.group === "shellfish") return "am_shrimp";
    return `am_${byClass(food, { fish: "fish", bird: "poultry", pork: "pork", red: "red", plant: "plant" })}`;
  },
  dairyMarinade: (food) =>
    `dm_${byClass(food, { fish: "fish", bird: "poultry", pork: "lamb", red: "lamb", plant: "plant" })}`,
  enzymeMarinade: (food) => (food.kingdom === "mammal" ? "em_red" : "em_poultry"),
  oilMarinade: () => "om_any",
  paste: (food) =>
    `sp_${byClass(food, { fish: "fish", bird: "meat", pork: "meat", red: "meat", plant: "plant" })}`,
  rubSalted: () => "rub_salted",
  rubSaltFree: () => "rub_saltfree",
  crustWater: (food) => (isSeafood(food) ? "sc_water_fish" : "sc_water_veg"),
  crustEgg: (food) =>
    `sc_egg_${byClass(food, { fish: "fish", bird: "poultry", pork: "red", red: "red", plant: "fish" })}`,
  cure: (food) => (isSeafood(food) ? "ssc_light" : "ssc_meat"),
  glaze: () => "glaze_sweet",
};

type FoodClass = "fish" | "bird" | "pork" | "red" | "plant";

function byClass(food: Food, names: Record<FoodClass, string>): string {
  if (isSeafood(food)) return names.fish;
  if (food.kingdom === "bird") return names.bird;
  if (food.group === "pork") return names.pork;
  return food.kingdom === "mammal" ? names.red : names.plant;
}

function wetRow(food: Food): string {
  if (food.kingdom === "bird") return isWholeBird(food) ? "wbe_poultry_whole" : "wbe_poultry_piece";
  return `wbe_${byClass(food, { fish: "fish", bird: "", pork: "pork", red: "red_meat", plant: "plant" })}`;
}

function dryRow(food: Food): string {
  if (food.flags.includes("fatty_bird")) return "db_duck";
  if (food.kingdom === "bird") return isWholeBird(food) ? "db_poultry_whole" : "db_poultry_piece";
  if (food.group === "pork") return "db_pork";
  if (food.kingdom === "mammal") return isRoast(food.form) ? "db_roast" : "db_steak";
  if (isSeafood(food)) return "db_fish";
  return food.kingdom === "plant_gel" || food.kingdom === "dairy_gel" ? "db_tofu" : "db_veg";
}

export const isWholeBird = (food: Food): boolean => isWhole(food.form) && food.kingdom === "bird";
