import type { Act } from "@/core/work/act";

const MIN_MS = 60_000;
/** An act this late counts as missed: shown, never lost. */
const MISSED_AFTER_MIN = 10;

export interface PlacedAct extends Act {
  /** In the batch's own time. */
  dueMs: number;
  doneMs: number | undefined;
  missed: boolean;
}

/** The acts on the batch's clock, what is done and what was missed. */
export function placed(
  acts: readonly Act[],
  startedAtMs: number,
  done: Readonly<Record<string, number>>,
  nowMs: number,
): PlacedAct[] {
  const all = acts.map((act) => ({
    ...act,
    dueMs: startedAtMs + act.atMin * MIN_MS,
    doneMs: done[act.id],
  }));
  const lastDone = all.reduce((last, a, i) => (a.doneMs === undefined ? last : i), -1);
  return all.map((a, i) => ({
    ...a,
    // Something later is done, or its hour is well past: then it was passed over.
    missed:
      a.doneMs === undefined && (i < lastDone || nowMs > a.dueMs + (a.minutes + MISSED_AFTER_MIN) * MIN_MS),
  }));
}

/** The act to show large: the first not done, not passed over by a later one. */
export function currentOf(acts: readonly PlacedAct[]): PlacedAct | undefined {
  const lastDone = acts.reduce((last, a, i) => (a.doneMs === undefined ? last : i), -1);
  return acts.slice(lastDone + 1).find((a) => a.doneMs === undefined);
}
