import { RANGES } from "@/core/quantity/ranges";
import type { InjectionPreparation } from "@/core/formulation";
import { QuantityField } from "@/ui/quantity-field";
import type { PanelProps } from "../panel";

/** How much goes in by the needle, what runs out of it again, and how close the stabs are. */
export function InjectionFields({
  preparation: p,
  change,
  onValidity,
}: PanelProps & { preparation: InjectionPreparation }) {
  const set = (part: Partial<InjectionPreparation>) =>
    change((f) => ({ ...f, preparation: { ...p, ...part } }));
  return (
    <>
      <QuantityField
        label="Brine, of its weight"
        unit="%"
        value={p.pickupFraction * 100}
        rule={RANGES.pickupPercent}
        digits={1}
        step={1}
        onChange={(percent) => set({ pickupFraction: percent / 100 })}
        onValidity={onValidity}
      />
      <QuantityField
        label="Runs out again"
        unit="%"
        value={p.dripFraction * 100}
        rule={RANGES.dripPercent}
        step={5}
        onChange={(percent) => set({ dripFraction: percent / 100 })}
        onValidity={onValidity}
        hint={
          <p className="pb-1 text-sm text-quiet">of the brine; weigh it before and after to know yours</p>
        }
      />
      <QuantityField
        label="A stab every"
        unit="mm"
        value={p.spacingMm}
        rule={RANGES.stabMm}
        step={5}
        onChange={(spacingMm) => set({ spacingMm })}
        onValidity={onValidity}
      />
    </>
  );
}
