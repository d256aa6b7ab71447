import type { Alongside, Formulation, Pieces } from "../../formulation";

/** Flesh of one thickness in the same soak. */
export interface Lot extends Alongside {
  /** The thinner part of the pieces themselves, as where they are butterflied: not pieces of their own. */
  ofEach?: true;
}

/**
 * The flesh by thickness: the pieces' thick part, their thinner part, and pieces of other sizes. What joins thick to thin is
 * short beside either, so each part is soaked as if it lay there alone; in a bath they share its salt.
 */
export function lotsOf({ pieces, alongside = [] }: Pick<Formulation, "pieces" | "alongside">): {
  main: Pieces;
  others: Lot[];
} {
  const { thin, ...whole } = pieces;
  if (!thin) return { main: whole, others: alongside };
  const part = (share: number) => pieces.totalMassG * share;
  return {
    main: { ...whole, totalMassG: part(1 - thin.share) },
    others: [
      { count: pieces.count, totalMassG: part(thin.share), thicknessMm: thin.thicknessMm, ofEach: true },
      ...alongside,
    ],
  };
}
