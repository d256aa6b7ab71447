"use client";

import { useMemo } from "react";
import type { Rate } from "@/contracts/views";
import { formulate } from "@/core/formula/formulate";
import type { Formulation } from "@/core/formula/model";
import { momentShares, outcomeAt } from "@/core/formula/outcome";
import { cookOf } from "@/core/formula/cook";
import { onThePlate } from "@/core/formula/plate";
import type { KitchenLimits } from "@/core/safety/limits";
import { findingsFor } from "@/core/safety/findings";
import { sayFormulationError } from "@/ui/say";

/** What does not change the sums' heavy part: the soak need not run again when only these do. */
const light = (f: Formulation) => ({ ...f, pullH: 0, portions: 1, name: "", notes: "", cook: crustCook(f) });

/**
 * A crust's oven and core temperature decide its bake; of a joint taken apart its parts decide where the salt ends. For the
 * rest the cook comes after the soak.
 */
const crustCook = (f: Formulation) =>
  f.preparation.kind === "saltCrust" || f.cook?.apart ? f.cook : undefined;

/** Everything the soak of a formulation depends on, as text. */
export const soakKey = (f: Formulation, rate: Rate | undefined): string => JSON.stringify([light(f), rate]);

/** The computed sheet for a formulation, the outcome at its pull, and what the rules say. */
export function useSheet(input: Formulation, rate: Rate | undefined, kitchen: KitchenLimits) {
  const key = soakKey(input, rate);
  // eslint-disable-next-line react-hooks/exhaustive-deps -- the key says all that the soak depends on
  const result = useMemo(() => formulate(input, { rateFactor: rate?.factor }), [key]);
  return useMemo(() => {
    if (!result.ok) return { ok: false as const, refusal: sayFormulationError(result.error) };
    const sheet = result.value;
    const outcome = outcomeAt(sheet, input.pullH, input.portions);
    return {
      ok: true as const,
      sheet,
      outcome,
      findings: findingsFor({ input, sheet, atPull: outcome, kitchen }),
    };
  }, [result, input, kitchen]);
}

export type Sheet = Extract<ReturnType<typeof useSheet>, { ok: true }>;

/** The same food after the cook and the rest; undefined while it is not asked for. */
export function usePlate(input: Formulation, { sheet, outcome }: Sheet, asked: boolean) {
  const cook = cookOf(input, sheet.food);
  const plate = useMemo(() => {
    if (!asked) return undefined;
    const result = onThePlate(input, sheet.load, cook);
    return result.ok ? result.value : undefined;
    // eslint-disable-next-line react-hooks/exhaustive-deps -- the cook is offered anew each time, its figures count
  }, [asked, input, sheet, cook.toC, cook.minutes, cook.restMin]);
  if (!plate) return { cook, outcome };
  return { cook, outcome: { ...outcome, ...momentShares(sheet, plate.served) } };
}
