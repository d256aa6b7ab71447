import type { Formulated } from "@/core/formula/formulate";
import type { Formulation } from "@/core/formula/model";
import type { Outcome } from "@/core/formula/outcome";

/** A formulation whose sums have worked out, at its pull. */
export interface Worked {
  input: Formulation;
  sheet: Formulated;
  outcome: Outcome;
}
