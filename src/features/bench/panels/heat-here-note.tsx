import Link from "next/link";
import type { HeatHere } from "@/core/formula/model";
import { fixed } from "@/ui/format";
import { useUnits } from "@/ui/measures";

/** What was taken for true of this kitchen's heat is said where it is reckoned with. */
export function HeatHereNote({ ovenOffC, climb }: HeatHere) {
  const units = useUnits();
  const said = [
    ...(ovenOffC === undefined
      ? []
      : [`the oven ${units.difference(Math.abs(ovenOffC))} ${ovenOffC < 0 ? "under" : "over"} its dial`]),
    ...(climb === undefined ? [] : [`a climb of ${fixed(climb, 2)} × the sums’`]),
  ];
  return (
    <p className="text-sm">
      As this kitchen has learnt: {said.join(", ")}.{" "}
      <Link href="/record/learned" className="underline">
        What is learnt
      </Link>
    </p>
  );
}
