import type { WorkedOut } from "@/core/bench/worked";
import { described } from "@/core/preparations";
import { fixed, percent } from "@/ui/format";
import { useUnits } from "@/ui/measures";
import { stateAt } from "@/ui/rail/scale";
import type { Figure } from "./explanations";
import { sayVerdict, VERDICT_WORD } from "./ways/way-words";
import { WhyOf } from "./why-of";
import type { Worked } from "./worked";
import * as words from "@/words/bench/figures";

/** What will be, largest; then the centre, the sodium, and the figure that only this preparation has; each with its why. */
export function Figures({ worked }: { worked: WorkedOut }) {
  const { outcome, salt } = worked;
  const verdict = sayVerdict(worked);
  const [low, likely, high] = [percent(salt.low, 1), percent(salt.fraction, 1), percent(salt.high, 1)];
  return (
    <ul className="mt-1 grid grid-cols-2 border border-line bg-base-100 sm:grid-cols-[1.7fr_1fr_1fr_1.3fr]">
      <li className="relative p-2 pr-9" data-figure="mean">
        <p className="figure text-4xl leading-tight whitespace-nowrap">
          {likely}
          <span className="ml-1 font-sans text-sm">%</span>
        </p>
        <p className="leading-tight">
          {words.inTheFlesh(low !== high && words.to(low, high), <strong data-verdict>{verdict}</strong>)}
          {outsideDone(worked) && verdict !== VERDICT_WORD.asWanted && words.outsideAsWanted}
        </p>
        <div className="absolute right-0 bottom-0">
          <WhyOf figure="mean" worked={worked} />
        </div>
      </li>
      <Tile
        name="centre"
        figure={percent(outcome.centreFraction, 1)}
        unit="%"
        label={described(worked.input.preparation).words.spots.lastIs}
        why="ready"
        worked={worked}
      />
      <Tile
        name="sodium"
        figure={fixed(outcome.ledger.sodiumMgPerPortion / 1000, 2)}
        unit="g"
        label={words.sodiumAPortion}
        why="sodium"
        worked={worked}
      />
      <OwnTile {...worked} />
    </ul>
  );
}

/** Salted as wanted where it was asked to be, whatever the whole of it holds. */
const outsideDone = ({ input, sheet }: Worked): boolean =>
  input.readiness === "outside" && stateAt(sheet.soak.window, input.pullH) === "ready";

/** The figure that only this preparation has. */
function OwnTile(worked: Worked) {
  const units = useUnits();
  const { sheet } = worked;
  if (sheet.brine)
    return (
      <Tile
        name="strength"
        figure={percent(sheet.brine.saltFraction)}
        unit="%"
        label={words.brineSal(fixed(sheet.brine.gPerLitreWater, 0), fixed(sheet.brine.salometerDegrees, 0))}
        why="strength"
        worked={worked}
      />
    );
  if (sheet.crust)
    return (
      <Tile
        name="crust"
        figure={fixed(sheet.crust.ratio, 2)}
        unit="to 1"
        label={words.saltToFoodPacked(units.volume(sheet.crust.shellMl))}
        why="crust"
        worked={worked}
      />
    );
  if (sheet.coat) {
    const [coat = "", unit = ""] = units.length(sheet.coat.thicknessMm, 1).split(" ");
    return (
      <Tile
        name="coat"
        figure={coat}
        unit={unit}
        label={words.coatGDm(fixed(sheet.coat.perDm2G, 1))}
        why="coat"
        worked={worked}
      />
    );
  }
  if (sheet.mix)
    return (
      <Tile
        name="sour"
        figure={sheet.mix.pH === undefined ? words.none : fixed(sheet.mix.pH, 1)}
        unit={sheet.mix.pH === undefined ? "" : "pH"}
        label={words.acidGKgAsCitric(fixed(sheet.citricPerKgG ?? 0, 1))}
        why="sour"
        worked={worked}
      />
    );
  return (
    <Tile
      name="end"
      figure={percent(sheet.endFraction)}
      unit="%"
      label={words.ifAllOfItWent}
      why="mean"
      worked={worked}
    />
  );
}

interface TileProps {
  name: string;
  figure: string;
  unit: string;
  label: string;
  why: Figure;
  worked: Worked;
}

function Tile(props: TileProps) {
  return (
    <li className="relative border-line p-2 not-first:border-l" data-figure={props.name}>
      <p className="figure text-2xl leading-tight whitespace-nowrap">
        {props.figure}
        <span className="ml-1 font-sans text-sm">{props.unit}</span>
      </p>
      <p className="pr-8 text-sm leading-tight text-quiet">{props.label}</p>
      <div className="absolute right-0 bottom-0">
        <WhyOf figure={props.why} worked={props.worked} />
      </div>
    </li>
  );
}
