import { RANGES } from "@/core/quantity/ranges";
import type { Reserve } from "@/core/formulation";
import { Select, Toggle } from "@/ui/choice";
import { QuantityField } from "@/ui/quantity-field";
import type { PanelProps } from "../panel";
import * as words from "@/words/bench/panels/preparation/reserve-fields";

const USES: { value: Reserve["use"]; label: string }[] = [
  { value: "sauce", label: words.aSauce },
  { value: "glaze", label: words.aGlaze },
  { value: "baste", label: words.basting },
  { value: "dressing", label: words.aDressing },
];

/** Part of the mixture set aside before raw food touches it. */
export function ReserveFields({ value, change, onValidity }: PanelProps) {
  const { reserve } = value;
  const set = (next: Reserve | undefined) => change((f) => ({ ...f, reserve: next }));
  return (
    <>
      <Toggle
        label={words.setSomeAsideFirst}
        value={reserve !== undefined}
        onChange={(on) => set(on ? { share: 0.25, use: "sauce" } : undefined)}
      />
      {reserve && (
        <div className="border-l-4 border-line pl-2">
          <QuantityField
            label={words.setAsideOfAllMade}
            unit="%"
            value={reserve.share * 100}
            rule={RANGES.reservePercent}
            step={5}
            onChange={(percent) => set({ ...reserve, share: percent / 100 })}
            onValidity={onValidity}
          />
          <Select
            label={words.keptFor}
            value={reserve.use}
            options={USES}
            onChange={(use) => set({ ...reserve, use })}
          />
        </div>
      )}
    </>
  );
}
