import type { PieceForm } from "../diffusion/flesh-body";
import type { Readiness } from "../diffusion/readiness";
import type { OwnMaterials } from "../materials/pantry";
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
  /** Of one piece, lying flat, mm; left out, as is usual for its weight and kind. Its width follows. */
  lengthMm?: number;
  bone: boolean;
  skin: boolean;
  faces: "both" | "one";
  /** Slashes; depth 0 means none, mm. */
  slashDepthMm: number;
  slashSpacingMm: number;
  enhanced: Enhanced | null;
  /** Frozen when it comes to the bench, and how it is to thaw. Left out: not frozen. */
  thaw?: ThawMethod;
  stuffed?: boolean;
  /** Days it has been kept raw since it was bought. */
  daysRaw?: number;
}

export type ThawMethod = "fridge" | "coldWater" | "inBrine" | "counter";

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
  saltBy?: "rule" | "geometry" | "given";
  /** What binds it, as the cook has it, water in g; left out: as the school counts it by the salt. */
  bound?: { waterG: number; whites: number };
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

export type Water = { mode: "chosen"; massG: number } | { mode: "toCover" };

/** What a line grows with when the batch does. */
export type ScalingLaw = "foodMass" | "surface" | "bath" | "salt" | "piece" | "vessel" | "batch";

/** Laws a cook can give a line; "vessel" belongs to water alone. */
export type LineLaw = Exclude<ScalingLaw, "vessel">;

/**
 * Where a line goes decides what it does: under the skin it is part of what lies on the flesh; in the cavity it is eaten
 * with the food; over and under, in the crust's salt or on the tray it is left there.
 */
export type LinePlace = "underSkin" | "cavity" | "overUnder" | "inSalt" | "tray";

export interface FormulaLine {
  ingredientId: string;
  /** g per kg of food, dm² of surface, litre of liquid, 100 g of salt, piece, or for the batch, as the law says. */
  amountG: number;
  scalesWith: LineLaw;
  optional: boolean;
  /** In a marinade made by ratio: parts by volume of its liquid, in place of an amount. */
  parts?: number;
  /** Written down and left out this time. */
  off?: boolean;
  /** Where it goes; left out, into the mixture or bath. */
  where?: LinePlace;
}

export type CompanionKind =
  "glaze" | "butter" | "baste" | "sauce" | "dressing" | "bed" | "coat" | "drizzle" | "salting";
export type CompanionTime = "beforeHeat" | "inHeat" | "afterHeat" | "atTable";

/** What goes beside the main preparation and shares the plate with it. */
export interface Companion {
  kind: CompanionKind;
  name: string;
  /** Left out: as its kind goes on. */
  when?: CompanionTime;
  lines: CompanionLine[];
  /** A glaze goes on in the last so many minutes. */
  lastMin?: number;
  /** Made with the mixture that lay on the raw food, and whether it is boiled first. */
  leftover?: "boiled" | "asIs";
  /** A bed stays in the oven so long after the food is out to rest, min. */
  staysMin?: number;
}

export interface CompanionLine extends Omit<FormulaLine, "parts" | "where"> {
  /** A bed's vegetables: how long this one bakes, min. */
  bakeMin?: number;
}

/** Part of the mixture split off before raw food touches it. */
export interface Reserve {
  /** Share of all that is made, 0.05 to 0.8. */
  share: number;
  use: "sauce" | "glaze" | "baste" | "dressing";
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

/** How an oven and a rest turn out in one kitchen, against what dial and sums say. */
export interface HeatHere {
  /** The oven's air over its dial, °C, −60 to 60. */
  ovenOffC?: number;
  /** How much of the foretold climb out of the heat is seen, 0.2 to 2. */
  climb?: number;
  /** How long the oven takes to heat up, over the usual, 0.3 to 4. */
  heatUp?: number;
}

/** Whether a plan may move the hours of a soak: the cook's own hold, or they may stretch between two. */
export type SoakHours =
  | { mode: "hold" }
  /** Left out: as early as it is seasoned, as late as it keeps. */
  | { mode: "stretch"; leastH?: number; mostH?: number };

/** How it is cooked after the soak: what heat does to the salt before it is eaten. */
export interface Cook {
  /** Where the middle shall end, at its highest in the rest, °C. */
  toC: number;
  minutes: number;
  restMin: number;
  /** Oven air, °C; left out where no oven was named. */
  ovenC?: number;
  broil?: boolean;
  /** Straight from the fridge into the hot oven, in the dish it stood in. */
  inColdDish?: boolean;
  /** Left out: one open stage at `ovenC` for `minutes`. */
  stages?: CookStage[];
  /** Parts of the joint that are done by a reading of their own and come out when they are. */
  parts?: CookPart[];
  /** Taken apart before it is salted: each part on a tray of its own; what is no part goes to the stock. */
  apart?: boolean;
  /** Stands out of the fridge so long before the heat, min; left out: straight from the fridge. */
  temperMin?: number;
  /** Carving, opening and dishing up, min; left out, by its size. */
  carveMin?: number;
}

/** The breast against the leg, the thin end against the thick. */
export interface CookPart {
  name: string;
  /** Where the middle of this part shall end, °C. */
  toC: number;
  thicknessMm: number;
  /** Of a joint taken apart: its share of the weight, 0.01 to 1. */
  share?: number;
  /** Of a joint taken apart: its own stages; left out, those of the whole. */
  stages?: CookStage[];
  restMin?: number;
}

export type Cover = "open" | "lid" | "foil" | "pouch" | "crust";

/** One stretch of a cook: how hot, how long, covered how, and what is done in it. */
export interface CookStage {
  ovenC: number;
  minutes: number;
  cover: Cover;
  /** Done again and again, every so many minutes. */
  everyMin?: number;
  action?: "sear" | "baste" | "turn" | "tent";
  /** Left out: in the oven. In a pan the minutes are those of one panful. */
  on?: "oven" | "pan" | "flame";
  /** Pieces to a panful; left out, as many as lie flat in a usual pan. */
  perPan?: number;
  skinDown?: boolean;
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
  /** Left out: as much as brings the wanted salt. */
  salt?: SaltGiven;
  preparation: Preparation;
  water: Water;
  vessel: Vessel;
  /** Sugar per salt, g/g; 0 for none. */
  sugarPerSalt: number;
  sugarId: string;
  /** What goes in beside the salt, each with its own scaling law. */
  lines: FormulaLine[];
  companions?: Companion[];
  reserve?: Reserve;
  /** The skin comes off before it is eaten, and the salt that lies on it goes with it. */
  skinOff?: boolean;
  /** Salted once more when it is cooked, share of the edible weight; left out: not. */
  secondSaltFraction?: number;
  /** Eaten without cooking. */
  servedRaw?: boolean;
  /** This kitchen's own entries and measurements among the materials named, as they were when it was worked out. */
  own?: OwnMaterials;
  /** What this kitchen's probes taught of its heat and the cook took for true, as it was when it was worked out. */
  heatHere?: HeatHere;
  holding: Holding;
  readiness: Readiness;
  /** Planned lift-out, hours after the start. */
  pullH: number;
  /** Left out: brines may stretch, everything else holds. */
  hours?: SoakHours;
  /** Stands in fresh water after it is taken out, min; left out: not rinsed. */
  rinse?: { minutes: number };
  /** Left out, a usual cook for the food is taken. */
  cook?: Cook;
  portions: number;
}
