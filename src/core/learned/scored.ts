import { NINE_IN_TEN, TWO_IN_THREE } from "../bayes/pooled";

/** What was foretold of a batch, with where two in three were to lie, and what came. */
export interface Foretold {
  batchId: string;
  what: "done" | "bath" | "climb";
  foretold: number;
  low: number;
  high: number;
  came: number;
}

export interface Scored extends Foretold {
  /** Where it came in the band: −1 at its low end, 1 at its high one. */
  at: number;
  inTwoOfThree: boolean;
  inNineOfTen: boolean;
}

export interface Score {
  all: Scored[];
  twoInThree: number;
  nineInTen: number;
  /** As many as would hold were the bands right: two deviations about two thirds. */
  fair: [least: number, most: number];
}

/** A band so much wider holds nine in ten. */
const WIDER = NINE_IN_TEN / TWO_IN_THREE;

/** How foretellings came out: a band that says two in three shall hold two in three, no fewer, and no more. */
export function scoreOf(foretold: readonly Foretold[]): Score {
  const all = foretold.map((f): Scored => {
    const off = f.came - f.foretold;
    const half = off < 0 ? f.foretold - f.low : f.high - f.foretold;
    const at = off === 0 ? 0 : off / Math.max(half, 1e-9);
    return { ...f, at, inTwoOfThree: Math.abs(at) <= 1, inNineOfTen: Math.abs(at) <= WIDER };
  });
  const n = all.length;
  const spread = 2 * Math.sqrt((n * 2) / 9);
  return {
    all,
    twoInThree: all.filter((s) => s.inTwoOfThree).length,
    nineInTen: all.filter((s) => s.inNineOfTen).length,
    fair: [Math.max(0, Math.floor((2 * n) / 3 - spread)), Math.min(n, Math.ceil((2 * n) / 3 + spread))],
  };
}
