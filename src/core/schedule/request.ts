import type { Formulation } from "../formulation";
import type { PlainDish } from "../program/plain";
import type { SittingKitchen } from "./dishes";
import type { DayHours } from "./hours";

/** A dish by its formulation, begun already where a batch stands behind it. */
export interface BatchRequest {
  kind: "batch";
  id: string;
  name: string;
  formulation: Formulation;
  /** Diffusivity here over the table's. */
  rateFactor?: number;
  /** Hours it is to stand, where a plan stretched them already; left out, the cook's own. */
  soakH?: number;
  /** When its acts were done, by id; what was said to be not done counts as done. */
  doneMs?: Readonly<Record<string, number>>;
  /** The running batch, where there is one. */
  batchId?: string;
  /** When each exit is foretold to come out, by its probe's channel. */
  outMs?: Readonly<Record<string, number>>;
}

/** Something only cooked; under way where its acts were ticked off. */
export interface PlainRequest extends PlainDish {
  doneMs?: Readonly<Record<string, number>>;
}

export type DishRequest = BatchRequest | PlainRequest;

/** A sitting as it is asked for and kept: instants, clocks and formulations. */
export interface SittingRequest {
  tableMs: number;
  timeZone: string;
  dishes: DishRequest[];
  kitchen: SittingKitchen;
  quiet: DayHours;
  /** Nobody is there. */
  absences: { fromMs: number; toMs: number }[];
  /** Where the cook has put a task. */
  pins: { taskId: string; startMs: number }[];
  /** Somebody gets up at night after all. */
  getsUp: boolean;
}
