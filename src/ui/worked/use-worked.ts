"use client";

import { use, useDeferredValue, useMemo } from "react";
import { worked } from "#sums";
import type { Rate } from "@/contracts/views";
import type { Asked, Refused, WorkedOut } from "@/core/bench/worked";
import type { Formulation } from "@/core/formula/model";
import type { KitchenLimits } from "@/core/safety/limits";

/**
 * A formulation worked out: by the server for the page as it comes, by the worker once it is alive. While a newer
 * answer is on its way the last one stands, all of it, with the formulation it was worked out from; `late` says so.
 */
export function useWorked(
  input: Formulation,
  rate: Pick<Rate, "factor"> | undefined,
  kitchen: KitchenLimits,
): { answer: WorkedOut | Refused; late: boolean } {
  const rateFactor = rate?.factor ?? 1;
  const asked = useMemo<Asked>(() => ({ input, rateFactor, kitchen }), [input, rateFactor, kitchen]);
  const settled = useDeferredValue(asked);
  const found = worked(settled);
  return { answer: found instanceof Promise ? use(found) : found, late: settled !== asked };
}
