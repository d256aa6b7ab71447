import Link from "next/link";
import type { HeatHere } from "@/core/formulation";
import { fixed } from "./format";
import { useUnits } from "./measures";

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
    ...(rateFactor === 1 ? [] : [`salt goes in ${fixed(rateFactor, 2)} × as fast as the table has it`]),
    ...(ovenOffC === undefined
      ? []
      : [`the oven is ${units.difference(Math.abs(ovenOffC))} ${ovenOffC < 0 ? "under" : "over"} its dial`]),
    ...(heatUp === undefined ? [] : [`it heats up in ${fixed(heatUp, 2)} × the usual time`]),
    ...(climb === undefined ? [] : [`a middle climbs ${fixed(climb, 2)} × what the sums foretell`]),
  ];
  if (said.length === 0) return null;
  return (
    <p className="text-sm" data-reckoned-here>
      As this kitchen has learnt: {said.join(", ")}.{" "}
      {!onPaper && (
        <Link href="/record/learned" className="underline">
          What is learnt
        </Link>
      )}
    </p>
  );
}
