import type { WorkedOut } from "@/core/bench/worked";

/** A formulation whose sums have worked out, at its pull. */
export type Worked = Pick<WorkedOut, "input" | "sheet" | "outcome">;
