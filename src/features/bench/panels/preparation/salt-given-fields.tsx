import { RANGES } from "@/core/quantity/ranges";
import type { SaltGiven } from "@/core/formulation";
import { Select } from "@/ui/choice";
import { usePantry } from "@/ui/pantry";
import { QuantityField } from "@/ui/quantity-field";
import type { PanelProps } from "../panel";
import { SaltAmountField, sameSalt, USUAL_G_PER_ML } from "./salt-amount-field";
import * as wording from "@/words/bench/panels/preparation/salt-given-fields";

type Mode = SaltGiven["mode"];

const MODES: { value: Mode; label: string }[] = [
  { value: "wanted", label: wording.asTheSaltWantedAsks },
  { value: "percent", label: wording.percentOfTheMeat },
  { value: "grams", label: wording.grams },
  { value: "measure", label: wording.spoonsOrCups },
  { value: "pinch", label: wording.pinches },
  { value: "none", label: wording.none },
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
        label={wording.saltIsGivenAs}
        value={given.mode}
        options={MODES}
        onChange={(mode) => set(begin(mode))}
      />
      {given.mode === "percent" && (
        <QuantityField
          label={wording.saltPutOnOfThe}
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
          labels={{ grams: wording.saltAsWeighed, measure: wording.saltLevel }}
          stepG={0.5}
          onGiven={set}
          onValidity={onValidity}
        />
      )}
      {given.mode === "pinch" && (
        <QuantityField
          label={wording.pinchesField}
          unit=""
          value={given.count}
          rule={RANGES.pinches}
          digits={1}
          onChange={(count) => set({ ...given, count })}
          onValidity={onValidity}
          hint={
            <p className="py-1 text-sm text-quiet">
              {wording.aPinchIsGIn(<span className="figure">{given.eachG}</span>)}
            </p>
          }
        />
      )}
    </>
  );
}
