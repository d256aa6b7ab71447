import type { Formulated } from "../formula/formulate";
import type { Formulation } from "../formula/model";

/** A dish that is soaked, coated or crusted; begun already where some of its acts are done. */
export interface BatchDish {
  kind: "batch";
  id: string;
  name: string;
  input: Formulation;
  sheet: Formulated;
  /** Acts done, minutes on the plan's clock: zero or before. */
  done: Readonly<Record<string, number>>;
  /** A forecast of when it will be done in the oven, on the plan's clock. */
  doneByForecastMin?: number;
}

/** Something that is only cooked: trays of vegetables by their baking time, a sauce, a stock. */
export interface PlainDish {
  kind: "plain";
  id: string;
  name: string;
  prepMin: number;
  /** Each goes in by its own time, all come out together. */
  trays: { name: string; minutes: number }[];
  /** Oven air, °C; left out on the hob. */
  ovenC?: number;
  /** How long it may wait once done. */
  holdMin: number;
}

export type Dish = BatchDish | PlainDish;

/** What a kitchen has for a sitting. */
export interface SittingKitchen {
  fridgeL: number;
  ovens: number;
  shelves: number;
  rings: number;
  coolers: number;
  trays: number;
  /** Pails, tubs and dishes that hold liquid. */
  vessels: number;
  cooks: number;
}

/** Resources of a sitting, by their ids. */
export const OVEN = "oven";
export const FRIDGE = "fridge";
export const COOLER = "cooler";
export const HOB = "hob";
export const TRAY = "tray";
export const VESSEL = "vessel";
export const HANDS = "hands";
