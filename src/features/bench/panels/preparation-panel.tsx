import { preparationOffered } from "@/core/formula/defaults";
import { timedPerWater } from "@/core/formula/formulate";
import type { Formulation, Preparation, TimedStrength } from "@/core/formula/model";
import { RANGES } from "@/core/formula/ranges";
import type { Readiness } from "@/core/diffusion/readiness";
import { findSalt, INGREDIENTS, SALTS } from "@/core/materials/lookup";
import { VOLUME_ML } from "@/core/quantity/units";
import { saltFractionFromPerWater } from "@/core/solution/sodium-chloride";
import { Choice, Select, Toggle } from "@/ui/choice";
import { percent } from "@/ui/format";
import { QuantityField } from "@/ui/quantity-field";
import { Group, type PanelProps } from "./panel";

type School = "equilibrium" | "timed" | "dry";

const SCHOOLS: { value: School; label: string; note: string }[] = [
  { value: "equilibrium", label: "Equilibrium", note: "wet, cannot overshoot" },
  { value: "timed", label: "Timed", note: "wet, strong: watch it" },
  { value: "dry", label: "Dry", note: "salt on the face" },
];

const READINESS: { value: Readiness; label: string }[] = [
  { value: "outside", label: "outside seasoned" },
  { value: "seasoned", label: "seasoned" },
  { value: "even", label: "even to the centre" },
];

const SUGARS = INGREDIENTS.filter((i) => i.group === "sugar" || i.group === "syrup").map((i) => ({
  value: i.id,
  label: i.name,
}));

const schoolOf = (p: Preparation): School => (p.kind === "dryBrine" ? "dry" : p.school);

/** The school, the salt and how much of it. */
export function PreparationPanel({ value, change, onValidity, refusalFor }: PanelProps) {
  const { preparation } = value;
  const set = (next: Preparation) => change((f) => ({ ...f, preparation: next }));
  return (
    <Group title="Preparation">
      <Choice
        label="School"
        value={schoolOf(preparation)}
        options={SCHOOLS}
        onChange={(school) => change((f) => withSchool(f, school))}
      />
      <QuantityField
        label={preparation.kind === "dryBrine" ? "Salt, of edible weight" : "Salt wanted"}
        unit="%"
        value={preparation.targetFraction * 100}
        rule={RANGES.targetPercent}
        digits={2}
        step={0.05}
        onChange={(p) => set({ ...preparation, targetFraction: p / 100 })}
        onValidity={onValidity}
        refusal={refusalFor("target")}
      />
      {preparation.kind === "wetBrine" && preparation.school === "equilibrium" && (
        <Select
          label="Convention"
          value={preparation.convention}
          options={[
            { value: "waterPhase", label: "water-phase" },
            { value: "wholeMass", label: "% of food + water" },
          ]}
          onChange={(convention) => set({ ...preparation, convention })}
        />
      )}
      {preparation.kind === "wetBrine" && preparation.school === "timed" && (
        <Strength
          value={preparation.strength}
          saltId={value.saltId}
          onChange={(strength) => set({ ...preparation, strength })}
          onValidity={onValidity}
        />
      )}
      {preparation.kind === "wetBrine" && (
        <Toggle
          label="Sour bath (vinegar, citrus)"
          value={value.sour ?? false}
          onChange={(sour) => change((f) => ({ ...f, sour: sour || undefined }))}
        />
      )}
      {preparation.kind === "dryBrine" && value.pieces.shape === "slab" && (
        <Select
          label="Salted on"
          value={preparation.salted}
          options={[
            { value: "allFaces", label: "all faces" },
            { value: "oneFace", label: "one face" },
          ]}
          onChange={(salted) => set({ ...preparation, salted })}
        />
      )}
      <Select
        label="Ready means"
        value={value.readiness}
        options={READINESS}
        onChange={(readiness) => change((f) => ({ ...f, readiness }))}
      />
      <Select
        label="Salt"
        value={value.saltId}
        options={SALTS.map((s) => ({ value: s.id, label: s.name }))}
        onChange={(saltId) => change((f) => ({ ...f, saltId }))}
      />
      {refusalFor("salt") && (
        <p role="alert" className="py-1 text-sm text-error">
          {refusalFor("salt")}
        </p>
      )}
      <QuantityField
        label="Sugar, to 1 of salt"
        unit="g/g"
        value={value.sugarPerSalt}
        rule={RANGES.sugarPerSalt}
        digits={2}
        step={0.1}
        onChange={(sugarPerSalt) => change((f) => ({ ...f, sugarPerSalt }))}
        onValidity={onValidity}
      />
      {value.sugarPerSalt > 0 && (
        <Select
          label="Sugar"
          value={value.sugarId}
          options={SUGARS}
          onChange={(sugarId) => change((f) => ({ ...f, sugarId }))}
        />
      )}
      <QuantityField
        label="Portions"
        unit=""
        value={value.portions}
        rule={RANGES.portions}
        onChange={(portions) => change((f) => ({ ...f, portions }))}
        onValidity={onValidity}
      />
    </Group>
  );
}

/** A dry brine stands open in the fridge so that the surface dries; a wet one is covered. */
function withSchool(f: Formulation, school: School): Formulation {
  const dry = school === "dry";
  return {
    ...f,
    preparation: preparationOffered(school, f.preparation.targetFraction),
    holding: { ...f.holding, covered: !dry },
    // Without a bath nothing can scale with it.
    aromatics: dry
      ? f.aromatics.map((a) => (a.scalesWith === "bath" ? { ...a, scalesWith: "foodMass" as const } : a))
      : f.aromatics,
  };
}

const PER = [
  { value: "us_gallon", label: "US gallon" },
  { value: "us_quart", label: "US quart" },
  { value: "litre", label: "litre" },
] as const;

function Strength(props: {
  value: TimedStrength;
  saltId: string;
  onChange: (value: TimedStrength) => void;
  onValidity: PanelProps["onValidity"];
}) {
  const { value, onChange, onValidity } = props;
  const salt = findSalt(props.saltId);
  return (
    <>
      <Select
        label="Strength given as"
        value={value.basis}
        options={[
          { value: "percent", label: "% by weight" },
          { value: "cups", label: "cups of this salt" },
        ]}
        onChange={(basis) =>
          onChange(basis === "percent" ? { basis, saltFraction: 0.06 } : { basis, cups: 1, per: "us_gallon" })
        }
      />
      {value.basis === "percent" ? (
        <QuantityField
          label="Brine strength"
          unit="%"
          value={value.saltFraction * 100}
          rule={RANGES.strengthPercent}
          digits={2}
          step={0.1}
          onChange={(p) => onChange({ ...value, saltFraction: p / 100 })}
          onValidity={onValidity}
        />
      ) : (
        <>
          <QuantityField
            label="Cups of salt"
            unit="cup"
            value={value.cups * VOLUME_ML.us_cup}
            rule={RANGES.cupsMl}
            shownUnit={VOLUME_ML.us_cup}
            digits={2}
            step={0.25}
            onChange={(ml) => onChange({ ...value, cups: ml / VOLUME_ML.us_cup })}
            onValidity={onValidity}
          />
          <Select
            label="to each"
            value={value.per}
            options={PER}
            onChange={(per) => onChange({ ...value, per })}
          />
          {salt && (
            <p className="py-1 text-sm">
              With {salt.name} that is{" "}
              <strong className="figure">
                {percent(saltFractionFromPerWater(timedPerWater(value, salt)))} %
              </strong>{" "}
              by weight. Another salt by the same cup makes another brine.
            </p>
          )}
        </>
      )}
    </>
  );
}
