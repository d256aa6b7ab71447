import type { Draft } from "@/contracts/draft";

/* A draft outlives a reload, a step back and a look at its printed sheet, in its own tab. */

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

/** Whether this tab left a draft of that formula version. */
export const holdsDraft = (key: DraftKey): boolean => sessionStorage.getItem(keyFor(key)) !== null;

/**
 * The draft of a formula version as last left in this tab; undefined when there is none that reads. What checks it is
 * fetched only when there is something to check.
 */
export async function readDraft(key: DraftKey): Promise<Draft | undefined> {
  const text = sessionStorage.getItem(keyFor(key));
  if (text === null) return undefined;
  const { draftIn } = await import("@/contracts/draft");
  return draftIn(text);
}
