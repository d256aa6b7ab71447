import { RANGES } from "@/core/quantity/ranges";
import { timedPerWater } from "@/core/formula/weigh/brines";
import type { Preparation, TimedStrength } from "@/core/formulation";
import { VOLUME_ML } from "@/core/quantity/units";
import { saltFractionFromPerWater } from "@/core/solution/sodium-chloride";
import { Select, Toggle } from "@/ui/choice";
import { percent } from "@/ui/format";
import { usePantry } from "@/ui/pantry";
import { QuantityField } from "@/ui/quantity-field";
import type { PanelProps } from "../panel";
import * as words from "@/words/bench/panels/preparation/brine-fields";

type Brine = Extract<Preparation, { kind: "wetBrine" | "dryBrine" }>;

/** What a brine asks for beyond its salt. */
export function BrineFields({ value, preparation, change, onValidity }: PanelProps & { preparation: Brine }) {
  // Salt given outright makes the strength; there is nothing to choose.
  const given = value.salt !== undefined && value.salt.mode !== "wanted";
  const set = (next: Preparation) => change((f) => ({ ...f, preparation: next }));
  if (preparation.kind === "dryBrine") {
    const { shape, faces } = value.pieces;
    return shape === "slab" || shape === "block" ? (
      <Select
        label={words.saltedOn}
        value={preparation.salted}
        options={[
          { value: "allFaces" as const, label: words.allFaces },
          { value: "moreOnOne" as const, label: words.of60To40FleshSide },
          { value: "oneFace" as const, label: words.oneFace },
        ].filter(
          // What is set stays seen, also where one face is shut since.
          ({ value: salted }) =>
            salted !== "moreOnOne" || faces === "both" || preparation.salted === "moreOnOne",
        )}
        onChange={(salted) => set({ ...preparation, salted })}
      />
    ) : null;
  }
  return (
    <>
      {preparation.school === "equilibrium" ? (
        <Select
          label={words.theSum}
          value={preparation.convention}
          options={[
            { value: "waterPhase", label: words.finishedFleshAtTheTarget },
            { value: "wholeMass", label: words.usualKitchenFormulaFalls10 },
          ]}
          onChange={(convention) => set({ ...preparation, convention })}
        />
      ) : given ? null : (
        <Strength
          value={preparation.strength}
          saltId={value.saltId}
          onChange={(strength) => set({ ...preparation, strength })}
          onValidity={onValidity}
        />
      )}
      <Toggle
        label={words.sourBathVinegarCitrus}
        value={value.sour ?? false}
        onChange={(sour) => change((f) => ({ ...f, sour: sour || undefined }))}
      />
    </>
  );
}

const CUPS = { ...RANGES.cupsMl, measures: "us" } as const;

const PER = [
  { value: "us_gallon", label: words.usGallon },
  { value: "us_quart", label: words.usQuart },
  { value: "litre", label: words.litre },
] as const;

function Strength(props: {
  value: TimedStrength;
  saltId: string;
  onChange: (value: TimedStrength) => void;
  onValidity: PanelProps["onValidity"];
}) {
  const { value, onChange, onValidity } = props;
  const salt = usePantry().salt(props.saltId);
  return (
    <>
      <Select
        label={words.strengthGivenAs}
        value={value.basis}
        options={[
          { value: "percent", label: words.byWeight },
          { value: "cups", label: words.cupsOfThisSalt },
        ]}
        onChange={(basis) =>
          onChange(basis === "percent" ? { basis, saltFraction: 0.06 } : { basis, cups: 1, per: "us_gallon" })
        }
      />
      {value.basis === "cups" && (
        <>
          <QuantityField
            label={words.cupsOfSalt}
            unit="cup"
            value={value.cups * VOLUME_ML.us_cup}
            // The cup of the recipe: to a US gallon or quart it is a US cup, whatever hangs in this kitchen.
            rule={CUPS}
            shownUnit={VOLUME_ML.us_cup}
            digits={2}
            step={0.25}
            onChange={(ml) => onChange({ ...value, cups: ml / VOLUME_ML.us_cup })}
            onValidity={onValidity}
          />
          <Select
            label={words.toEach}
            value={value.per}
            options={PER}
            onChange={(per) => onChange({ ...value, per })}
          />
          {salt && (
            <p className="py-1 text-sm">
              {words.withThatIsByWeight(
                salt.name,
                <strong className="figure">
                  {percent(saltFractionFromPerWater(timedPerWater(value, salt)))} %
                </strong>,
              )}
            </p>
          )}
        </>
      )}
    </>
  );
}
