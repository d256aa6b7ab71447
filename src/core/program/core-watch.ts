import type { Exit } from "./exits";
import type { Sample } from "./foresee";
import { lastOf, pairsOf } from "../sequence";

/** What a probe in the heat says that a hand must know. */
export type CoreState =
  | { kind: "unread" }
  | { kind: "rising"; coreC: number }
  /** It stands at its exit or over it: out with it. */
  | { kind: "takeOut"; coreC: number; overC: number; sinceMs: number }
  /** Nothing was read for a while, and the end is near. */
  | { kind: "silent"; coreC: number; forMs: number }
  /** It fell by more than meat does: the probe moved. */
  | { kind: "slipped"; coreC: number; byC: number };

/** So near its exit a silent probe is a hand's business, °C. *Practice*. */
const NEAR_END_C = 12;
/** A probe that says nothing for so long is silent, and for so many of its own intervals: one read by hand is read seldom. */
const SILENT_MS = 3 * 60_000;
const SILENT_INTERVALS = 5;
/** Meat does not cool in the heat: a fall of so much in so short a time is the probe's, °C. */
const SLIP_C = 4;
const SLIP_WITHIN_MS = 5 * 60_000;

/**
 * What the middle of one exit is at, by its probe.
 * @param sinceMs readings before it say nothing: when it went in, or when the probe was set right again
 */
export function coreState(
  exit: Pick<Exit, "channel" | "outC">,
  samples: readonly Sample[],
  sinceMs: number,
  nowMs: number,
): CoreState {
  const own = samples.filter((s) => s.channel === exit.channel && s.atMs >= sinceMs && s.atMs <= nowMs);
  const last = own.at(-1);
  if (!last) return { kind: "unread" };
  const slip = slipOf(own);
  if (slip > 0) return { kind: "slipped", coreC: last.value, byC: slip };
  const reached = own.find((s) => s.value >= exit.outC);
  if (reached)
    return { kind: "takeOut", coreC: last.value, overC: last.value - exit.outC, sinceMs: reached.atMs };
  const forMs = nowMs - last.atMs;
  if (forMs >= silentAfterMs(own) && last.value >= exit.outC - NEAR_END_C)
    return { kind: "silent", coreC: last.value, forMs };
  return { kind: "rising", coreC: last.value };
}

/** How long this probe may say nothing: by the interval it has kept lately. */
function silentAfterMs(own: readonly Sample[]): number {
  const lately = own.slice(-INTERVALS_LOOKED_AT - 1);
  const gaps = pairsOf(lately).map(([before, s]) => s.atMs - before.atMs);
  // Read once or twice it keeps no interval yet.
  const median = gaps.length < 2 ? undefined : gaps.sort((a, b) => a - b)[Math.floor(gaps.length / 2)];
  if (median === undefined) return Infinity;
  return Math.max(SILENT_MS, SILENT_INTERVALS * median);
}

const INTERVALS_LOOKED_AT = 10;

/** How far the last reading lies under the highest of the minutes before it; 0 where it does not fall like that. */
function slipOf(own: readonly Sample[]): number {
  const last = lastOf(own);
  const lately = own.filter((s) => last.atMs - s.atMs <= SLIP_WITHIN_MS);
  const fall = Math.max(...lately.map((s) => s.value)) - last.value;
  return fall >= SLIP_C ? fall : 0;
}
