/** How an oven and a rest turn out in one kitchen, against what dial and sums say. */
export interface HeatHere {
  /** The oven's air over its dial, °C, −60 to 60. */
  ovenOffC?: number | undefined;
  /** How much of the foretold climb out of the heat is seen, 0.2 to 2. */
  climb?: number | undefined;
  /** How long the oven takes to heat up, over the usual, 0.3 to 4. */
  heatUp?: number | undefined;
}

/** How it is cooked after the soak: what heat does to the salt before it is eaten. */
export interface Cook {
  /** Where the middle shall end, at its highest in the rest, °C. */
  toC: number;
  minutes: number;
  restMin: number;
  /** Oven air, °C; left out where no oven was named. */
  ovenC?: number | undefined;
  broil?: boolean | undefined;
  /** Straight from the fridge into the hot oven, in the dish it stood in. */
  inColdDish?: boolean | undefined;
  /** Left out: one open stage at `ovenC` for `minutes`. */
  stages?: CookStage[] | undefined;
  /** Parts of the joint that are done by a reading of their own and come out when they are. */
  parts?: CookPart[] | undefined;
  /** Taken apart before it is salted: each part on a tray of its own; what is no part goes to the stock. */
  apart?: boolean | undefined;
  /** Stands out of the fridge so long before the heat, min; left out: straight from the fridge. */
  temperMin?: number | undefined;
  /** Carving, opening and dishing up, min; left out, by its size. */
  carveMin?: number | undefined;
}

/** The breast against the leg, the thin end against the thick. */
export interface CookPart {
  name: string;
  /** Where the middle of this part shall end, °C. */
  toC: number;
  thicknessMm: number;
  /** Of a joint taken apart: its share of the weight, 0.01 to 1. */
  share?: number | undefined;
  /** Of a joint taken apart: its own stages; left out, those of the whole. */
  stages?: CookStage[] | undefined;
  restMin?: number | undefined;
}

export type Cover = "open" | "lid" | "foil" | "pouch" | "crust";

/** One stretch of a cook: how hot, how long, covered how, and what is done in it. */
export interface CookStage {
  ovenC: number;
  minutes: number;
  cover: Cover;
  /** Done again and again, every so many minutes. */
  everyMin?: number | undefined;
  action?: "sear" | "baste" | "turn" | "tent" | undefined;
  /** Left out: in the oven. In a pan the minutes are those of one panful. */
  on?: "oven" | "pan" | "flame" | undefined;
  /** Pieces to a panful; left out, as many as lie flat in a usual pan. */
  perPan?: number | undefined;
  skinDown?: boolean | undefined;
}
