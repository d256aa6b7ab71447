import { z } from "zod";
import { draftFormulationSchema, formulationSchema } from "@/contracts/formulation";
import type { Formulation } from "@/core/formula/model";

/* A draft outlives a reload, a step back and a look at its printed sheet, in its own tab. */

/** What is on the Bench: a formulation, and the saved version it began from. */
export interface Draft {
  formulation: Formulation;
  formulaId: string | null;
  baseVersion: number | null;
  /** The saved version's text, to tell whether anything changed. */
  saved: Formulation | null;
}

const storedDraft = z.object({
  formulation: draftFormulationSchema,
  formulaId: z.string().nullable(),
  baseVersion: z.number().nullable(),
  saved: formulationSchema.nullable(),
});

type DraftKey = Pick<Draft, "formulaId" | "baseVersion">;

/** A Bench that began from no formula. */
export const NEW_DRAFT = { formulaId: null, baseVersion: null, saved: null } as const;

const keyFor = (draft: DraftKey) => `bench:${draft.formulaId ?? "new"}:${draft.baseVersion ?? 0}`;

export function keepDraft(draft: Draft): Draft {
  sessionStorage.setItem(keyFor(draft), JSON.stringify(draft));
  return draft;
}

export function dropDraft(draft: DraftKey): void {
  sessionStorage.removeItem(keyFor(draft));
}

/** The draft of a formula version as last left in this tab; undefined when there is none that reads. */
export function readDraft(key: DraftKey): Draft | undefined {
  const text = sessionStorage.getItem(keyFor(key));
  if (text === null) return undefined;
  try {
    const stored = storedDraft.safeParse(JSON.parse(text));
    return stored.success ? stored.data : undefined;
  } catch {
    return undefined;
  }
}
