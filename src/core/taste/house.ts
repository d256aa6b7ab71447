import type { Belief } from "../bayes/grid";
import { likedOf, likingAfter, tableBelief, usualBelief, type Answer, type Liked } from "./liking";
import { answerOf, type Tasting } from "./tasting";

/** A dinner that was judged: the salt that was in the flesh as it was eaten, and what was said of it. */
export interface JudgedSalt {
  fraction: number;
  /** −2 far too little to +2 far too much. */
  salt: number;
  /** One eater's own word, by name; left out, the table's. */
  who?: string;
}

/** What is believed of one eater, and from how much. */
export interface EatersTaste {
  id: string;
  name: string;
  liked: Liked;
  answers: number;
  batches: number;
}

/** The house taste: of each eater, and of the table that eats one dish. */
export interface HouseTaste {
  eaters: EatersTaste[];
  table: Liked;
  /** The same before anything was said here. */
  before: Liked;
  answers: number;
  batches: number;
}

/**
 * What this kitchen's eaters like, from its tastings and its judged batches: one belief an eater, the table's from them
 * and from what was said of whole dinners.
 * @param tastings in any order; those that are forgotten are not given
 */
export function houseTaste(tastings: readonly Tasting[], judged: readonly JudgedSalt[]): HouseTaste {
  const names = new Map<string, string>();
  const said = new Map<string, Answer[]>();
  for (const { eaters, answers } of tastings) {
    for (const { id, name } of eaters) names.set(id, name);
    for (const told of answers) said.set(told.eaterId, [...(said.get(told.eaterId) ?? []), answerOf(told)]);
  }
  const known = [...names].filter(([id]) => said.has(id));
  const dinners = (who: string | undefined): Answer[] =>
    judged
      .filter((j) => same(j.who ?? "", who ?? ""))
      .map(({ fraction, salt }) => ({ kind: "batch", fraction, salt }));
  const beliefs: Belief[] = [];
  const eaters = known.map(([id, name]) => {
    const [own, eaten] = [said.get(id) ?? [], dinners(name)];
    const belief = likingAfter([...own, ...eaten]);
    beliefs.push(belief);
    return { id, name, liked: likedOf(belief), answers: own.length, batches: eaten.length };
  });
  // Words of eaters nobody tasted with are the table's.
  const strangers = judged.filter((j) => j.who && !known.some(([, name]) => same(name, j.who ?? "")));
  const ofTable: Answer[] = [
    ...dinners(undefined),
    ...strangers.map(({ fraction, salt }): Answer => ({ kind: "batch", fraction, salt })),
  ];
  const table = likingAfter(ofTable, tableBelief(beliefs));
  return {
    eaters,
    table: likedOf(table),
    before: likedOf(usualBelief()),
    answers: eaters.reduce((sum, e) => sum + e.answers, 0),
    batches: judged.length,
  };
}

const same = (a: string, b: string) => a.trim().toLowerCase() === b.trim().toLowerCase();

/** Narrow enough to be taken for the table's: known better than eaters lie apart. */
export const isKnown = (taste: HouseTaste): boolean => taste.answers + taste.batches >= LEAST_SAID;

/** Fewer words than this are one evening's mood. *Practice*, estimate. */
const LEAST_SAID = 4;
