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

/**
 * Acts that may be passed over by the timer alone: nothing is judged, measured or put in by them, and the clock of the
 * food does not begin with them.
 */
const BY_TIMER: Act["kind"][] = [
  "thaw",
  "clean",
  "turn",
  "finish",
  "dry",
  "season",
  "preheat",
  "tend",
  "rest",
];

/** Until one of these is confirmed nothing after it has begun: the clock waits for the hand. */
const BEGINS: Act["kind"][] = ["goIn", "liftOut"];

/** Acts whose minutes are over, for hands that are not free: what must be judged, measured or put in is never among them. */
export function overByNow(acts: readonly PlacedAct[], nowMs: number): PlacedAct[] {
  const open = acts.filter((act) => act.doneMs === undefined);
  const begins = open.findIndex((act) => BEGINS.includes(act.kind) || act.id === "stage_1");
  const begun = begins === -1 ? open : open.slice(0, begins);
  return begun.filter(
    (act) =>
      (BY_TIMER.includes(act.kind) || act.kind === "cook") && nowMs >= act.dueMs + act.minutes * MIN_MS,
  );
}

/** The act to show large: the first that is neither done nor passed over. */
export const currentOf = (acts: readonly PlacedAct[]): PlacedAct | undefined =>
  acts.find((a) => a.doneMs === undefined && !a.missed);
