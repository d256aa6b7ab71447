import type { SoakError } from "../../diffusion/stages";
import type { Formulation } from "../../formulation";
import type { Pantry } from "../../materials/pantry";
import type { Food, Salt } from "../../materials/types";
import type { BrineStrength } from "../../solution/sodium-chloride";
import type { VesselFit } from "../../vessel/fit";
import type { PieceSize } from "../../vessel/piece-size";
import type { KeepLimit } from "../soak/keep-limit";
import type { Flesh } from "./equilibrium";
import type { Apart, Bases, SheetLine } from "./lines";
import type { Mix } from "./mix";
import type { LengthProblem, ThicknessProblem } from "./plausible";

export type FormulationError =
  | { code: "unknown_food"; id: string }
  | { code: "unknown_salt"; id: string }
  | { code: "unknown_ingredient"; id: string }
  | { code: "salt_without_nacl"; name: string }
  | { code: "already_salty"; heldFraction: number; targetFraction: number }
  | { code: "no_room_for_water"; waterG: number }
  | { code: "brine_overfull"; brineG: number; inItG: number }
  | { code: "nothing_in_mixture" }
  | { code: "no_liquid_to_thicken" }
  | ThicknessProblem
  | LengthProblem
  | { code: "soak"; error: SoakError };

/** What every preparation is worked out from. */
export interface PrepareContext {
  input: Formulation;
  pantry: Pantry;
  food: Food;
  salt: Salt;
  flesh: Flesh;
  fit: VesselFit;
  size: PieceSize;
  /** All pieces on the scale, g. */
  foodG: number;
  /** All pieces together, dm². */
  surfaceDm2: number;
}

/** What lines grow with in this batch. */
export const basesOf = (
  c: Pick<PrepareContext, "input" | "foodG" | "surfaceDm2">,
  { liquidMl, saltG }: Pick<Bases, "liquidMl" | "saltG">,
): Bases => ({
  foodG: c.foodG,
  surfaceDm2: c.surfaceDm2,
  liquidMl,
  saltG,
  pieces: c.input.pieces.count,
});

/** How salt meets the flesh. */
export type Contact =
  | { kind: "bath" }
  | { kind: "drySalt" }
  | {
      /** Put into the flesh itself, about places that lie so far apart: it spreads from each until they meet. */
      kind: "within";
      spacingMm: number;
      /** Share of all the water that lies there at first, and its salt; salt of the water between; g/g. */
      coreShare: number;
      corePerWater: number;
      restPerWater: number;
    }
  | {
      /** Damp salt all about, saturated, through skin and scales, while the food warms. */
      kind: "crust";
      startC: number;
      endC: number;
      bakeS: number;
      /** Flesh that would slow salt as much as scales or peel do, mm. */
      barrierMm: number;
    };

/** Hours by the clock, not by the salt: a crust is done when its food is. */
export interface Bake {
  earlyH: number;
  likelyH: number;
  lateH: number;
  ovenC: number;
  /** Which is gone by: the trade's count, or the heat engine where that is longer. */
  by: "trade" | "engine";
  engineMin?: number;
  rules: BakeRule[];
}

export interface Dose {
  wantedG: number;
  hiddenG: number;
  ownG: number;
}

/** In the tub; in a mixture that is drained off, but for a film; in a coat; on the face; run out of the flesh again; and where it is not eaten. */
export type RestPlace =
  | "bath"
  | "mixture"
  | "coat"
  | "surface"
  | "takenOff"
  | "fallenOff"
  | "runOut"
  | "crust";

/** A rule of the trade moved to this oven and to the core wanted: (a·kg + b·mm/25 + c) × oven × core. */
export interface BakeRule {
  id: string;
  minutes: number;
  minutesPerKg: number;
  minutesPer25Mm: number;
  fixedMinutes: number;
  pieceKg: number;
  thicknessMm: number;
  ovenFactor: number;
  coreFactor: number;
}

export interface Coat {
  massG: number;
  perDm2G: number;
  perKgG: number;
  thicknessMm: number;
  /** What a face of this kind holds, g; the rest falls off. */
  holdsG: number;
  stuckShare: number;
}

/** Whether a marinade covers the food or stands beside it. */
export interface Snug {
  haveMl: number;
  /** To cover the food in this vessel. */
  coverMl: number;
  /** A bag pressed round the food needs only a film. */
  bagMl: number;
}

export interface PasteFigures {
  binderG: number;
  /** Add so much, stir, look; then the next. g */
  steps: number[];
  freeWaterG: number;
  coatMm: number;
  /** Paste the surface asks for at that thickness, g. */
  neededG: number;
}

export interface CrustFigures {
  food: { lengthMm: number; widthMm: number; heightMm: number };
  /** Bed beneath the food, mm. */
  underMm: number;
  /** Cover over and beside it, mm: as it was asked for, or what the salt that is given makes above that bed. */
  overMm: number;
  estimated: boolean;
  shellMl: number;
  saltG: number;
  /** Salt over food, by weight. */
  ratio: number;
  /** What the thickness asked for takes, g. */
  geometryG: number;
  /** The 1.6 to 1 rule, g (*practice*). */
  ruleG: number;
  /** How thick an even crust all round the salt weighed out makes, mm. */
  evenMm: number;
  /** How thick an even crust all round the rule's weight of this salt makes, mm. */
  ruleEvenMm: number;
  packedGPerMl: number;
  waterG: number;
  /** Water is added in these steps, up to the squeeze test, g. */
  waterSteps: number[];
  eggWhites: number;
  tray: { lengthMm: number; widthMm: number };
  /** Height of the whole crust, mm. */
  heightMm: number;
}

/** A preparation worked out, before the soak is run. */
export interface Prepared {
  /**
   * Pure salt that meets the food, g: asked for, hidden in the lines that meet it too, and weighed out as salt. Left out
   * where salt is not dosed, as in a crust.
   */
  dose?: Dose;
  /** Where the salt is that reached the flesh and did not go in, and what never reached it. */
  rest: { reached: RestPlace; missed: RestPlace };
  /** Of what stays in a mixture, the share that clings to the food when it is taken out, 0 to 1. */
  clings: number;
  /** Salt of lines that go neither into the mixture nor on the flesh. */
  apart: Apart;
  /** Sodium chloride added, g: weighed as salt and hidden in the lines that meet the food. */
  naclG: number;
  /** Of that, what can reach the flesh. */
  loadG: number;
  waterG: number;
  sugarG: number;
  targetPerWater: number;
  /** The flesh once it holds what was put into it; left out, it stays as it came. */
  soaked?: Flesh;
  contact: Contact;
  keep: KeepLimit;
  /** Only some of the salt is meant to go in; the rest is taken off again. */
  excess: boolean;
  lines: SheetLine[];
  /** What stands round the food, mL; 0 where nothing does. */
  liquidMl: number;
  /** Of a brine: plain water, and what else is poured in with it, g. */
  liquids?: { plainG: number; otherG: number };
  brine?: BrineStrength | undefined;
  otherConventionNaclG?: number | undefined;
  mix?: Mix | undefined;
  /** Acid in the mixture for each kg of food, as citric, g. */
  citricPerKgG?: number;
  coat?: Coat | undefined;
  snug?: Snug | undefined;
  paste?: PasteFigures;
  crust?: CrustFigures | undefined;
  bake?: Bake;
}
