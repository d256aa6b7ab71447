import { pooled, type Normal, type Spread } from "../bayes/pooled";
import { PREHEAT_MIN } from "../heat/oven";
import { figureOf, type LearntFigure } from "./figure";

/** Heating up against the usual, one deviation of its logarithm: before anything was seen, and of one evening. Estimates. */
const SPREAD: Spread = { table: { mean: 0, deviation: 0.35 }, kinds: 0, batches: 0.15 };
/** Somebody looked at the thermometer every few minutes, min. *Practice*. */
const LOOKED_EVERY_MIN = 2;

export interface LearntHeatUp {
  /** Minutes from lit to its heat, over the usual twenty. */
  learnt: LearntFigure;
  before: LearntFigure;
  readings: number;
}

const seenOf = (tookMin: number): Normal => ({
  mean: Math.log(tookMin / PREHEAT_MIN),
  deviation: LOOKED_EVERY_MIN / tookMin,
});

/**
 * An oven's lag: how long it takes from lit to its heat by a thermometer in it.
 * @param tookMin of each evening somebody looked, min, over 0
 * @returns undefined while nobody looked
 */
export function learntHeatUp(tookMin: readonly number[]): LearntHeatUp | undefined {
  if (tookMin.length === 0) return undefined;
  return {
    learnt: figureOf(pooled(tookMin.map(seenOf), [], SPREAD)),
    before: figureOf(pooled([], [], SPREAD)),
    readings: tookMin.length,
  };
}
