"use client";

import { useCallback, useEffect, useState } from "react";
import type { Draft } from "@/contracts/draft";
import type { Formulation } from "@/core/formulation";
import { dropDraft, holdsDraft, keepDraft, readDraft } from "@/ui/draft-storage";
import { begun, changed as withChange, redone, stepped, undone, type History } from "./history";

/** What is worked on, and what may stand beside it: both are undone together. */
interface Two {
  formulation: Formulation;
  other: Formulation | null;
}

const twoOf = ({ formulation, other = null }: Draft): Two => ({ formulation, other });

/**
 * Holds the draft, and keeps it through a reload or a step back in this tab. Each tab has its own Bench: two tabs
 * never overwrite each other's work. Every change can be undone.
 */
export function useDraft(initial: Draft) {
  const [{ draft, history }, set] = useState({ draft: initial, history: begun(twoOf(initial)) });

  // Until what this tab holds is read, nothing is changed: it would be kept in its place.
  const [waiting, setWaiting] = useState(false);

  useEffect(() => {
    if (!holdsDraft(initial)) return;
    // Not before: the server cannot know this tab's storage.
    setWaiting(true);
    void readDraft(initial).then((stored) => {
      if (stored) set({ draft: stored, history: begun(twoOf(stored)) });
      setWaiting(false);
    });
    // Only when the Bench opens: later changes flow the other way.
    // oxlint-disable-next-line react/exhaustive-deps
  }, []);

  const go = useCallback(
    (move: (h: History<Two>) => History<Two>) =>
      set((now) => {
        const next = move(now.history);
        if (next === now.history) return now;
        return { draft: keepDraft({ ...now.draft, ...next.present }), history: next };
      }),
    [],
  );
  const change = useCallback(
    (edit: (f: Formulation) => Formulation) =>
      go((h) => {
        const formulation = edit(h.present.formulation);
        if (formulation === h.present.formulation) return h;
        return withChange(h, { ...h.present, formulation }, Date.now());
      }),
    [go],
  );
  /** A change that is undone for itself, however soon after another: a way that is taken. */
  const step = useCallback(
    (edit: (f: Formulation) => Formulation) =>
      go((h) => stepped(h, { ...h.present, formulation: edit(h.present.formulation) })),
    [go],
  );
  /** What a new Bench is offered takes the place of all that stands here; undone as any change is. */
  const anew = useCallback(
    (fresh: Formulation) => go((h) => stepped(h, { formulation: fresh, other: null })),
    [go],
  );
  /** Another one is put beside it, or put away. */
  const setOther = useCallback(
    (other: Formulation | null) => go((h) => stepped(h, { ...h.present, other })),
    [go],
  );
  /** The other one is worked on, this one stands beside it. */
  const swap = useCallback(
    () =>
      go((h) => {
        const { formulation, other } = h.present;
        return other ? stepped(h, { formulation: other, other: formulation }) : h;
      }),
    [go],
  );
  const undo = useCallback(() => go(undone), [go]);
  const redo = useCallback(() => go(redone), [go]);

  const markSaved = useCallback(
    (formulaId: string, version: number) =>
      set(({ draft: d, history: h }) => {
        dropDraft(d);
        const saved = keepDraft({ ...d, formulaId, baseVersion: version, saved: d.formulation });
        return { draft: saved, history: h };
      }),
    [],
  );

  /** The draft goes on from a version that was saved meanwhile. */
  const rebase = useCallback(
    (formulation: Formulation, baseVersion: number, saved: Formulation) =>
      set(({ draft: d, history: h }) => {
        dropDraft(d);
        const next = keepDraft({ ...d, formulation, baseVersion, saved });
        return { draft: next, history: withChange(h, { ...h.present, formulation }, Date.now()) };
      }),
    [],
  );

  const clear = useCallback(() => dropDraft(draft), [draft]);

  const changed = JSON.stringify(draft.saved) !== JSON.stringify(draft.formulation);
  const past = { undo, redo, canUndo: history.past.length > 0, canRedo: history.future.length > 0 };
  return { draft, waiting, change, step, anew, setOther, swap, markSaved, rebase, clear, changed, past };
}
