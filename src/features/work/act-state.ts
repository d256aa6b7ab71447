import type { Act } from "@/core/work/act";

const MIN_MS = 60_000;
/** An act this late counts as missed: shown, never lost. */
const MISSED_AFTER_MIN = 10;
const GETTING_READY_MIN = 60;

export interface PlacedAct extends Act {
  /** In the batch's own time. */
  dueMs: number;
  doneMs: number | undefined;
  missed: boolean;
}

/** The acts on the batch's clock, in the order of their hours; what is done and what was missed. */
export function placed(
  acts: readonly Act[],
  startedAtMs: number,
  done: Readonly<Record<string, number>>,
  nowMs: number,
): PlacedAct[] {
  const cook = acts.find((a) => a.id === "stage_1");
  // Once it is in the oven, everything after goes by that.
  const shiftMs = cook && done.stage_1 !== undefined ? done.stage_1 - (startedAtMs + cook.atMin * MIN_MS) : 0;
  const all = acts
    .map((act) => ({
      ...act,
      dueMs: startedAtMs + act.atMin * MIN_MS + (cook && act.atMin >= cook.atMin ? shiftMs : 0),
      doneMs: done[act.id],
    }))
    .sort((a, b) => a.dueMs - b.dueMs);
  const lastDone = all.reduce((last, a, i) => (a.doneMs === undefined ? last : i), -1);
  // A batch that has just been started is still being got ready: nothing of that is late yet.
  const gettingReady = done.go_in === undefined && nowMs < startedAtMs + GETTING_READY_MIN * MIN_MS;
  return all.map((a, i) => ({
    ...a,
    missed:
      a.doneMs === undefined &&
      (i < lastDone ||
        (nowMs > a.dueMs + (a.minutes + MISSED_AFTER_MIN) * MIN_MS && !(gettingReady && a.atMin <= 0))),
  }));
}

/** The act to show large: the first that is neither done nor passed over. */
export const currentOf = (acts: readonly PlacedAct[]): PlacedAct | undefined =>
  acts.find((a) => a.doneMs === undefined && !a.missed);
