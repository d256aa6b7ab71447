import { lotsOf } from "@/core/formula/soak/lots";
import { percent, roughly } from "@/ui/format";
import { useUnits } from "@/ui/measures";
import type { Worked } from "./worked";

/** Pieces of other sizes in the same vessel, and the thin part of each, with their own figures. */
export function OtherSizes({ input, sheet, outcome }: Worked) {
  const units = useUnits();
  const { others } = lotsOf(input);
  const parts = others.filter((lot) => lot.ofEach).length;
  return outcome.alongside.map((other, i) => {
    const lot = others[i];
    const { readyH } = sheet.soak.alongside[i];
    return (
      <p key={i} className="text-sm" data-size={i + 2}>
        {lot.ofEach ? "Thin part" : `Size ${i + 2 - parts}`}, {units.length(lot.thicknessMm)}: mean{" "}
        <span className="figure">{percent(other.meanFraction)}</span> % · centre{" "}
        <span className="figure">{percent(other.centreFraction)}</span> % · ready{" "}
        {readyH === undefined ? "not within 4 days" : `from ${roughly(readyH)}`}
        {lot.ofEach && "; above: the thick part"}
      </p>
    );
  });
}
