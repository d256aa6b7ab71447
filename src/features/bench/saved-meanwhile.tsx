import { useMemo } from "react";
import type { FormulaView } from "@/contracts/views";
import { describeFormulation } from "@/core/exchange/describe";
import { mergeFormulations } from "@/core/formula/change/merge";
import type { Formulation } from "@/core/formulation";
import { LineDifferences } from "@/ui/line-differences";
import * as words from "@/words/bench/saved-meanwhile";

interface Props {
  base: Formulation;
  mine: Formulation;
  theirs: FormulaView;
  onMerge: (formulation: Formulation) => void;
}

/** What somebody else changed since this draft began, and the two brought together. */
export function SavedMeanwhile({ base, mine, theirs, onMerge }: Props) {
  const merged = useMemo(() => mergeFormulations(base, mine, theirs.formulation), [base, mine, theirs]);
  const { conflicts } = merged;
  return (
    <div className="pt-2">
      <p className="font-semibold">{words.versionChanged(theirs.version)}</p>
      <LineDifferences before={describeFormulation(base)} after={describeFormulation(theirs.formulation)} />
      <div className="flex flex-wrap items-center gap-3 pt-2">
        <button type="button" className="btn min-h-11" onClick={() => onMerge(merged.formulation)}>
          {words.bringBothTogether}
        </button>
        <span>{words.nothingWasChangedByBoth(conflicts.length, conflicts.join(", "))}</span>
      </div>
    </div>
  );
}
