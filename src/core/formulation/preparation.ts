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
      salted: "allFaces" | "oneFace" | "moreOnOne";
    }
  | MarinadePreparation
  | PastePreparation
  | RubPreparation
  | CrustPreparation
  | CurePreparation
  | InjectionPreparation;

/**
 * The salt of the preparation as the cook has it. What is wanted on the plate (`targetFraction`) is a figure of its own:
 * by "wanted" the salt follows from it, by any other what is given stands to the gram and is judged by it.
 */
export type SaltGiven =
  | { mode: "wanted" }
  /** Pure salt put on or in, share of the meat without bone. */
  | { mode: "percent"; fraction: number }
  /** Of the salt chosen, as it is weighed, g. */
  | { mode: "grams"; massG: number }
  /** A level measure of the salt chosen, mL. */
  | { mode: "measure"; volumeMl: number }
  /** What a pinch is in this kitchen, g, and how many. */
  | { mode: "pinch"; count: number; eachG: number }
  | { mode: "none" };

/** Salt in the mixture, or on the food itself first and the mixture over it. */
export type SaltSchool = "inMixture" | "onFoodFirst";

export interface MarinadePreparation {
  kind: "marinade";
  targetFraction: number;
  school: SaltSchool;
  /** How much of it: by the food, or as much as covers it in this vessel. */
  amount: { mode: "perFood"; mlPerKg: number } | { mode: "toCover" };
}

export type Thickness = "coats" | "clings" | "ridges";

export interface PastePreparation {
  kind: "paste";
  targetFraction: number;
  school: SaltSchool;
  /** "none" for a paste of oil, herbs or miso that clings by itself. */
  binderId: string;
  /** Flour lightly roasted first: nutty, and it takes up a little more water. */
  roasted: boolean;
  /** How thick it should be. */
  wanted: Thickness;
}

export interface RubPreparation {
  kind: "rub";
  /** 0 for a salt-free rub. */
  targetFraction: number;
  surface: "dry" | "moist" | "oiled";
  /** Share of it that goes inside a cavity, or under loosened skin, 0 to 0.8. */
  insideShare: number;
}

export type CrustSchool = "water" | "eggWhite" | "sparingEggWhite";

export interface CrustPreparation {
  kind: "saltCrust";
  /** What practice finds in the flesh; the crust is not dosed. */
  targetFraction: number;
  school: CrustSchool;
  /**
   * How much salt: the trade's 1.6 to 1 by weight, as much as the thickness asked for takes, or the grams the cook gives
   * (`salt` of the formulation). Left out: by thickness.
   */
  saltBy?: "rule" | "geometry" | "given" | undefined;
  /** What binds it, as the cook has it, water in g; left out: as the school counts it by the salt. */
  bound?: { waterG: number; whites: number } | undefined;
  form: "ellipsoid" | "box";
  /** Measured outer size; null to estimate it from weight, thickness and kind. */
  size: { lengthMm: number; widthMm: number; heightMm: number } | null;
  overMm: number;
  underMm: number;
  /** Room on the tray beyond the shell, mm. */
  marginMm: number;
  scales: "on" | "off";
  ends: "covered" | "out";
}

export interface CurePreparation {
  kind: "cure";
  /** Salt wanted in the flesh when it is lifted out. */
  targetFraction: number;
  /** Salt put on, share of the edible weight; more than is wanted, and most of it taken off again. */
  doseFraction: number;
  finish: "rinse" | "brush";
}

export interface InjectionPreparation {
  kind: "injection";
  /** Salt wanted in the flesh with what stays of the brine. */
  targetFraction: number;
  /** Brine pumped in, share of the weight on the scale. */
  pickupFraction: number;
  /** Of it, what runs out again, 0 to 0.6. */
  dripFraction: number;
  /** From stab to stab, mm. */
  spacingMm: number;
}
