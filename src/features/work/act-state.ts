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

/** Only while the food stands: nobody turns what is in the oven. */
const WHILE_IN: Act["kind"][] = ["turn", "ice"];
/** Heating the oven comes before the lift-out, and moves with it. */
const BEFORE_LIFT_MIN = 25;

/** What was lifted or put into the oven early or late takes everything after it along. */
function shiftOf(acts: readonly Act[], startedAtMs: number, done: Readonly<Record<string, number>>) {
  const late = (id: string) => {
    const act = acts.find((a) => a.id === id);
    return act && done[id] !== undefined
      ? { fromMin: act.atMin, byMs: done[id] - (startedAtMs + act.atMin * MIN_MS) }
      : undefined;
  };
  const lift = late("lift_out");
  const oven = late("stage_1");
  return (act: Act): number => {
    if (oven && act.atMin >= oven.fromMin) return oven.byMs;
    if (lift && act.atMin > 0 && act.atMin >= lift.fromMin - BEFORE_LIFT_MIN) return lift.byMs;
    return 0;
  };
}

/** The acts on the batch's clock, in the order of their hours; what is done and what was missed. */
export function placed(
  acts: readonly Act[],
  startedAtMs: number,
  done: Readonly<Record<string, number>>,
  nowMs: number,
): PlacedAct[] {
  const shiftMs = shiftOf(acts, startedAtMs, done);
  const outOfSoak = done.lift_out !== undefined || done.stage_1 !== undefined;
  const all = acts
    .filter((act) => !(outOfSoak && done[act.id] === undefined && WHILE_IN.includes(act.kind)))
    .map((act) => ({
      ...act,
      dueMs: startedAtMs + act.atMin * MIN_MS + shiftMs(act),
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
