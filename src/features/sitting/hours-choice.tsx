import type { SittingDish } from "@/contracts/sitting";
import { RANGES } from "@/core/quantity/ranges";
import type { SoakHours } from "@/core/formulation";
import { isBaked } from "@/core/preparations";
import { mayStretch } from "@/core/schedule/soak-edges";
import { Choice } from "@/ui/choice";
import { duration } from "@/ui/format";
import { QuantityField } from "@/ui/quantity-field";
import * as words from "@/words/sitting/hours-choice";

interface Props {
  dish: Extract<SittingDish, { kind: "formula" }>;
  onChange: (hours: SoakHours) => void;
}

/** Whether the plan may move the hours it stands: held as they are, or between two. A crust bakes for its own. */
export function HoursChoice({ dish, onChange }: Props) {
  const { formulation: f } = dish;
  if (isBaked(f) || f.pullH <= 0) return null;
  const stretch = mayStretch(f);
  const own = f.hours?.mode === "stretch" ? f.hours : undefined;
  return (
    <>
      <Choice
        label={words.hoursOf(dish.name)}
        value={stretch ? "stretch" : "hold"}
        options={[
          { value: "hold", label: words.holdMy(duration(f.pullH)) },
          { value: "stretch", label: words.mayStretch },
        ]}
        onChange={(mode) => onChange(mode === "hold" ? { mode } : { mode })}
      />
      {stretch && own && (
        <div className="grid grid-cols-2 gap-2">
          <QuantityField
            label={words.atLeast}
            unseen={words.hoursOfOfDishName(dish.name)}
            unit="h"
            value={own.leastH ?? f.pullH}
            rule={{ ...RANGES.pullH, max: own.mostH ?? RANGES.pullH.max }}
            onChange={(leastH) => onChange({ ...own, leastH })}
          />
          <QuantityField
            label={words.atMost}
            unseen={words.hoursOfOfDishName(dish.name)}
            unit="h"
            value={own.mostH ?? f.pullH}
            rule={{ ...RANGES.pullH, min: own.leastH ?? 0 }}
            onChange={(mostH) => onChange({ ...own, mostH })}
          />
        </div>
      )}
    </>
  );
}
