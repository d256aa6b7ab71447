import { tasteBand } from "@/core/formula/outcome";
import { fixed, percent, roughly } from "@/ui/format";
import { Why, type Explanation } from "@/ui/why";
import { whyMean, whyReady, whySodium, whyStrength, type Worked } from "./explain";

/** The four figures a cook asks for, each with its why. */
export function Figures(worked: Worked) {
  const { sheet, outcome } = worked;
  const { ready, past } = sheet.soak.window;
  const late = ready.likely !== undefined && past.likely !== undefined && ready.likely >= past.likely;
  return (
    <ul className="grid grid-cols-2 border border-line bg-base-100 xl:grid-cols-4">
      <Tile
        name="mean"
        figure={percent(outcome.meanFraction)}
        unit="%"
        label={`at the pull: ${tasteBand(outcome.meanFraction)}`}
        why={whyMean(worked)}
      />
      {sheet.brine ? (
        <Tile
          name="strength"
          figure={percent(sheet.brine.saltFraction)}
          unit="%"
          label={`brine · ${fixed(sheet.brine.gPerLitreWater, 0)} g/L · ${fixed(sheet.brine.salometerDegrees, 0)}° sal`}
          why={whyStrength(worked)}
        />
      ) : (
        <Tile
          name="end"
          figure={percent(sheet.endFraction)}
          unit="%"
          label="when all of it is in"
          why={whyMean(worked)}
        />
      )}
      <Tile
        name="ready"
        figure={ready.likely === undefined ? "over 4" : roughly(ready.likely)}
        unit={ready.likely === undefined ? "d" : ""}
        label={late ? "ready only after it is past it" : "ready from, likely"}
        why={whyReady(worked)}
      />
      <Tile
        name="sodium"
        figure={fixed(outcome.sodiumMgPerPortion, 0)}
        unit="mg"
        label="sodium a portion"
        why={whySodium(worked)}
      />
    </ul>
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
