import { tasteBand } from "@/core/formula/outcome";
import { duration, fixed, percent, roughly } from "@/ui/format";
import { usePantry } from "@/ui/pantry";
import { Why, type Explanation } from "@/ui/why";
import { whyMean, whyReady, whySodium, whyStrength } from "./explain";
import type { Worked } from "./worked";
import { whyCoat, whyCrust, whySour } from "./explain-mixture";

/** The four figures a cook asks for, each with its why. */
export function Figures(worked: Worked) {
  const { sheet, outcome } = worked;
  const { tasteShift } = usePantry();
  const { ready, past } = sheet.soak.window;
  const late = ready.likely !== undefined && past.likely !== undefined && ready.likely >= past.likely;
  const when = sheet.bake ? "baked in about" : "ready from, likely";
  return (
    <ul className="grid grid-cols-2 border border-line bg-base-100 xl:grid-cols-4">
      <Tile
        name="mean"
        figure={percent(outcome.meanFraction)}
        unit="%"
        label={`${sheet.bake ? "when baked" : "at the pull"}: ${tasteBand(outcome.meanFraction, tasteShift)}`}
        why={whyMean(worked)}
      />
      <OwnTile {...worked} />
      <Tile
        name="ready"
        figure={
          ready.likely === undefined
            ? "over 4"
            : sheet.bake
              ? duration(Math.round(ready.likely * 12) / 12)
              : roughly(ready.likely)
        }
        unit={ready.likely === undefined ? "d" : ""}
        label={late ? "ready only after it is past it" : when}
        why={whyReady(worked)}
      />
      <Tile
        name="sodium"
        figure={fixed(outcome.ledger.sodiumMgPerPortion, 0)}
        unit="mg"
        label="sodium a portion"
        why={whySodium(worked)}
      />
    </ul>
  );
}

/** The figure that only this preparation has. */
function OwnTile(worked: Worked) {
  const { sheet } = worked;
  if (sheet.brine)
    return (
      <Tile
        name="strength"
        figure={percent(sheet.brine.saltFraction)}
        unit="%"
        label={`brine · ${fixed(sheet.brine.gPerLitreWater, 0)} g/L · ${fixed(sheet.brine.salometerDegrees, 0)}° sal`}
        why={whyStrength(worked)}
      />
    );
  if (sheet.crust)
    return (
      <Tile
        name="crust"
        figure={fixed(sheet.crust.ratio, 2)}
        unit="to 1"
        label={`salt to food · ${fixed(sheet.crust.shellMl / 1000, 1)} L packed`}
        why={whyCrust(worked)}
      />
    );
  if (sheet.coat)
    return (
      <Tile
        name="coat"
        figure={fixed(sheet.coat.thicknessMm, 1)}
        unit="mm"
        label={`coat · ${fixed(sheet.coat.perDm2G, 1)} g/dm²`}
        why={whyCoat(worked)}
      />
    );
  if (sheet.mix)
    return (
      <Tile
        name="sour"
        figure={sheet.mix.pH === undefined ? "none" : fixed(sheet.mix.pH, 1)}
        unit={sheet.mix.pH === undefined ? "" : "pH"}
        label={`acid ${fixed(sheet.citricPerKgG ?? 0, 1)} g/kg, as citric`}
        why={whySour(worked)}
      />
    );
  return (
    <Tile
      name="end"
      figure={percent(sheet.endFraction)}
      unit="%"
      label="if all of it went in"
      why={whyMean(worked)}
    />
  );
}

function Tile(props: { name: string; figure: string; unit: string; label: string; why: Explanation }) {
  return (
    <li className="relative border-line p-2 not-first:border-l" data-figure={props.name}>
      <p className="figure text-2xl leading-tight whitespace-nowrap">
        {props.figure}
        <span className="ml-1 font-sans text-sm">{props.unit}</span>
      </p>
      <p className="pr-8 text-sm leading-tight text-quiet">{props.label}</p>
      <div className="absolute right-0 bottom-0">
        <Why explanation={props.why} />
      </div>
    </li>
  );
}
