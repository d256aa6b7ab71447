import { RANGES } from "@/core/formula/ranges";
import { CRUST_OVEN_C } from "@/core/formula/prepare/salt-crust";
import type { Cook, Cover } from "@/core/formula/model";
import { presetStages, type StagePreset } from "@/core/work/cook-stages";
import { Select, Toggle } from "@/ui/choice";
import { usePantry } from "@/ui/pantry";
import { QuantityField } from "@/ui/quantity-field";
import { Group, type PanelProps } from "./panel";

const PRESETS: { value: StagePreset; label: string }[] = [
  { value: "one", label: "one stage" },
  { value: "hotThenLow", label: "hot, then tented" },
  { value: "lowThenHot", label: "covered low, then hot" },
  { value: "searFirst", label: "seared first" },
  { value: "pouch", label: "in a pouch" },
];

const COVERS: Record<Cover, string> = {
  open: "open",
  lid: "under a lid",
  foil: "under foil",
  pouch: "in a pouch",
  crust: "in its crust",
};

/** Which of the usual ways a cook's stages are. */
const presetOf = ({ stages }: Cook): StagePreset => {
  if (!stages) return "one";
  if (stages[0].cover === "pouch") return "pouch";
  if (stages[0].action === "sear") return "searFirst";
  return stages[0].cover === "lid" ? "lowThenHot" : "hotThenLow";
};

/** Shown until an oven is named. *Practice*. */
const USUAL_OVEN_C = 180;

/** How it is cooked afterwards: heat evens the salt out before it is eaten. */
export function CookPanel({ value, cook, change, onValidity }: PanelProps & { cook: Cook }) {
  const food = usePantry().food(value.foodId);
  const crust = value.preparation.kind === "saltCrust";
  const isSeafood = food?.group === "fish" || food?.group === "shellfish";
  const set = (part: Partial<Cook>) => change((f) => ({ ...f, cook: { ...cook, ...part } }));
  return (
    <Group title={crust ? "Baked" : "Then cooked"}>
      <QuantityField
        label="Core, when done"
        unit="°C"
        value={cook.toC}
        rule={RANGES.cookC}
        onChange={(toC) => set({ toC })}
        onValidity={onValidity}
        hint={
          food?.safeMinC != null && (
            <p className="py-1 text-sm text-quiet">
              official minimum <span className="figure">{food.safeMinC}</span> °C ({food.safeSource})
            </p>
          )
        }
      />
      <QuantityField
        label="Oven"
        unit="°C"
        value={cook.ovenC ?? (crust ? CRUST_OVEN_C : USUAL_OVEN_C)}
        rule={RANGES.ovenC}
        step={5}
        onChange={(ovenC) => set({ ovenC, stages: presetStages(presetOf(cook), ovenC, cook.minutes) })}
        onValidity={onValidity}
      />
      {!crust && (
        <QuantityField
          label="Cooking time"
          unit="min"
          value={cook.minutes}
          rule={RANGES.cookMin}
          step={5}
          onChange={(minutes) =>
            set({ minutes, stages: presetStages(presetOf(cook), cook.ovenC ?? USUAL_OVEN_C, minutes) })
          }
          onValidity={onValidity}
        />
      )}
      {!crust && (
        <>
          <Select
            label="Divided"
            value={presetOf(cook)}
            options={PRESETS}
            onChange={(preset) =>
              set({ stages: presetStages(preset, cook.ovenC ?? USUAL_OVEN_C, cook.minutes) })
            }
          />
          {cook.stages && (
            <ol className="py-1 text-sm" aria-label="Stages">
              {cook.stages.map((stage, i) => (
                <li key={i}>
                  <span className="figure">{stage.ovenC}</span> °C,{" "}
                  <span className="figure">{stage.minutes}</span> min, {COVERS[stage.cover]}
                  {stage.action && `, ${stage.action}${stage.everyMin ? ` every ${stage.everyMin} min` : ""}`}
                </li>
              ))}
            </ol>
          )}
        </>
      )}
      <QuantityField
        label="Rest after"
        unit="min"
        value={cook.restMin}
        rule={RANGES.restMin}
        onChange={(restMin) => set({ restMin })}
        onValidity={onValidity}
      />
      <QuantityField
        label="Salt once more"
        unit="%"
        value={(value.secondSaltFraction ?? 0) * 100}
        rule={RANGES.secondSaltPercent}
        digits={2}
        step={0.05}
        onChange={(percent) =>
          change((f) => ({ ...f, secondSaltFraction: percent > 0 ? percent / 100 : undefined }))
        }
        onValidity={onValidity}
      />
      <Toggle
        label="Under the grill"
        value={cook.broil ?? false}
        onChange={(on) => set({ broil: on || undefined })}
      />
      <Toggle
        label="In its cold dish"
        value={cook.inColdDish ?? false}
        onChange={(on) => set({ inColdDish: on || undefined })}
      />
      {isSeafood && (
        <Toggle
          label="Eaten raw"
          value={value.servedRaw ?? false}
          onChange={(on) => change((f) => ({ ...f, servedRaw: on || undefined }))}
        />
      )}
    </Group>
  );
}
