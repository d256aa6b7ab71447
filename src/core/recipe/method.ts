import type { SaidTime } from "./times";

/* A method as it was read: its times and temperatures, each with the sentence that says it. */

export interface SaidStage extends SaidTime {
  kind: "soak" | "cook" | "rest" | "other";
  sentence: string;
}

export interface SaidHeat {
  celsius: number;
  text: string;
  sentence: string;
  /** The sentence says it is turned up or down to this. */
  changes: boolean;
}

export interface SaidTending {
  action: "turn" | "baste";
  everyMin?: number;
  text: string;
}

/** One stretch of the cook as the recipe gives it. */
export interface CookSaidStage {
  ovenC?: number | undefined;
  minutes?: SaidTime;
  cover?: "open" | "covered" | "foil";
  /** What is done in it again and again; without minutes, once at its half. */
  tend?: SaidTending;
}

export interface ReadMethod {
  stages: SaidStage[];
  ovens: SaidHeat[];
  cores: SaidHeat[];
  cook: CookSaidStage[];
  rest: SaidTime | undefined;
  rinse: boolean | undefined;
  /** How long it stands in fresh water, where a rinse says so. */
  rinseMin: number | undefined;
  place: "fridge" | "room" | "cooler" | undefined;
  /** Time in the oven the recipe says it takes in all. */
  ovenTotal: SaidStage | undefined;
  /** Two settings for one stretch, with nothing that says the oven is changed. */
  ovenConflict: [SaidHeat, SaidHeat] | undefined;
}
