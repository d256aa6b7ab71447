import type { Formulated } from "../formula/formulate";
import type { Formulation } from "../formula/model";

export type ActKind =
  | "inspect"
  | "thaw"
  | "clean"
  | "weighOut"
  | "mix"
  | "chill"
  | "goIn"
  | "turn"
  | "ice"
  | "liftOut"
  | "finish"
  | "dry"
  | "season"
  | "preheat"
  | "cook"
  | "tend"
  | "probe"
  | "rest"
  | "serve"
  | "store";

/** One thing to do, and when: minutes from the moment the food goes in, negative before it. */
export interface Act {
  id: string;
  kind: ActKind;
  title: string;
  why: string;
  /** What to look for. */
  look?: string;
  atMin: number;
  minutes: number;
  /** Somebody stands by it. */
  handsOn: boolean;
}

/** An act by its parts; somebody stands by it if it is short. */
export const act = (
  id: string,
  kind: ActKind,
  atMin: number,
  minutes: number,
  title: string,
  why: string,
  look?: string,
): Act => ({ id, kind, atMin, minutes, title, why, handsOn: minutes <= 30, ...(look && { look }) });

/** One after another from a minute on. */
export function inARow(acts: readonly Act[], fromMin: number): Act[] {
  let at = fromMin;
  return acts.map((a) => {
    const placed = { ...a, atMin: at };
    at += a.minutes;
    return placed;
  });
}

/** A batch whose acts are wanted: what the cook decided, and the sheet. */
export interface WorkedBatch {
  input: Formulation;
  sheet: Formulated;
}
