import type { PieceForm } from "../diffusion/flesh-body";

/** What the packer put in, read off the label. */
export interface Enhanced {
  /** Share of the bought weight that is added solution, 0 to 0.4. */
  solutionFraction: number;
  /** Sodium in the food as sold, mg/100 g. */
  sodiumMgPer100g: number;
}

/** The real pieces in front of the cook; alike enough to share one soak. */
export interface Pieces {
  count: number;
  /** All pieces together on the scale, bone and skin included, g. */
  totalMassG: number;
  /** Flat, a log, a ball, or wetted at the ends as well: which way salt must travel. */
  shape: PieceForm;
  /** Thickest part of one piece, mm. */
  thicknessMm: number;
  /** Of a piece with two thicknesses, as one that is butterflied: its thinner part, and that part's share of the weight. */
  thin?: { thicknessMm: number; share: number } | undefined;
  /** Of one piece, lying flat, mm; left out, as is usual for its weight and kind. Its width follows. */
  lengthMm?: number | undefined;
  bone: boolean;
  skin: boolean;
  faces: "both" | "one";
  /** Slashes; depth 0 means none, mm. */
  slashDepthMm: number;
  slashSpacingMm: number;
  enhanced: Enhanced | null;
  /** Frozen when it comes to the bench, and how it is to thaw. Left out: not frozen. */
  thaw?: ThawMethod | undefined;
  stuffed?: boolean | undefined;
  /** Days it has been kept raw since it was bought. */
  daysRaw?: number | undefined;
}

export type ThawMethod = "fridge" | "coldWater" | "inBrine" | "counter";

/** Pieces of the same food and another size in the same bath. */
export interface Alongside {
  count: number;
  totalMassG: number;
  thicknessMm: number;
}
