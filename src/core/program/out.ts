import type { Formulation } from "../formulation";
import { isBaked } from "../preparations";
import type { StepKind } from "./step";

/** What is done only with food that left its salt. */
const AFTER: readonly StepKind[] = ["finish", "cook", "ovenOut", "serve", "store"];
/** A crust is taken off at the table: what is baked in one is out with the oven's opening. */
const AFTER_BAKING: readonly StepKind[] = ["serve", "store"];

/** Whether an act takes food out of its salt. @param baked in a crust of it */
export const takesItOut = (kind: StepKind, baked: boolean): boolean =>
  kind === (baked ? "ovenOut" : "takeOut");

/** Whether an act, done, shows that food left its salt. @param baked in a crust of it */
export const showsItOut = (kind: StepKind, baked: boolean): boolean =>
  takesItOut(kind, baked) || (baked ? AFTER_BAKING : AFTER).includes(kind);

/** Whether anything was done since that is only done with what is out. @param acts kinds by their ids */
export const wentOn = (
  acts: Iterable<readonly [string, StepKind]>,
  isDone: (id: string) => boolean,
  baked: boolean,
): boolean =>
  [...acts].some(([id, kind]) => isDone(id) && showsItOut(kind, baked) && !takesItOut(kind, baked));

/** The act that puts food into the heat: a crust's own going in. @param part of a joint taken apart, from 1; left out: the first */
export const intoHeat = (f: Formulation, part = 1): string =>
  isBaked(f) ? "go_in" : f.cook?.apart ? `p${part}_stage_1` : "stage_1";
