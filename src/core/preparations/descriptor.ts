import type { Formulation, FormulaLine, LineLaw, Preparation } from "../formulation";
import type { Method } from "../materials/practice";
import type { Food } from "../materials/types";
import type { FaultId } from "./faults";
import * as words from "@/words/core/preparations/descriptor";

export type PreparationKind = Preparation["kind"];
export type Of<K extends PreparationKind> = Extract<Preparation, { kind: K }>;

/** What a cook wants to know before choosing it, and what it is called wherever it is spoken of. */
export interface PreparationWords {
  /** "equilibrium brine": on screen, on paper and in every file. */
  name: string;
  /** Where its school does not matter: "wet brine". */
  kind: string;
  /** In the name of a formula: "pork loin brine". */
  noun: string;
  /** While it stands: "in its brine". */
  stands: string;
  takeOut: string;
  /** In the list it is chosen from, and what tells it from its neighbours. */
  choice: { label: string; note: string };
  /** As one of several ways to an end: "gentle brine". */
  way: string;
  /** Where the food is when it is looked at. */
  place: string;
  /** The one caution that belongs on every sheet of it. */
  care: string;
  /** What to do about flesh that took up too much, and too little: each has its own lever. */
  less: string;
  more: string;
  /** Where its salt enters the flesh, and where it comes last. */
  spots: { enters: string; last: string; lastIs: string; leanest: string };
}

/** Where the food lies: under a brine, in a mixture that may stand about it, on a rack, or packed in salt that is baked. */
export type Lies = "bath" | "mixture" | "rack" | "crust";

/** One preparation: all that other rooms ask about it, but for its sums, its acts and its fields. */
export interface PreparationDescriptor<P extends Preparation = Preparation> {
  words: PreparationWords;
  kind: PreparationKind;
  lies: Lies;
  /** Where its salt gets into the flesh. */
  enters: "face" | "within";
  /** Which row of the practice table speaks of it, where its own lines do not say more. */
  practice: Method;
  /** There is a liquid that lines can grow with. */
  liquid: boolean;
  /** Part of it may be set aside before raw food touches it. */
  setsAside: boolean;
  /** Its salt is a share of the meat's weight, so a percentage of it means something. */
  dosed: boolean;
  /** Sugar goes by its salt, not as a line of its own. */
  sugarBySalt: boolean;
  /** Fresh water takes some of its salt out again: where a recipe says so, or only where the cook does. */
  rinses: "often" | "may" | "no";
  /** So many hours as there are, it forgives: a plan may move its end. */
  stretches: boolean;
  /** A brine is made for it that must be cold before it meets raw food. */
  brined: boolean;
  /** What is wanted settles its strength, and its hours: there is nothing to seek. */
  settles: { hours: boolean; strength: boolean };
  /** The most salt offered unasked to be quick, g/g of brine or of meat; left out, its salt is not raised. */
  strongest?: number;
  /** A tool that not every kitchen has. */
  needs?: "needle";
  /** How much there is to do and to wash up, 1 to 4. *Practice*. */
  fuss: number;
  faults: readonly FaultId[];
  /** Whether it can serve a food that is cooked so far in the middle, °C. *Practice*. */
  serves: (food: Food, toC: number) => boolean;
  /** What a cook is handed when it is chosen: every figure is an offer. */
  offered: (targetFraction: number) => P;
  /** What practice finds in the flesh where the salt is not dosed; left out, what is wanted stays. */
  found?: number;
  starter: readonly FormulaLine[];
  usualH: { meat: number; seafood?: number };
  /** Patted dry before the heat; a coat is not. */
  patted: boolean;
  /** Covered while it stands; a rack lets the surface dry. */
  covered: boolean;
  /** What else of a formulation changes with it. */
  brings?: (f: Formulation) => Partial<Formulation>;
}

/** A line as it is offered. */
export const offeredLine = (
  ingredientId: string,
  amountG: number,
  scalesWith: LineLaw = "foodMass",
): FormulaLine => ({ ingredientId, amountG, scalesWith, optional: false });

/** Salt goes in from the face to the middle. */
export const FROM_THE_FACE = words.fromTheFace;

/** Ground meat takes its salt mixed in, by its weight: a bath would wash it apart. */
export const notGround = (food: Food): boolean => food.form !== "ground";

/** What may be seen of any of them. */
export const ANY_FAULTS = ["too_salty", "bland", "bland_inside", "dry", "uneven_pieces", "late"] as const;
