import { z } from "zod";
import type { Formulation } from "@/core/formulation";
import { draftFormulationSchema, formulationSchema } from "./formulation";

/** What is on the Bench: a formulation, and the saved version it began from. */
export interface Draft {
  formulation: Formulation;
  formulaId: string | null;
  baseVersion: number | null;
  /** The saved version's text, to tell whether anything changed. */
  saved: Formulation | null;
  /** A second one beside it, to choose between the two. */
  other?: Formulation | null | undefined;
}

const storedDraft = z.object({
  formulation: draftFormulationSchema,
  formulaId: z.string().nullable(),
  baseVersion: z.number().nullable(),
  saved: formulationSchema.nullable(),
  other: draftFormulationSchema.nullable().optional(),
}) satisfies z.ZodType<Draft>;

/** A draft as it was kept; undefined where it does not read, left by a version whose drafts were others. */
export function draftIn(text: string): Draft | undefined {
  try {
    const stored = storedDraft.safeParse(JSON.parse(text));
    return stored.success ? stored.data : undefined;
  } catch {
    return undefined;
  }
}
