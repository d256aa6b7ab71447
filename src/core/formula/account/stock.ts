import type { Formulation } from "../../formulation";

/** Too little to be worth a pot, share of the weight. */
const TRIFLE = 0.001;

/** What is no part of a joint taken apart, share of its weight; 0 for what is left whole. */
export function stockShare({ cook }: Pick<Formulation, "cook">): number {
  if (!cook?.apart || !cook.parts || cook.parts.length === 0) return 0;
  const share = 1 - cook.parts.reduce((sum, p) => sum + (p.share ?? 0), 0);
  return share > TRIFLE ? share : 0;
}
