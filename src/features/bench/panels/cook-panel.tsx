import { RANGES } from "@/core/formula/ranges";
import type { Cook } from "@/core/formula/model";
import { findFood } from "@/core/materials/lookup";
import { QuantityField } from "@/ui/quantity-field";
import { Group, type PanelProps } from "./panel";

/** How it is cooked afterwards: heat evens the salt out before it is eaten. */
export function CookPanel({ value, cook, change, onValidity }: PanelProps & { cook: Cook }) {
  const food = findFood(value.foodId);
  const set = (part: Partial<Cook>) => change((f) => ({ ...f, cook: { ...cook, ...part } }));
  return (
    <Group title="Then cooked">
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
        label="Cooking time"
        unit="min"
        value={cook.minutes}
        rule={RANGES.cookMin}
        step={5}
        onChange={(minutes) => set({ minutes })}
        onValidity={onValidity}
      />
      <QuantityField
        label="Rest after"
        unit="min"
        value={cook.restMin}
        rule={RANGES.restMin}
        onChange={(restMin) => set({ restMin })}
        onValidity={onValidity}
      />
    </Group>
  );
}
