"use client";

import { useCallback, useEffect, useState } from "react";
import type { Formulation } from "@/core/formula/model";
import { dropDraft, keepDraft, readDraft, type Draft } from "@/ui/draft-storage";

/**
 * Holds the draft, and keeps it through a reload or a step back in this tab. Each tab has its own Bench: two tabs
 * never overwrite each other's work.
 */
export function useDraft(initial: Draft) {
  const [draft, setDraft] = useState(initial);

  useEffect(() => {
    const stored = readDraft(initial);
    // eslint-disable-next-line react-hooks/set-state-in-effect -- the server cannot know this tab's storage
    if (stored) setDraft(stored);
    // Only when the Bench opens: later changes flow the other way.
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, []);

  const change = useCallback(
    (edit: (f: Formulation) => Formulation) =>
      setDraft((d) => keepDraft({ ...d, formulation: edit(d.formulation) })),
    [],
  );

  const markSaved = useCallback(
    (formulaId: string, version: number) =>
      setDraft((d) => {
        dropDraft(d);
        return keepDraft({ ...d, formulaId, baseVersion: version, saved: d.formulation });
      }),
    [],
  );

  /** The draft goes on from a version that was saved meanwhile. */
  const rebase = useCallback(
    (formulation: Formulation, baseVersion: number, saved: Formulation) =>
      setDraft((d) => {
        dropDraft(d);
        return keepDraft({ ...d, formulation, baseVersion, saved });
      }),
    [],
  );

  const clear = useCallback(() => dropDraft(draft), [draft]);

  const changed = JSON.stringify(draft.saved) !== JSON.stringify(draft.formulation);
  return { draft, change, markSaved, rebase, clear, changed };
}
