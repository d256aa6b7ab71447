import { RANGES } from "@/core/quantity/ranges";
import type { SaltGiven } from "@/core/formulation";
import { Select } from "@/ui/choice";
import { usePantry } from "@/ui/pantry";
import { QuantityField } from "@/ui/quantity-field";
import type { PanelProps } from "../panel";
import { SaltAmountField, sameSalt, USUAL_G_PER_ML } from "./salt-amount-field";

type Mode = SaltGiven["mode"];

const MODES: { value: Mode; label: string }[] = [
  { value: "wanted", label: "as the salt wanted asks" },
  { value: "percent", label: "percent of the meat" },
  { value: "grams", label: "grams" },
  { value: "measure", label: "spoons or cups" },
  { value: "pinch", label: "pinches" },
  { value: "none", label: "none" },
];

/**
 * The salt as the cook has it. Choosing another way of giving it keeps the grams that are weighed out now; the figure
 * given stands, and the others follow.
 * @param weighedG salt on the sheet now, g; undefined while nothing can be worked out
 */
export function SaltGivenFields(props: PanelProps & { weighedG: number | undefined }) {
  const { value, change, onValidity, weighedG } = props;
  const { salt, words, measures } = usePantry();
  const chosen = salt(value.saltId);
  const given = value.salt ?? { mode: "wanted" };
  const set = (next: SaltGiven) => change((f) => ({ ...f, salt: next }));
  const nowG = weighedG ?? 10;
  const begin = (mode: Mode): SaltGiven => {
    switch (mode) {
      case "wanted":
      case "none":
        return { mode };
      case "percent":
        return { mode, fraction: value.preparation.targetFraction || 0.012 };
      case "grams":
      case "measure":
        return sameSalt(mode, nowG, {
          densityGPerMl: chosen?.densityGPerMl ?? USUAL_G_PER_ML,
          system: measures,
          measure: "tsp",
        });
      case "pinch":
        return { mode, count: 1, eachG: words.pinchG };
    }
  };
  return (
    <>
      <Select
        label="Salt is given as"
        value={given.mode}
        options={MODES}
        onChange={(mode) => set(begin(mode))}
      />
      {given.mode === "percent" && (
        <QuantityField
          label="Salt put on, of the meat"
          unit="%"
          value={given.fraction * 100}
          rule={RANGES.givenPercent}
          digits={2}
          step={0.05}
          onChange={(percent) => set({ mode: "percent", fraction: percent / 100 })}
          onValidity={onValidity}
        />
      )}
      {(given.mode === "grams" || given.mode === "measure") && (
        <SaltAmountField
          value={value}
          given={given}
          measure="tsp"
          labels={{ grams: "Salt, as weighed", measure: "Salt, level" }}
          stepG={0.5}
          onGiven={set}
          onValidity={onValidity}
        />
      )}
      {given.mode === "pinch" && (
        <QuantityField
          label="Pinches"
          unit=""
          value={given.count}
          rule={RANGES.pinches}
          digits={1}
          onChange={(count) => set({ ...given, count })}
          onValidity={onValidity}
          hint={
            <p className="py-1 text-sm text-quiet">
              A pinch is <span className="figure">{given.eachG}</span> g in this kitchen.
            </p>
          }
        />
      )}
    </>
  );
}
