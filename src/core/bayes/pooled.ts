/** A belief that is normal: what a few readings leave of most figures. */
export interface Normal {
  mean: number;
  deviation: number;
}

/** What one source saw of a figure, by itself. */
export interface Seen extends Normal {
  id: string;
}

/** What both say of one figure: the product of two normal beliefs (conjugate; Gelman et al., Bayesian Data Analysis, 2.5). */
export function together(a: Normal, b: Normal): Normal {
  const [wa, wb] = [1 / a.deviation ** 2, 1 / b.deviation ** 2];
  return { mean: (a.mean * wa + b.mean * wb) / (wa + wb), deviation: 1 / Math.sqrt(wa + wb) };
}

/** The other way about: what must have been seen for a belief to become another. Undefined where it did not become surer. */
export function seenBetween(before: Normal, after: Normal): Normal | undefined {
  const [wb, wa] = [1 / before.deviation ** 2, 1 / after.deviation ** 2];
  // Less surer than this is rounding, and says nothing.
  if (wa < wb * 1.001) return undefined;
  return {
    mean: (after.mean * wa - before.mean * wb) / (wa - wb),
    deviation: 1 / Math.sqrt(wa - wb),
  };
}

/** The same a step away: a thing that scatters about another. */
export const scattered = ({ mean, deviation }: Normal, by: number): Normal => ({
  mean,
  deviation: Math.hypot(deviation, by),
});

/** How far things lie from one another, one standard deviation each. */
export interface Spread {
  /** What is believed of the whole class before anything was seen. */
  table: Normal;
  /** Kinds about their class. */
  kinds: number;
  /** Batches about their kind. */
  batches: number;
}

/**
 * What is believed of one kind, from its own batches and, less, from those of its kin (partial pooling of normal figures;
 * Gelman et al., Bayesian Data Analysis, 5.4). With nothing seen it is the table's belief, `kinds` wider.
 * @param own what the batches of this kind saw  @param kin the same of every other kind of its class
 */
export function pooled(
  own: readonly Normal[],
  kin: readonly (readonly Normal[])[],
  { table, kinds, batches }: Spread,
): Normal {
  const ofKind = (seen: readonly Normal[]): Normal | undefined =>
    seen
      .map((s) => scattered(s, batches))
      .reduce<Normal | undefined>((a, b) => (a ? together(a, b) : b), undefined);
  const classBelief = kin
    .flatMap((seen) => ofKind(seen) ?? [])
    .reduce((belief, seen) => together(belief, scattered(seen, kinds)), table);
  const before = scattered(classBelief, kinds);
  const seen = ofKind(own);
  return seen ? together(before, seen) : before;
}

/** So many deviations from what the others foretell is named. *Practice*: one in eighty by chance. */
const FAR = 2.5;

/**
 * Which of some sources lie far from what all the others foretell of them: named, so that somebody can look, and never left
 * out by itself.
 * @param foretold what is believed of the figure without that source
 */
export function farOff(
  seen: readonly Seen[],
  foretold: (others: readonly Seen[]) => Normal,
  batches: number,
): string[] {
  return seen.flatMap((one) => {
    const others = foretold(seen.filter((s) => s !== one));
    const doubt = Math.hypot(others.deviation, batches, one.deviation);
    return Math.abs(one.mean - others.mean) > FAR * doubt ? [one.id] : [];
  });
}

/** Half the width of two in three, in deviations of a normal belief (standard tables: Φ(0.967) = 5/6). */
export const TWO_IN_THREE = 0.9674;
/** And of nine in ten: Φ(1.645) = 0.95. */
export const NINE_IN_TEN = 1.6449;
