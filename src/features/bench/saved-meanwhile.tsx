import { useMemo } from "react";
import type { FormulaView } from "@/contracts/views";
import { describeFormulation } from "@/core/exchange/describe";
import { mergeFormulations } from "@/core/formula/change/merge";
import type { Formulation } from "@/core/formulation";
import { LineDifferences } from "@/ui/line-differences";

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
      <p className="font-semibold">Version {theirs.version} changed:</p>
      <LineDifferences before={describeFormulation(base)} after={describeFormulation(theirs.formulation)} />
      <div className="flex flex-wrap items-center gap-3 pt-2">
        <button type="button" className="btn min-h-11" onClick={() => onMerge(merged.formulation)}>
          Bring both together
        </button>
        <span>
          {conflicts.length === 0
            ? "Nothing was changed by both."
            : `Changed by both, yours would stand: ${conflicts.join(", ")}.`}
        </span>
      </div>
    </div>
  );
}
