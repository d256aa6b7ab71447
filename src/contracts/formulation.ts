import { z } from "zod";
import type { Formulation } from "@/core/formulation";
import { decidedSchema } from "@/core/formulation/formulation";
import { NAME_MAX } from "@/core/quantity/ranges";
import { ownMaterialsSchema } from "./materials";

const formulation = decidedSchema.extend({ own: ownMaterialsSchema.optional() });

/** Formulations stored before lines had more laws than a brine's called them aromatics. */
function withLines(stored: unknown): unknown {
  if (typeof stored !== "object" || stored === null || !("aromatics" in stored) || "lines" in stored)
    return stored;
  const { aromatics, ...rest } = stored;
  return { ...rest, lines: aromatics };
}

/**
 * Stored before salt could be given apart from what is wanted: a dry brine, a rub and salt put on first then meant a dose,
 * a share of the meat without bone. It stays that dose, to the gram.
 */
function withSaltGiven(stored: unknown): unknown {
  if (typeof stored !== "object" || stored === null || "salt" in stored || !("preparation" in stored))
    return stored;
  const p: unknown = stored.preparation;
  if (typeof p !== "object" || p === null || !("kind" in p) || !("targetFraction" in p)) return stored;
  const dosed = p.kind === "dryBrine" || p.kind === "rub" || ("school" in p && p.school === "onFoodFirst");
  if (!dosed) return stored;
  return {
    ...stored,
    salt: p.targetFraction === 0 ? { mode: "none" } : { mode: "percent", fraction: p.targetFraction },
  };
}

const upgraded = (stored: unknown): unknown => withSaltGiven(withLines(stored));

/** What crosses every door: form draft, request, stored JSON. */
export const formulationSchema = z
  .preprocess(upgraded, formulation)
  .meta({ id: "Formulation" }) satisfies z.ZodType<Formulation>;

/** A draft may be between two names; only a saved formula must have one. */
export const draftFormulationSchema = z.preprocess(
  upgraded,
  formulation.extend({ name: z.string().max(NAME_MAX) }),
) satisfies z.ZodType<Formulation>;
