import type { Formulated } from "@/core/formula/formulate";
import type { BatchClock } from "@/core/program/batch-clock";
import type { Exit } from "@/core/program/exits";
import type { PlainDish } from "@/core/program/plain";
import type { Program } from "@/core/program/step";
import type { PlannedTask } from "@/core/schedule/planned-tasks";
import type { BatchDetail, KitchenView } from "./views";
import type { WorkNow } from "./work-now";

/** What the page at work is told of a sitting: its decided plan, and what of its plain dishes was ticked off. */
export interface SittingAtWork {
  id: string;
  name: string;
  /** A rehearsal runs on a clock of its own. */
  clock: BatchClock;
  /** When it is on the table, as it is going. */
  tableMs: number;
  /** How much later that is than was asked for. */
  lateMin: number;
  /** Where its plan cannot be held any more, and the last that fitted is gone by: what is foretold out late, latest first. */
  notHeld: { name: string; outMs: number }[] | null;
  tasks: PlannedTask[];
  /** Which dish is which batch. */
  batches: { dishId: string; batchId: string }[];
  plain: PlainDish[];
  plainDone: Record<string, Record<string, number>>;
}

/** What is derived of a batch once, whatever the clock says. */
export interface DerivedBatch {
  sheet: Pick<Formulated, "food" | "lines" | "crust">;
  exits: Exit[];
  program: Program;
}

/** Everything at work now: batches, and the sittings they are for. */
export interface AtWorkView {
  kitchen: KitchenView;
  batches: BatchDetail[];
  /** By batch; one whose sums no longer work out is not there. */
  derived: Record<string, DerivedBatch>;
  /** Each with the version that the line goes on from. */
  works: WorkNow[];
  sittings: SittingAtWork[];
  /** The batch the page was opened for; null for the whole kitchen. */
  focusId: string | null;
  /** The rehearsed sitting that is shown; null for the kitchen itself. */
  rehearsalId: string | null;
  nowMs: number;
}
