import type { Formulation } from "../formulation";
import type { PreparationChoice } from "../preparations";
import type { FleshSalt } from "./flesh-salt";
import type { Verdict } from "./verdict";

/** One preparation worked out for this food and these hours. */
export interface Way {
  choice: PreparationChoice;
  /** What the Bench becomes when it is taken. */
  input: Formulation;
  /** Hours it stands itself; less than there are where it should not stand longer: it goes in later. */
  hours: number;
  salt: FleshSalt;
  /** What it is judged by, share of finished flesh. */
  wanted: number;
  verdict: Verdict;
  /** Centre over mean, 0 to 1. */
  evenness: number;
  /** Salt from the face to the middle, for a small drawing: shares of finished flesh. */
  profile: number[];
  /** What stands in the way of "as wanted". */
  short?: "too_slow" | "too_much" | "keeps_no_longer" | "outside_only";
  cost: WayCost;
}

export interface WayCost {
  /** Room in the tub, mL; 0 where there is none. */
  tubMl: number;
  /** Salt weighed out that nobody eats, g of NaCl. */
  lostSaltG: number;
  sodiumMgPerPortion: number;
  /** By hand until it goes to the heat, min. */
  handsMin: number;
  /** Bare skin and flesh dry on a rack, or come out wet. */
  surface: "dry" | "wet" | "coated" | "baked";
}
