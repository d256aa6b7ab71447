import {
  afterSeeing,
  informationOf,
  intervalOf,
  meanOf,
  deviationOf,
  normalBelief,
  quantileOf,
  type Belief,
} from "../bayes/grid";
import { USUAL_WANTED } from "../formula/offer/defaults";

/**
 * What an eater likes is one figure, the salt at which nothing is missing and nothing too much; they like a sample the
 * less, the further it lies from there. Salt is felt by ratios (Weber), so all is in logarithms.
 */

/** Before anything was said the usual is liked, and eaters lie so far apart about it. *Practice*: `TASTE_BANDS`. */
const EATERS_APART = 0.3;
const FROM = Math.log(0.003);
const TO = Math.log(0.03);
const POINTS = 141;

/**
 * How sure a choice is: two samples a third apart, one of them just right, are told apart about five times in six.
 * *From memory* of preference tests of salt in food; estimate.
 */
const UNSURE = 0.16;
/** Answers that mean nothing: a slip, a guess. *Practice*, estimate. */
const LAPSE = 0.05;
/** One step of "a little too salty", as a ratio's logarithm, and how unsteadily it is said. *Practice*, estimate. */
const STEP = 0.22;
const SAID_UNSTEADILY = 0.22;
/** A judged dinner says less of salt than a tasting: other things are tasted with it, days lie between. */
const BATCH_WEIGHT = 0.5;

/** Something an eater said. Salt as a share of what they ate. */
export type Answer =
  | { kind: "pair"; likedFraction: number; otherFraction: number }
  /** No difference was found between the two. */
  | { kind: "alike"; fractions: readonly [number, number] }
  /** −2 far too little salt to +2 far too much. */
  | { kind: "said"; fraction: number; salt: number }
  /** The same of a dinner. */
  | { kind: "batch"; fraction: number; salt: number };

export const usualBelief = (): Belief => normalBelief(Math.log(USUAL_WANTED), EATERS_APART, FROM, TO, POINTS);

/** Chance that the first is liked better, were this the salt that is liked. Logarithms all. */
export function chanceOfFirst(first: number, second: number, liked: number): number {
  const better = ((second - liked) ** 2 - (first - liked) ** 2) / (2 * UNSURE ** 2);
  return LAPSE / 2 + (1 - LAPSE) / (1 + Math.exp(-better));
}

/** What is believed of an eater's liked salt (its logarithm) after their answers, in any order. */
export const likingAfter = (answers: readonly Answer[], before: Belief = usualBelief()): Belief =>
  answers.reduce((belief, answer) => afterSeeing(belief, (liked) => logLikelihood(answer, liked)), before);

function logLikelihood(answer: Answer, liked: number): number {
  switch (answer.kind) {
    case "pair":
      return Math.log(chanceOfFirst(Math.log(answer.likedFraction), Math.log(answer.otherFraction), liked));
    case "alike":
      return alikeLikelihood(answer.fractions, liked);
    case "said":
      return saidLikelihood(answer.fraction, answer.salt, liked);
    case "batch":
      return BATCH_WEIGHT * saidLikelihood(answer.fraction, answer.salt, liked);
  }
}

/** Who finds no difference would have said either: half the word of each. */
function alikeLikelihood([a, b]: readonly [number, number], liked: number): number {
  const first = chanceOfFirst(Math.log(a), Math.log(b), liked);
  return (Math.log(first) + Math.log(1 - first)) / 2;
}

/** What is said is how far off it is, in steps, unsteadily; the ends of the scale hold all beyond. */
function saidLikelihood(fraction: number, salt: number, liked: number): number {
  const off = Math.log(fraction) - liked;
  const under = (edge: number) =>
    edge === Infinity ? 1 : edge === -Infinity ? 0 : normal((edge * STEP - off) / SAID_UNSTEADILY);
  const p = under(salt >= 2 ? Infinity : salt + 0.5) - under(salt <= -2 ? -Infinity : salt - 0.5);
  return Math.log(LAPSE / 5 + (1 - LAPSE) * p);
}

/** Standard normal distribution (Abramowitz and Stegun 26.2.17, error under 7.5e-8; *from memory*). */
function normal(z: number): number {
  const t = 1 / (1 + 0.2316419 * Math.abs(z));
  const tail =
    (Math.exp(-(z * z) / 2) / Math.sqrt(2 * Math.PI)) *
    t *
    (0.31938153 + t * (-0.356563782 + t * (1.781477937 + t * (-1.821255978 + t * 1.330274429))));
  return z >= 0 ? 1 - tail : tail;
}

/** Salt that is liked: the middle of the belief, and between which figures it lies two times in three. Mass fractions. */
export interface Liked {
  fraction: number;
  low: number;
  high: number;
}

/** Two times in three. */
const INTERVAL = 2 / 3;

export function likedOf(belief: Belief): Liked {
  const [low, high] = intervalOf(belief, INTERVAL);
  return { fraction: Math.exp(quantileOf(belief, 0.5)), low: Math.exp(low), high: Math.exp(high) };
}

/**
 * What suits a table best: with liking that falls off as the square, the mean of its eaters' (in logarithms). Its doubt
 * is theirs together; as eaters answer each for themselves, it shrinks with their number. Of no eaters, the usual.
 */
export function tableBelief(beliefs: readonly Belief[]): Belief {
  if (beliefs.length === 0) return usualBelief();
  const mean = beliefs.reduce((sum, b) => sum + meanOf(b), 0) / beliefs.length;
  const deviation = Math.sqrt(beliefs.reduce((sum, b) => sum + deviationOf(b) ** 2, 0)) / beliefs.length;
  return normalBelief(mean, deviation, mean - REACH * deviation, mean + REACH * deviation, POINTS);
}

/** A grid of so many deviations either way holds all that counts. */
const REACH = 5;

/**
 * The pair that is expected to tell most of an eater; of two that tell the same, the one tasted less.
 * @param fractions samples there are  @param tasted pairs already put to them, as places in `fractions`
 */
export function nextPair(
  belief: Belief,
  fractions: readonly number[],
  tasted: readonly (readonly [number, number])[],
): [number, number] {
  let best: { pair: [number, number]; worth: number } | undefined;
  const logs = fractions.map(Math.log);
  for (const [a, first] of logs.entries())
    for (const [b, second] of logs.entries()) {
      if (b <= a) continue;
      const times = tasted.filter(([x, y]) => Math.min(x, y) === a && Math.max(x, y) === b).length;
      // The same mouth at the same two spoons is no fresh witness.
      const worth = informationOf(belief, (liked) => chanceOfFirst(first, second, liked)) * AGAIN ** times;
      if (!best || worth > best.worth) best = { pair: [a, b], worth };
    }
  if (!best) throw new RangeError("A pair needs two samples.");
  return best.pair;
}

/** What a pair is worth the second time. */
const AGAIN = 0.6;
