/**
 * What is believed of one figure, on a grid: how likely each of its values is. Few lines, no tuning, and any shape of
 * belief: what every learnt figure of the kitchen is learnt with.
 */
export interface Belief {
  /** Rising. */
  at: readonly number[];
  /** One for each, summing to 1. */
  share: readonly number[];
}

/** @param logWeights natural logarithms of anything in proportion to the shares */
export function beliefOf(at: readonly number[], logWeights: readonly number[]): Belief {
  const most = Math.max(...logWeights);
  const weights = logWeights.map((w) => Math.exp(w - most));
  const total = weights.reduce((sum, w) => sum + w, 0);
  return { at, share: weights.map((w) => w / total) };
}

/** Normal about a middle, cut off where the grid ends. @param points 3 or more */
export function normalBelief(
  mean: number,
  deviation: number,
  from: number,
  to: number,
  points: number,
): Belief {
  const at = Array.from({ length: points }, (_, i) => from + ((to - from) * i) / (points - 1));
  return beliefOf(
    at,
    at.map((x) => -(((x - mean) / deviation) ** 2) / 2),
  );
}

/** Bayes' rule: a belief after something was seen. @param logLikelihood of what was seen, were the figure this */
export const afterSeeing = ({ at, share }: Belief, logLikelihood: (x: number) => number): Belief =>
  beliefOf(
    at,
    at.map((x, i) => Math.log(share[i]) + logLikelihood(x)),
  );

export const meanOf = ({ at, share }: Belief): number => at.reduce((sum, x, i) => sum + share[i] * x, 0);

export function deviationOf(belief: Belief): number {
  const mean = meanOf(belief);
  return Math.sqrt(belief.at.reduce((sum, x, i) => sum + belief.share[i] * (x - mean) ** 2, 0));
}

/**
 * The value under which so much of the belief lies; between two points a straight line.
 * @param share 0 to 1
 */
export function quantileOf({ at, share }: Belief, wanted: number): number {
  let before = 0;
  for (let i = 0; i < at.length; i++) {
    // Each point stands for the stretch half-way to its neighbours.
    const from = i === 0 ? at[0] : (at[i - 1] + at[i]) / 2;
    const to = i === at.length - 1 ? at[i] : (at[i] + at[i + 1]) / 2;
    if (before + share[i] >= wanted && share[i] > 0)
      return from + (Math.max(0, wanted - before) / share[i]) * (to - from);
    before += share[i];
  }
  return at[at.length - 1];
}

/** Between which values so much of the belief lies, as much left out below as above. @param share such as 2/3 */
export const intervalOf = (belief: Belief, share: number): [low: number, high: number] => [
  quantileOf(belief, (1 - share) / 2),
  quantileOf(belief, (1 + share) / 2),
];

/** Surprise still to be had of a yes-or-no question, natural units: 0 where its answer is known. */
const entropy = (p: number) => (p <= 0 || p >= 1 ? 0 : -p * Math.log(p) - (1 - p) * Math.log(1 - p));

/**
 * How much a question is expected to tell of the figure (mutual information, Lindley 1956; natural units).
 * @param yes chance of "yes", were the figure this
 */
export function informationOf({ at, share }: Belief, yes: (x: number) => number): number {
  let chance = 0;
  let known = 0;
  at.forEach((x, i) => {
    const p = yes(x);
    chance += share[i] * p;
    known += share[i] * entropy(p);
  });
  return entropy(chance) - known;
}
