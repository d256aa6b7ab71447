import { RANGES } from "@/core/formula/ranges";
import { ruleMinutes, tradeRule } from "@/core/heat/trade-minutes";
import { CRUST_OVEN_C } from "@/core/formula/prepare/salt-crust";
import type { Cook } from "@/core/formula/model";
import { cookMinutes, presetStages, type StagePreset } from "@/core/formula/cook";
import { Select, Toggle } from "@/ui/choice";
import { usePantry } from "@/ui/pantry";
import { QuantityField } from "@/ui/quantity-field";
import { Group, type PanelProps } from "./panel";
import { PartsEditor } from "./parts-editor";
import { StagesEditor } from "./stages-editor";

const PRESETS: { value: StagePreset; label: string }[] = [
  { value: "one", label: "one stage" },
  { value: "hotThenLow", label: "hot, then tented" },
  { value: "lowThenHot", label: "covered low, then hot" },
  { value: "searFirst", label: "seared first" },
  { value: "pouch", label: "in a pouch" },
];

/** Shown until an oven is named. *Practice*. */
const USUAL_OVEN_C = 180;

/** Which of the usual ways a cook's stages are; "own" once they were changed by hand. */
function dividedAs(cook: Cook): StagePreset | "own" {
  if (!cook.stages) return "one";
  const written = told(cook.stages);
  return PRESETS.find(({ value }) => told(stagesBy(value, cook)) === written)?.value ?? "own";
}

const told = (stages: Cook["stages"]) =>
  JSON.stringify(stages?.map((s) => [s.ovenC, s.minutes, s.cover, s.action, s.everyMin]));

const stagesBy = (preset: StagePreset, cook: Cook) =>
  presetStages(preset, cook.ovenC ?? USUAL_OVEN_C, cook.minutes);

/** How it is cooked afterwards: heat evens the salt out before it is eaten. */
export function CookPanel({ value, cook, change, onValidity }: PanelProps & { cook: Cook }) {
  const food = usePantry().food(value.foodId);
  const crust = value.preparation.kind === "saltCrust";
  const isSeafood = food?.group === "fish" || food?.group === "shellfish";
  const divided = dividedAs(cook);
  const ovenC = cook.ovenC ?? USUAL_OVEN_C;
  const rule = food && tradeRule(food, ovenC);
  const pieceG = value.pieces.totalMassG / value.pieces.count;
  const trade = rule && {
    form: rule.form,
    ovenC,
    minutes: Math.round(ruleMinutes(rule, pieceG, value.pieces.thicknessMm, ovenC) / 5) * 5,
  };
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
      {!cook.stages && (
        <QuantityField
          label="Oven"
          unit="°C"
          value={cook.ovenC ?? (crust ? CRUST_OVEN_C : USUAL_OVEN_C)}
          rule={RANGES.ovenC}
          step={5}
          onChange={(ovenC) => set({ ovenC })}
          onValidity={onValidity}
        />
      )}
      {!crust && !cook.stages && (
        <QuantityField
          label="Cooking time"
          unit="min"
          value={cook.minutes}
          rule={RANGES.cookMin}
          step={5}
          onChange={(minutes) => set({ minutes })}
          onValidity={onValidity}
          hint={trade && <TradeMinutes {...trade} onTake={(minutes) => set({ minutes })} />}
        />
      )}
      {!crust && (
        <>
          <Select
            label="Divided"
            value={divided}
            options={divided === "own" ? [...PRESETS, { value: "own" as const, label: "as below" }] : PRESETS}
            onChange={(preset) => preset !== "own" && set({ stages: stagesBy(preset, cook) })}
          />
          {cook.stages && (
            <StagesEditor
              stages={cook.stages}
              onValidity={onValidity}
              onChange={(stages) => set({ stages, minutes: cookMinutes(stages) })}
            />
          )}
          <PartsEditor
            cook={cook}
            thicknessMm={value.pieces.thicknessMm}
            onChange={(parts) => set({ parts })}
            onValidity={onValidity}
          />
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

/** What the trade counts for this class and size. */
function TradeMinutes(props: {
  form: string;
  ovenC: number;
  minutes: number;
  onTake: (minutes: number) => void;
}) {
  const { form, ovenC, minutes, onTake } = props;
  return (
    <p className="flex items-center justify-between gap-2 py-1 text-sm text-quiet">
      <span>
        common practice, {form} at {ovenC} °C: <span className="figure">{minutes}</span> min
      </span>
      <button type="button" className="btn min-h-11" onClick={() => onTake(minutes)}>
        Take it
      </button>
    </p>
  );
}
