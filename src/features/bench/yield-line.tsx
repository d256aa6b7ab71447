import { yieldOf, type Estimate } from "@/core/yield/yield";
import { percent } from "@/ui/format";
import { useUnits } from "@/ui/measures";
import { Why } from "@/ui/why";
import type { Worked } from "./worked";

const ROUND_G = 10;
const rounded = (g: number) => Math.round(g / ROUND_G) * ROUND_G;
const shares = ({ low, high }: Estimate) => `${percent(low, 0)} to ${percent(high, 0)} %`;

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
        Weighs about <span className="figure">{mass(takenOutG.likely)}</span> when taken out; the heat takes
        about <span className="figure">{percent(lost.likely, 0)}</span> % of it, unsalted{" "}
        <span className="figure">{percent(lostUnsalted.likely, 0)}</span> %.
      </p>
      <Why
        title="What it weighs, and the juice it keeps"
        explain={() =>
          Promise.resolve({
            sum: [
              `${mass(worked.sheet.foodG)} goes in; ${mass(takenOutG.low)} to ${mass(takenOutG.high)} is taken out`,
              `the heat takes ${shares(lost)} of that; unsalted it would take ${shares(lostUnsalted)}`,
            ],
            convention:
              "A weak bath gives water along with its salt, a strong one and a cure draw water out, a rack in moving cold air dries the face. Salt in the flesh holds juice in the heat: up to a quarter of what would be lost, half of that by 0.8 %.",
            source:
              "Swelling after Offer and Trinick 1983, cooking loss after Tornberg 2005 (both from memory); the sizes are estimates. Two pieces of one animal differ by more.",
          })
        }
      />
    </div>
  );
}
