import type { PieceForm } from "../diffusion/flesh-body";
import type { Readiness } from "../diffusion/readiness";
import type { Vessel } from "../vessel/vessel";

/** What the packer put in, read off the label. */
export interface Enhanced {
  /** Share of the bought weight that is added solution, 0 to 0.4. */
  solutionFraction: number;
  /** Sodium in the food as sold, mg/100 g. */
  sodiumMgPer100g: number;
}

/** The real pieces in front of the cook; alike enough to share one soak. */
export interface Pieces {
  count: number;
  /** All pieces together on the scale, bone and skin included, g. */
  totalMassG: number;
  /** Flat, a log, a ball, or wetted at the ends as well: which way salt must travel. */
  shape: PieceForm;
  /** Thickest part of one piece, mm. */
  thicknessMm: number;
  bone: boolean;
  skin: boolean;
  faces: "both" | "one";
  /** Slashes; depth 0 means none, mm. */
  slashDepthMm: number;
  slashSpacingMm: number;
  enhanced: Enhanced | null;
}

/** Pieces of the same food and another size in the same bath. */
export interface Alongside {
  count: number;
  totalMassG: number;
  thicknessMm: number;
}

export type TimedStrength =
  | { basis: "percent"; saltFraction: number }
  /** "N cups of this salt to each so much water". */
  | { basis: "cups"; cups: number; per: "us_gallon" | "us_quart" | "litre" };

export type Convention = "waterPhase" | "wholeMass";

export type Preparation =
  | { kind: "wetBrine"; school: "equilibrium"; convention: Convention; targetFraction: number }
  | { kind: "wetBrine"; school: "timed"; strength: TimedStrength; targetFraction: number }
  | {
      kind: "dryBrine";
      /** Salt to put on, share of the edible weight. */
      targetFraction: number;
      salted: "allFaces" | "oneFace";
    };

export type Water = { mode: "chosen"; massG: number } | { mode: "toCover" };

/** What a line grows with when the batch does. */
export type ScalingLaw = "foodMass" | "bath" | "salt" | "vessel" | "batch";

export interface AromaticLine {
  ingredientId: string;
  /** g per litre of water, per kg of food, or for the batch, as the law says. */
  amountG: number;
  scalesWith: "bath" | "foodMass" | "batch";
  optional: boolean;
}

export interface Holding {
  place: "fridge" | "cooler" | "counter";
  /** Where the soak stands, °C. */
  temperatureC: number;
  /** The brine when the food goes in, °C. */
  brineStartC: number;
  before: "patDry" | "rinse";
  covered: boolean;
  /** Nobody stirs or turns it: a film of spent brine slows the salt. Left out: stirred now and then. */
  still?: boolean;
}

/** How it is cooked after the soak: what heat does to the salt before it is eaten. */
export interface Cook {
  /** Core temperature at which it is done, °C. */
  toC: number;
  minutes: number;
  restMin: number;
}

/** Everything the cook decides: what a formula version stores and a batch is computed from. */
export interface Formulation {
  name: string;
  notes: string;
  foodId: string;
  pieces: Pieces;
  /** Left out: all pieces are of one size. */
  alongside?: Alongside[];
  /** The bath is sour (vinegar, citrus, buttermilk): how deep acid goes is shown. */
  sour?: boolean;
  saltId: string;
  preparation: Preparation;
  water: Water;
  vessel: Vessel;
  /** Sugar per salt, g/g; 0 for none. */
  sugarPerSalt: number;
  sugarId: string;
  aromatics: AromaticLine[];
  holding: Holding;
  readiness: Readiness;
  /** Planned lift-out, hours after the start. */
  pullH: number;
  /** Left out, a usual cook for the food is taken. */
  cook?: Cook;
  portions: number;
}
