import type { Formulated } from "../formula/formulate";
import type { Formulation } from "../formulation";
import type { Program } from "../program/step";

/** A dish with its program; begun already where some of its steps are done. */
export interface ProgramDish {
  id: string;
  name: string;
  program: Program;
  /** Steps done or said to be not done, minutes on the plan's clock: zero or before. */
  done: Readonly<Record<string, number>>;
  /** When each exit is foretold to come out, on the plan's clock, by channel. */
  outMin: Readonly<Record<string, number>>;
  /** The soak's edges, min; left out for what does not stand. */
  soak?: SoakEdges;
  /** What stands behind it, where it is soaked, coated or crusted. */
  batch?: { input: Formulation; sheet: Formulated };
}

export interface SoakEdges {
  minMin: number;
  preferMin: number;
  maxMin: number;
}

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
