import type { Formulation } from "../../formulation";
import { isWholeBird } from "../../materials/practice";
import { lotsOf } from "./lots";
import type { Formulated } from "../formulate";
import * as words from "@/words/core/formula/soak/uneven";

/** Pieces whose times differ by more than this should not share one soak or one cook. *Practice*, estimate. */
export const UNEVEN_TIMES = 1.6;

export interface Split {
  kind: "sizes" | "bird";
  /** Each lot with its thickness and when it is ready, h; undefined where not within the rail. */
  lots: { name: string; thicknessMm: number; readyH: number | undefined }[];
  /** Longest time over shortest: times go with thickness squared. */
  timesRatio: number;
}

/** Of a whole bird: how thick breast and leg are beside its thickest part. *Practice*, estimates. */
const BIRD_PARTS = [
  { name: words.breast, share: 1 },
  { name: words.legAndThigh, share: 0.6 },
];

/** Pieces too different to share a tray and a time, with the split that mends it; undefined when they are alike. */
export function splitProposed(input: Formulation, sheet: Formulated): Split | undefined {
  const { thicknessMm } = input.pieces;
  const ready = sheet.soak.window.ready.likely;
  if (isWholeBird(sheet.food))
    return ratioed(
      "bird",
      BIRD_PARTS.map(({ name, share }) => ({
        name,
        thicknessMm: thicknessMm * share,
        readyH: ready === undefined ? undefined : ready * share ** 2,
      })),
    );
  const lots = [
    { name: words.countOfThickness(input.pieces.count, Math.round(thicknessMm)), thicknessMm, readyH: ready },
    ...lotsOf(input).others.map((a, i) => ({
      name: words.sizeOfThickness(a.ofEach ? words.theirThinPart : a.count, Math.round(a.thicknessMm)),
      thicknessMm: a.thicknessMm,
      readyH: sheet.soak.alongside[i]?.readyH,
    })),
  ];
  const split = ratioed("sizes", lots);
  return split.timesRatio > UNEVEN_TIMES ? split : undefined;
}

function ratioed(kind: Split["kind"], lots: Split["lots"]): Split {
  const thick = lots.map((l) => l.thicknessMm);
  return { kind, lots, timesRatio: (Math.max(...thick) / Math.min(...thick)) ** 2 };
}
