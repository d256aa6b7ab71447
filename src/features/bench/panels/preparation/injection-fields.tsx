import { RANGES } from "@/core/quantity/ranges";
import type { InjectionPreparation } from "@/core/formulation";
import { QuantityField } from "@/ui/quantity-field";
import type { PanelProps } from "../panel";
import * as words from "@/words/bench/panels/preparation/injection-fields";

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
        label={words.brineOfItsWeight}
        unit="%"
        value={p.pickupFraction * 100}
        rule={RANGES.pickupPercent}
        digits={1}
        step={1}
        onChange={(percent) => set({ pickupFraction: percent / 100 })}
        onValidity={onValidity}
      />
      <QuantityField
        label={words.runsOutAgain}
        unit="%"
        value={p.dripFraction * 100}
        rule={RANGES.dripPercent}
        step={5}
        onChange={(percent) => set({ dripFraction: percent / 100 })}
        onValidity={onValidity}
        hint={<p className="pb-1 text-sm text-quiet">{words.ofTheBrineWeighIt}</p>}
      />
      <QuantityField
        label={words.aStabEvery}
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
