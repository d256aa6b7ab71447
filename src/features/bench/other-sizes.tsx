import { lotsOf } from "@/core/formula/soak/lots";
import { percent, roughly } from "@/ui/format";
import { useUnits } from "@/ui/measures";
import type { Worked } from "./worked";
import * as words from "@/words/bench/other-sizes";

/** Pieces of other sizes in the same vessel, and the thin part of each, with their own figures. */
export function OtherSizes({ input, sheet, outcome }: Worked) {
  const units = useUnits();
  const { others } = lotsOf(input);
  const parts = others.filter((lot) => lot.ofEach).length;
  return outcome.alongside.map((other, i) => {
    const lot = others[i];
    if (!lot) return null;
    const readyH = sheet.soak.alongside[i]?.readyH;
    return (
      <p key={i} className="text-sm" data-size={i + 2}>
        {words.thinPartMeanCentreReady({
          ofEach: lot.ofEach,
          amount: i + 2 - parts,
          thicknessMm: units.length(lot.thicknessMm),
          meanFraction: <span className="figure">{percent(other.meanFraction)}</span>,
          centreFraction: <span className="figure">{percent(other.centreFraction)}</span>,
          which: readyH === undefined ? words.notWithin4Days : words.from(roughly(readyH)),
        })}
        {lot.ofEach && words.aboveTheThickPart}
      </p>
    );
  });
}
