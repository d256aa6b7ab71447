import { TWO_IN_THREE, type Normal } from "../bayes/pooled";

/** A learnt figure over what the table or the sums say. */
export interface LearntFigure {
  /** Likely, and where two in three lie. */
  factor: number;
  low: number;
  high: number;
  /** One standard deviation of its logarithm. */
  doubt: number;
}

/** @param belief of the factor's logarithm */
export const figureOf = ({ mean, deviation }: Normal): LearntFigure => ({
  factor: Math.exp(mean),
  low: Math.exp(mean - TWO_IN_THREE * deviation),
  high: Math.exp(mean + TWO_IN_THREE * deviation),
  doubt: deviation,
});
