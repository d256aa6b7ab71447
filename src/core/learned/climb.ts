import { figureOf, type LearntFigure } from "./figure";
import { farOff, pooled, scattered, type Seen, type Spread } from "../bayes/pooled";
import type { Foretold } from "./scored";

/** How far a middle climbed out of the heat, against what was foretold. */
export interface SeenClimb {
  batchId: string;
  /** °C. */
  seenC: number;
  foretoldC: number;
}

/** Nothing is learnt of less: a degree is a probe's own doubt, °C. */
const LEAST_FORETOLD_C = 1.5;
/** A climb is looked for so long after the oven, min, and asks for readings at least so long. */
export const LOOKED_FOR_MIN = 45;
const LEAST_READ_MIN = 8;
/** One batch's climb over what was foretold, one deviation of its logarithm: where the probe sits, draughts, foil. Estimate. */
const ONE_BATCH = 0.3;
/** What is believed before: the engine's own doubt (its damper and drier face). */
const SPREAD: Spread = { table: { mean: 0, deviation: 0.3 }, kinds: 0, batches: 0 };
/** A climb that was not seen at all counts as so much of the foretold one. */
const NONE = 0.1;

/**
 * The climb of a probe that stayed in.
 * @param samples of its channel, oldest first; instants in ms
 * @returns undefined where it was read too shortly, or fell silent as it came out
 */
export function climbSeen(
  samples: readonly { atMs: number; value: number }[],
  outMs: number,
): number | undefined {
  const after = samples.filter((s) => s.atMs >= outMs && s.atMs <= outMs + LOOKED_FOR_MIN * 60_000);
  const at = samples.findLast((s) => s.atMs <= outMs);
  const last = after.at(-1);
  if (!at || !last || last.atMs - outMs < LEAST_READ_MIN * 60_000 || outMs - at.atMs > 5 * 60_000)
    return undefined;
  return Math.max(0, Math.max(...after.map((s) => s.value)) - at.value);
}

export interface LearntClimb {
  /** Over what the sums foretell. */
  learnt: LearntFigure;
  before: LearntFigure;
  batches: (SeenClimb & { leftOut: boolean; farOff: boolean })[];
}

const isTold = (s: SeenClimb): boolean => s.foretoldC >= LEAST_FORETOLD_C;

const evidence = (s: SeenClimb): Seen => ({
  id: s.batchId,
  mean: Math.log(Math.max(NONE, s.seenC / s.foretoldC)),
  deviation: ONE_BATCH,
});

/** @returns undefined while nothing was seen */
export function learntClimb(
  seen: readonly SeenClimb[],
  leftOut: ReadonlySet<string>,
): LearntClimb | undefined {
  const told = seen.filter(isTold);
  if (told.length === 0) return undefined;
  const counted = told.filter((s) => !leftOut.has(s.batchId)).map(evidence);
  const far = new Set(farOff(counted, (others) => pooled(others, [], SPREAD), 0));
  return {
    learnt: figureOf(pooled(counted, [], SPREAD)),
    before: figureOf(pooled([], [], SPREAD)),
    batches: told.map((s) => ({ ...s, leftOut: leftOut.has(s.batchId), farOff: far.has(s.batchId) })),
  };
}

/** What was foretold of each climb from those before it. @param seen oldest first */
export function foretoldClimbs(seen: readonly SeenClimb[]): Foretold[] {
  return seen.filter(isTold).map(({ batchId, seenC, foretoldC }, i, told) => {
    const belief = pooled(told.slice(0, i).map(evidence), [], SPREAD);
    const { factor, low, high } = figureOf(scattered(belief, ONE_BATCH));
    const times = (x: number) => foretoldC * x;
    return {
      batchId,
      what: "climb",
      foretold: times(factor),
      low: times(low),
      high: times(high),
      came: seenC,
    };
  });
}
