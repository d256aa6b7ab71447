import type { Outcome } from "../../formula/account/outcome";
import type { Formulated } from "../../formula/formulate";
import type { Formulation } from "../../formulation";
import { isBaked } from "../../preparations";

/** What was really done, where it is known. */
export interface RealBatch {
  input: Formulation;
  sheet: Formulated;
  /** The food at the real lift-out. */
  atLift: Outcome;
  /** Hours it really stood. */
  hours: number;
  /** The highest its core was read, °C. */
  coreC?: number;
  /** Salt really weighed over salt on the sheet; 1 when not weighed. */
  saltFactor: number;
}

/** A likely reason for a fault, with this batch's own figures, and what to change. */
export interface Cause {
  id: string;
  text: string;
  change: string;
  /** 0 to 1: how well this batch's figures bear it out. */
  strength: number;
}

/** Looks at a batch for one reason; undefined where its figures say nothing of it. */
export type Weigh = (b: RealBatch) => Cause | undefined;

/** A reason that is hardly borne out is none. */
const LEAST = 0.05;

export const cause = (id: string, strength: number, text: string, change: string): Cause | undefined =>
  strength > LEAST ? { id, strength: Math.min(1, strength), text, change } : undefined;

export const pct = (fraction: number): string => `${(fraction * 100).toFixed(2)} %`;

export const wantedSalt = ({ input }: RealBatch): number => input.preparation.targetFraction;

export const isCrust = ({ input }: RealBatch): boolean => isBaked(input);
