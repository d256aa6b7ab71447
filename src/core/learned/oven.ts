import { TWO_IN_THREE, farOff, pooled, together, type Normal, type Seen, type Spread } from "../bayes/pooled";

/** A roast in one even heat: how long it took, and how long by the sums in an oven that is off by so much. */
export interface SeenRoast {
  batchId: string;
  /** What the dial said, as of an oven without a fan, °C. */
  dialC: number;
  tookMin: number;
  /** By the sums, at so many °C over the dial; undefined where it never gets there. */
  minutesAt: (offC: number) => number | undefined;
}

/** Somebody put a thermometer into the oven. */
export interface OvenReading {
  dialC: number;
  readC: number;
}

/** What domestic ovens are off by, °C, one standard deviation. *Practice*: dials lie 10 to 15 °C off. */
const SPREAD: Spread = { table: { mean: 0, deviation: 12 }, kinds: 0, batches: 0 };
/** A thermometer in an oven that swings about its dial, °C. *Practice*. */
const READ_DOUBT_C = 5;
/** What one roast's minutes are off by for reasons of its own, relative: its thickness, its flesh, the door. Estimate. */
const ONE_ROAST = 0.2;
/** An oven is looked for within so many °C of its dial. */
const REACH_C = 120;
/** Over so many °C the sums' minutes are held against one another: over fewer, a face that dries out makes them jump. */
const SLOPE_STEP_C = 25;
const HALVINGS = 20;

/** What one roast says of the oven: the air at which the sums take as long as it took. */
export interface OvenSeen extends Seen {
  dialC: number;
  tookMin: number;
  /** By the sums, at the dial. */
  foretoldMin: number;
}

/**
 * A roast that takes longer than the sums say speaks of a cooler oven, by as much as a cooler oven would have taken longer;
 * by itself it says little, for a thick piece takes longer as well.
 * @returns undefined where the sums never get there, or a hotter oven is not quicker by them
 */
export function ovenSeen({ batchId, dialC, tookMin, minutesAt }: SeenRoast): OvenSeen | undefined {
  const foretoldMin = minutesAt(0);
  const warmer = minutesAt(SLOPE_STEP_C);
  const cooler = minutesAt(-SLOPE_STEP_C);
  // Near where evaporation holds a middle back the sums jump: where a hotter oven is not quicker they say nothing of it.
  if (!foretoldMin || !warmer || !cooler || warmer >= foretoldMin || cooler <= foretoldMin) return undefined;
  // °C to a relative minute, about the dial.
  const perShare = SLOPE_STEP_C / Math.log(foretoldMin / warmer);
  let [cool, hot] = [-REACH_C, REACH_C];
  for (let i = 0; i < HALVINGS; i++) {
    const middle = (cool + hot) / 2;
    if ((minutesAt(middle) ?? Infinity) > tookMin) cool = middle;
    else hot = middle;
  }
  return {
    id: batchId,
    mean: (cool + hot) / 2,
    deviation: ONE_ROAST * perShare,
    dialC,
    tookMin,
    foretoldMin,
  };
}

export interface LearntOven {
  /** The air over what the dial says, °C: likely, and where two in three lie. */
  offC: number;
  lowC: number;
  highC: number;
  /** One standard deviation, °C; and before anything was seen. */
  doubtC: number;
  beforeC: number;
  batches: (OvenSeen & { leftOut: boolean; farOff: boolean })[];
  readings: number;
}

/** @returns undefined while nothing was seen */
export function learntOven(
  roasts: readonly OvenSeen[],
  readings: readonly OvenReading[],
  leftOut: ReadonlySet<string>,
): LearntOven | undefined {
  if (roasts.length === 0 && readings.length === 0) return undefined;
  const read = readings.map(({ dialC, readC }): Normal => ({ mean: readC - dialC, deviation: READ_DOUBT_C }));
  const counted = roasts.filter((r) => !leftOut.has(r.id));
  const believed = (seen: readonly Normal[]) => read.reduce(together, pooled(seen, [], SPREAD));
  const { mean, deviation } = believed(counted);
  const far = new Set(farOff(counted, believed, 0));
  return {
    offC: mean,
    lowC: mean - TWO_IN_THREE * deviation,
    highC: mean + TWO_IN_THREE * deviation,
    doubtC: deviation,
    beforeC: SPREAD.table.deviation,
    batches: roasts.map((r) => ({ ...r, leftOut: leftOut.has(r.id), farOff: far.has(r.id) })),
    readings: readings.length,
  };
}
