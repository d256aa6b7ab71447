import { z } from "zod";
import { PIECE_FORMS } from "../diffusion/piece-form";
import { ranged } from "../quantity/ranged";

/** What the packer put in, read off the label. */
const enhanced = z.strictObject({
  /** Share of the bought weight that is added solution, 0 to 0.4. */
  solutionFraction: ranged("solutionPercent", 100),
  /** Sodium in the food as sold, mg/100 g. */
  sodiumMgPer100g: ranged("sodiumMgPer100g"),
});
export type Enhanced = z.infer<typeof enhanced>;

const thaw = z.enum(["fridge", "coldWater", "inBrine", "counter"]);
export type ThawMethod = z.infer<typeof thaw>;

/** The real pieces in front of the cook; alike enough to share one soak. */
export const piecesSchema = z.strictObject({
  count: ranged("count").int(),
  /** All pieces together on the scale, bone and skin included, g. */
  totalMassG: ranged("totalMassG"),
  /** Which way salt must travel. */
  shape: z.enum(PIECE_FORMS),
  /** Thickest part of one piece, mm. */
  thicknessMm: ranged("thicknessMm"),
  /** Of a piece with two thicknesses, as one that is butterflied: its thinner part, and that part's share of the weight. */
  thin: z.strictObject({ thicknessMm: ranged("thicknessMm"), share: ranged("thinPercent", 100) }).optional(),
  /** Of one piece, lying flat, mm; left out, as is usual for its weight and kind. Its width follows. */
  lengthMm: ranged("lengthMm").optional(),
  bone: z.boolean(),
  skin: z.boolean(),
  faces: z.enum(["both", "one"]),
  /** Slashes; depth 0 means none, mm. */
  slashDepthMm: ranged("slashDepthMm"),
  slashSpacingMm: ranged("slashSpacingMm"),
  enhanced: enhanced.nullable(),
  /** Frozen when it comes to the bench, and how it is to thaw. Left out: not frozen. */
  thaw: thaw.optional(),
  stuffed: z.boolean().optional(),
  /** Days it has been kept raw since it was bought. */
  daysRaw: ranged("daysRaw").optional(),
});
export type Pieces = z.infer<typeof piecesSchema>;

/** Pieces of the same food and another size in the same bath. */
export const alongsideSchema = z.strictObject({
  count: ranged("count").int(),
  totalMassG: ranged("totalMassG"),
  thicknessMm: ranged("thicknessMm"),
});
export type Alongside = z.infer<typeof alongsideSchema>;
