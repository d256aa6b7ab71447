"use client";

import dynamic from "next/dynamic";
import { useState } from "react";
import { v4 as newId } from "uuid";
import type { Draft } from "@/contracts/draft";
import type { Problem } from "@/contracts/requests";
import type { FormulaView } from "@/contracts/views";
import type { Formulation } from "@/core/formulation";
import { NotYet, orMissing } from "@/ui/or-missing";
import { read, send } from "@/ui/send";
import * as words from "@/words/bench/save-control";

/** Two saved at once: seldom. */
const SavedMeanwhile = dynamic(
  orMissing(async () => (await import("./saved-meanwhile")).SavedMeanwhile),
  { loading: NotYet },
);

interface Props {
  draft: Draft;
  changed: boolean;
  blocked: boolean;
  onSaved: (formulaId: string, version: number) => void;
  /** The draft goes on from another's version, with this in it. */
  onMerged: (formulation: Formulation, theirs: FormulaView) => void;
}

interface SavedVersion {
  formulaId: string;
  version: number;
}

/** Saves the draft as a formula, or as its next version; where somebody else saved meanwhile, shows what they changed. */
export function SaveControl({ draft, changed, blocked, onSaved, onMerged }: Props) {
  const [problem, setProblem] = useState<Problem | null>(null);
  const [theirs, setTheirs] = useState<FormulaView | null>(null);
  const [busy, setBusy] = useState(false);
  // One name for one save: tapped again because no answer came, it makes no second formula.
  const [id, setId] = useState(() => newId());
  const next = (draft.baseVersion ?? 0) + 1;

  const save = async (baseVersion: number | null) => {
    setBusy(true);
    const { formulaId, formulation } = draft;
    const sent =
      formulaId === null
        ? await send<SavedVersion>("POST", "/api/formulas", { id, formulation })
        : await send<SavedVersion>("POST", `/api/formulas/${formulaId}/versions`, {
            formulation,
            baseVersion,
          });
    const other =
      !sent.ok && sent.problem.status === 409
        ? await read<FormulaView>(`/api/formulas/${formulaId}`)
        : undefined;
    setBusy(false);
    setTheirs(other?.ok ? other.value : null);
    setProblem(sent.ok ? null : sent.problem);
    if (!sent.ok) return;
    setId(newId());
    onSaved(sent.value.formulaId, sent.value.version);
  };

  return (
    <>
      <button
        type="button"
        className="btn min-h-11"
        disabled={busy || blocked || !changed}
        onClick={() => save(draft.baseVersion)}
      >
        {words.saveAsAFormula(draft.formulaId, next)}
      </button>
      {problem && (
        <div role="alert" className="basis-full border-l-4 border-error bg-base-100 px-3 py-2">
          <strong>{problem.title}.</strong> {problem.detail}
          {problem.currentVersion !== undefined && (
            <button
              type="button"
              className="btn btn-sm ml-2 min-h-11"
              onClick={() => save(problem.currentVersion ?? null)}
            >
              {words.saveMineAsVersionKeep(problem.currentVersion + 1)}
            </button>
          )}
          {theirs && draft.saved && (
            <SavedMeanwhile
              base={draft.saved}
              mine={draft.formulation}
              theirs={theirs}
              onMerge={(formulation) => {
                setProblem(null);
                onMerged(formulation, theirs);
              }}
            />
          )}
        </div>
      )}
    </>
  );
}
