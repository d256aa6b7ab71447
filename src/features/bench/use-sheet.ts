"use client";

import { useMemo } from "react";
import { formulate } from "@/core/formula/formulate";
import type { Formulation } from "@/core/formula/model";
import { outcomeAt } from "@/core/formula/outcome";
import { findingsFor } from "@/core/safety/findings";
import { sayFormulationError } from "@/ui/say";

/** What does not change the sums' heavy part: the soak need not run again when only these do. */
const light = (f: Formulation) => ({ ...f, pullH: 0, portions: 1, name: "", notes: "" });

/** The computed sheet for a formulation, the outcome at its pull, and what the rules say. */
export function useSheet(input: Formulation) {
  const key = JSON.stringify(light(input));
  // eslint-disable-next-line react-hooks/exhaustive-deps -- the key says all that the soak depends on
  const result = useMemo(() => formulate(input), [key]);
  return useMemo(() => {
    if (!result.ok) return { ok: false as const, refusal: sayFormulationError(result.error) };
    const sheet = result.value;
    const outcome = outcomeAt(sheet, input.pullH, input.portions);
    return { ok: true as const, sheet, outcome, findings: findingsFor({ input, sheet, atPull: outcome }) };
  }, [result, input]);
}
