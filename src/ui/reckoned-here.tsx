import { Link } from "./link";
import type { HeatHere } from "@/core/formulation";
import { fixed } from "./format";
import { useUnits } from "./measures";
import * as words from "@/words/ui/reckoned-here";

interface Props {
  /** What was taken for true of this kitchen's oven and rests. */
  heat?: HeatHere | undefined;
  /** How fast salt goes into this food here, over the table. */
  rateFactor?: number | undefined;
  /** On paper a link says nothing. */
  onPaper?: boolean;
}

/** What this kitchen has learnt is said wherever it is reckoned with; nothing where the table holds. */
export function ReckonedHere({ heat = {}, rateFactor = 1, onPaper }: Props) {
  const units = useUnits();
  const { ovenOffC, climb, heatUp } = heat;
  const said = [
    ...(rateFactor === 1 ? [] : [words.saltGoesInAsFast(fixed(rateFactor, 2))]),
    ...(ovenOffC === undefined
      ? []
      : [words.theOvenIsUnderIts(units.difference(Math.abs(ovenOffC)), ovenOffC)]),
    ...(heatUp === undefined ? [] : [words.itHeatsUpInThe(fixed(heatUp, 2))]),
    ...(climb === undefined ? [] : [words.aMiddleClimbsWhatThe(fixed(climb, 2))]),
  ];
  if (said.length === 0) return null;
  return (
    <p className="text-sm" data-reckoned-here>
      {words.asThisKitchenHasLearnt(said.join(", "))}{" "}
      {!onPaper && (
        <Link href="/record/learned" className="link-in-text">
          {words.whatIsLearnt}
        </Link>
      )}
    </p>
  );
}
