import dynamic from "next/dynamic";
import { useId } from "react";
import type { Outcome } from "@/core/formula/account/outcome";
import type { Formulated } from "@/core/formula/formulate";
import type { Formulation } from "@/core/formulation";
import { described } from "@/core/preparations";
import { percent } from "../format";
import { NotYet, orMissing } from "../or-missing";
import { unitsOf, type Units } from "../units";
import { CutSymbol, cutOf } from "./cut";
import { DryRack } from "./dry-rack";
import { shadesOf } from "./shading";
import { saltsOneFace, WetVessel, type DrawingProps } from "./wet-vessel";
import * as words from "@/words/ui/section/section";

/* Fetched where food lies so: most of it lies in a tub or on a rack. */
const Bag = dynamic(
  orMissing(async () => (await import("./bag")).Bag),
  { loading: NotYet },
);
const Crust = dynamic(
  orMissing(async () => (await import("./crust")).Crust),
  { loading: NotYet },
);

export interface SectionProps {
  input: Formulation;
  sheet: Formulated;
  outcome: Outcome;
  /** How deep acid has gone, mm; drawn as hatch. */
  acidMm?: number;
  /** Without figures and dimensions, for the Shelf. */
  compact?: boolean;
  /** How its dimensions are told; left out, in millimetres and litres. */
  units?: Units;
}

export const VIEW = { width: 540, height: 300 };
export const COMPACT_VIEW = { width: 300, height: 190 };

/** The vessel cut open, to scale, the flesh shaded by the salt in it at this moment. */
export function Section({
  input,
  sheet,
  outcome,
  acidMm = 0,
  compact = false,
  units = unitsOf("metric"),
}: SectionProps) {
  const view = compact ? COMPACT_VIEW : VIEW;
  const shades = shadesOf(sheet, outcome);
  const { spots } = described(input.preparation).words;
  const cut = cutOf(sheet, outcome, useId());
  const acidShare = acidMm / (sheet.soak.body.halfThicknessM * 1000);
  return (
    <svg
      viewBox={`0 0 ${view.width} ${view.height}`}
      className="block h-full w-full"
      role="img"
      aria-label={words.cutOpenSaltAtThe({
        foodName: sheet.food.name,
        surfaceFraction: percent(outcome.surfaceFraction),
        enters: spots.enters,
        meanFraction: percent(outcome.meanFraction),
        centreFraction: percent(outcome.centreFraction),
        last: spots.last,
      })}
    >
      {cut && (
        <defs>
          <CutSymbol cut={cut} oneFace={saltsOneFace(input)} />
        </defs>
      )}
      <Drawing
        input={input}
        sheet={sheet}
        outcome={outcome}
        shades={shades}
        cut={cut}
        units={units}
        acidShare={acidShare}
        view={view}
        compact={compact}
      />
    </svg>
  );
}

/** One drawing for each way food can lie: bare or coated on a rack, in a bag, in a crust, in a vessel of liquid. */
function Drawing(props: DrawingProps) {
  const { preparation, vessel } = props.input;
  switch (described(preparation).lies) {
    case "crust":
      return <Crust {...props} />;
    case "rack":
      return <DryRack {...props} />;
    case "bath":
    case "mixture":
      return vessel.shape === "bag" ? <Bag {...props} /> : <WetVessel {...props} />;
  }
}
