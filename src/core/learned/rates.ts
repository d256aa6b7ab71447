import { farOff, pooled, seenBetween, type Seen, type Spread } from "../bayes/pooled";
import { diffusivityDoubt } from "../formula/soak/soak";
import type { Food } from "../materials/types";
import { figureOf, type LearntFigure } from "./figure";

/** A soak somebody read: what was believed of its rate before and after, as factors over the table's. */
export interface ReadSoak {
  batchId: string;
  foodId: string;
  before: { factor: number; doubt: number };
  after: { factor: number; doubt: number };
}

export interface RateByFood {
  foodId: string;
  /** From its own batches and, less, from its kin's. */
  learnt: LearntFigure;
  /** The table's own doubt. */
  before: LearntFigure;
  /** What each batch says by itself; left-out ones stay shown. */
  batches: (LearntFigure & { batchId: string; leftOut: boolean; farOff: boolean })[];
  /** Kinds of the same class that taught it. */
  kin: string[];
}

/** Of the table's doubt so much is the whole class's, and the rest this kind's within it. Estimate. */
const CLASS_SHARE = 0.6;
/** Batches of one kind about their kind: the animal, the cut, the cook; in the logarithm. Estimate. */
const BATCHES = 0.08;

/** What a soak's readings say by themselves, whatever was believed before. */
function seenIn({ batchId, before, after }: ReadSoak): Seen | undefined {
  const seen = seenBetween(
    { mean: Math.log(before.factor), deviation: before.doubt },
    { mean: Math.log(after.factor), deviation: after.doubt },
  );
  return seen && { id: batchId, ...seen };
}

const spreadOf = (food: Food): Spread => {
  const doubt = diffusivityDoubt(food);
  return {
    table: { mean: 0, deviation: doubt * Math.sqrt(CLASS_SHARE) },
    kinds: doubt * Math.sqrt(1 - CLASS_SHARE),
    batches: BATCHES,
  };
};

/**
 * How fast salt goes into each food in this kitchen, over the table's rate.
 * @param foods every food to be told of: those read, and others that may learn from their kin
 * @param leftOut batches the cook does not believe
 * @returns foods of which something was learnt, in the order given
 */
export function ratesByFood(
  foods: readonly Food[],
  soaks: readonly ReadSoak[],
  leftOut: ReadonlySet<string>,
): RateByFood[] {
  const seenOf = new Map<string, Seen[]>();
  for (const soak of soaks) {
    const seen = seenIn(soak);
    if (seen) seenOf.set(soak.foodId, [...(seenOf.get(soak.foodId) ?? []), seen]);
  }
  const counted = (foodId: string) => (seenOf.get(foodId) ?? []).filter((s) => !leftOut.has(s.id));
  return foods.flatMap((food): RateByFood[] => {
    const spread = spreadOf(food);
    const own = counted(food.id);
    const kin = foods.filter((f) => f.id !== food.id && f.group === food.group && counted(f.id).length > 0);
    const all = seenOf.get(food.id) ?? [];
    if (all.length === 0 && kin.length === 0) return [];
    const ofKin = kin.map((f) => counted(f.id));
    const far = new Set(farOff(own, (others) => pooled(others, ofKin, spread), BATCHES));
    return [
      {
        foodId: food.id,
        learnt: figureOf(pooled(own, ofKin, spread)),
        before: figureOf(pooled([], [], spread)),
        batches: all.map((s) => ({
          batchId: s.id,
          ...figureOf(s),
          leftOut: leftOut.has(s.id),
          farOff: far.has(s.id),
        })),
        kin: kin.map((f) => f.id),
      },
    ];
  });
}
