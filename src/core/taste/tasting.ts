import type { Belief } from "../bayes/grid";
import { seeded } from "../instruments/random";
import { likingAfter, nextPair, type Answer } from "./liking";
import {
  orderOf,
  questionsOf,
  SAMPLE_FRACTIONS,
  sampleFraction,
  type CarrierId,
  type TastingWay,
} from "./samples";

/** A guided tasting as it is kept: what was drawn, who tastes, and every answer in its order. */
export interface Tasting {
  /** All that is blind is drawn with it. */
  seed: number;
  carrier: CarrierId;
  way: TastingWay;
  eaters: { id: string; name: string }[];
  answers: Told[];
}

/** An answer as it was given. Samples are places in `SAMPLE_FRACTIONS`. */
export type Told = { eaterId: string } & (
  | {
      kind: "pair";
      first: number;
      second: number;
      /** Null: no difference found. */ liked: "first" | "second" | null;
    }
  | { kind: "said"; sample: number; salt: number }
);

/** What an eater is asked now. */
export type Question = { eaterId: string; nth: number; of: number } & (
  | { kind: "pair"; first: number; second: number }
  | { kind: "said"; sample: number }
);

const answersOf = (t: Tasting, eaterId: string) => t.answers.filter((a) => a.eaterId === eaterId);

/** An answer as what it says of the eater. */
export function answerOf(told: Told): Answer {
  if (told.kind === "said") return { kind: "said", fraction: sampleFraction(told.sample), salt: told.salt };
  const [first, second] = [sampleFraction(told.first), sampleFraction(told.second)];
  if (told.liked === null) return { kind: "alike", fractions: [first, second] };
  return told.liked === "first"
    ? { kind: "pair", likedFraction: first, otherFraction: second }
    : { kind: "pair", likedFraction: second, otherFraction: first };
}

/** What is believed of an eater by this tasting alone. */
export const beliefIn = (t: Tasting, eaterId: string, before?: Belief): Belief =>
  likingAfter(answersOf(t, eaterId).map(answerOf), before);

/**
 * What to ask an eater next: the pair that tells most after what they have said, first and second drawn; or the next
 * sample of their own order. The same tasting asks the same.
 * @returns undefined where they have answered all, or do not taste
 */
export function questionFor(t: Tasting, eaterId: string): Question | undefined {
  const place = t.eaters.findIndex((e) => e.id === eaterId);
  const told = answersOf(t, eaterId);
  const of = questionsOf(t.way);
  if (place < 0 || told.length >= of) return undefined;
  const asked = { eaterId, nth: told.length + 1, of };
  if (t.way === "liking") {
    const sample = orderOf(t.seed, place)[told.length];
    return sample === undefined ? undefined : { ...asked, kind: "said", sample };
  }
  const tasted = told.flatMap((a) => (a.kind === "pair" ? [[a.first, a.second] as const] : []));
  const [a, b] = nextPair(beliefIn(t, eaterId), SAMPLE_FRACTIONS, tasted);
  const turned = seeded(t.seed + 104_729 * (place + 1) + told.length)() < 0.5;
  return { ...asked, kind: "pair", first: turned ? b : a, second: turned ? a : b };
}

/** Whose turn it is: eaters in their order, each to the end of their questions. */
export const nextEater = (t: Tasting): { id: string; name: string } | undefined =>
  t.eaters.find((e) => questionFor(t, e.id) !== undefined);

/** Does an answer belong to what is asked? Two devices may not answer one question twice. */
export function answers(question: Question, told: Told): boolean {
  if (told.eaterId !== question.eaterId || told.kind !== question.kind) return false;
  if (told.kind === "said") return question.kind === "said" && told.sample === question.sample;
  return question.kind === "pair" && told.first === question.first && told.second === question.second;
}
