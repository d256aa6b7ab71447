/** What a line grows with when the batch does. */
export type ScalingLaw = "foodMass" | "surface" | "bath" | "salt" | "piece" | "vessel" | "batch";

/** Laws a cook can give a line; "vessel" belongs to water alone. */
export type LineLaw = Exclude<ScalingLaw, "vessel">;

/**
 * Where a line goes decides what it does: under the skin it is part of what lies on the flesh; in the cavity it is eaten
 * with the food; over and under, in the crust's salt or on the tray it is left there.
 */
export type LinePlace = "underSkin" | "cavity" | "overUnder" | "inSalt" | "tray";

export interface FormulaLine {
  ingredientId: string;
  /** g per kg of food, dm² of surface, litre of liquid, 100 g of salt, piece, or for the batch, as the law says. */
  amountG: number;
  scalesWith: LineLaw;
  optional: boolean;
  /** In a marinade made by ratio: parts by volume of its liquid, in place of an amount. */
  parts?: number | undefined;
  /** Written down and left out this time. */
  off?: boolean | undefined;
  /** Where it goes; left out, into the mixture or bath. */
  where?: LinePlace | undefined;
}

export type CompanionKind =
  "glaze" | "butter" | "baste" | "sauce" | "dressing" | "bed" | "coat" | "drizzle" | "salting";

export type CompanionTime = "beforeHeat" | "inHeat" | "afterHeat" | "atTable";

/** What goes beside the main preparation and shares the plate with it. */
export interface Companion {
  kind: CompanionKind;
  name: string;
  /** Left out: as its kind goes on. */
  when?: CompanionTime | undefined;
  lines: CompanionLine[];
  /** A glaze goes on in the last so many minutes. */
  lastMin?: number | undefined;
  /** Made with the mixture that lay on the raw food, and whether it is boiled first. */
  leftover?: "boiled" | "asIs" | undefined;
  /** A bed stays in the oven so long after the food is out to rest, min. */
  staysMin?: number | undefined;
}

export interface CompanionLine extends Omit<FormulaLine, "parts" | "where"> {
  /** A bed's vegetables: how long this one bakes, min. */
  bakeMin?: number | undefined;
}

/** Part of the mixture split off before raw food touches it. */
export interface Reserve {
  /** Share of all that is made, 0.05 to 0.8. */
  share: number;
  use: "sauce" | "glaze" | "baste" | "dressing";
}
