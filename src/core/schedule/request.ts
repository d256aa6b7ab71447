import type { Formulation } from "../formula/model";
import type { PlainDish, SittingKitchen } from "./dishes";
import type { DayHours } from "./hours";

/** A dish by its formulation, begun already where a batch stands behind it. */
export interface AskedBatch {
  kind: "batch";
  id: string;
  name: string;
  formulation: Formulation;
  /** Diffusivity here over the table's. */
  rateFactor?: number;
  /** When its acts were done, by id. */
  doneMs?: Readonly<Record<string, number>>;
  /** The running batch, where there is one. */
  batchId?: string;
  /** What the probe foresees. */
  forecastMs?: number;
}

export type AskedDish = AskedBatch | PlainDish;

/** A sitting as it is asked for and kept: instants, clocks and formulations. */
export interface SittingRequest {
  tableMs: number;
  timeZone: string;
  dishes: AskedDish[];
  kitchen: SittingKitchen;
  quiet: DayHours;
  /** Nobody is there. */
  absences: { fromMs: number; toMs: number }[];
  /** Where the cook has put a task. */
  pins: { taskId: string; startMs: number }[];
  /** Somebody gets up at night after all. */
  getsUp: boolean;
}
