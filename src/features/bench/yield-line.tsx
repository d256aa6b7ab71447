import { yieldOf, type Estimate } from "@/core/yield/yield";
import { percent } from "@/ui/format";
import { useUnits } from "@/ui/measures";
import { Why } from "@/ui/why";
import type { Worked } from "./worked";
import * as words from "@/words/bench/yield-line";

const ROUND_G = 10;
const rounded = (g: number) => Math.round(g / ROUND_G) * ROUND_G;
const shares = ({ low, high }: Estimate) => words.to(percent(low, 0), percent(high, 0));

/** What it weighs when it is taken out, and what the heat takes, with salt and without. */
export function YieldLine(worked: Worked) {
  const units = useUnits();
  const found = yieldOf(worked.input, worked.sheet, worked.outcome);
  if (!found) return null;
  const { takenOutG, lost, lostUnsalted } = found;
  const mass = (g: number) => units.mass(rounded(g));
  return (
    <div className="flex items-center justify-between text-sm text-quiet">
      <p data-yield>
        {words.weighsAboutWhenTakenOut({
          weight: <span className="figure">{mass(takenOutG.likely)}</span>,
          heatTakes: <span className="figure">{percent(lost.likely, 0)}</span>,
          unsalted: <span className="figure">{percent(lostUnsalted.likely, 0)}</span>,
        })}
      </p>
      <Why
        title={words.whatItWeighsAndThe}
        explain={() =>
          Promise.resolve({
            sum: [
              words.goesInToIsTaken({
                foodG: mass(worked.sheet.foodG),
                takenOutGLow: mass(takenOutG.low),
                takenOutGHigh: mass(takenOutG.high),
              }),
              words.theHeatTakesOfThat(shares(lost), shares(lostUnsalted)),
            ],
            convention: words.aWeakBathGivesWater,
            source: words.swellingAfterOfferAndTrinick,
          })
        }
      />
    </div>
  );
}
