import { RANGES } from "@/core/quantity/ranges";
import type { Reserve } from "@/core/formulation";
import { Select, Toggle } from "@/ui/choice";
import { QuantityField } from "@/ui/quantity-field";
import type { PanelProps } from "../panel";

const USES: { value: Reserve["use"]; label: string }[] = [
  { value: "sauce", label: "a sauce" },
  { value: "glaze", label: "a glaze" },
  { value: "baste", label: "basting" },
  { value: "dressing", label: "a dressing" },
];

/** Part of the mixture set aside before raw food touches it. */
export function ReserveFields({ value, change, onValidity }: PanelProps) {
  const { reserve } = value;
  const set = (next: Reserve | undefined) => change((f) => ({ ...f, reserve: next }));
  return (
    <>
      <Toggle
        label="Set some aside first"
        value={reserve !== undefined}
        onChange={(on) => set(on ? { share: 0.25, use: "sauce" } : undefined)}
      />
      {reserve && (
        <div className="border-l-4 border-line pl-2">
          <QuantityField
            label="Set aside, of all made"
            unit="%"
            value={reserve.share * 100}
            rule={RANGES.reservePercent}
            step={5}
            onChange={(percent) => set({ ...reserve, share: percent / 100 })}
            onValidity={onValidity}
          />
          <Select
            label="Kept for"
            value={reserve.use}
            options={USES}
            onChange={(use) => set({ ...reserve, use })}
          />
        </div>
      )}
    </>
  );
}
