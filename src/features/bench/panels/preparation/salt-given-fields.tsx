import type { SaltGiven } from "@/core/formula/model";
import { RANGES } from "@/core/formula/ranges";
import { VOLUME_ML } from "@/core/quantity/units";
import { spoonMeasure, type MeasureSystem } from "@/core/quantity/spoons";
import { Select } from "@/ui/choice";
import { usePantry } from "@/ui/pantry";
import { QuantityField } from "@/ui/quantity-field";
import type { PanelProps } from "../panel";

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
        return { mode, massG: Number(nowG.toFixed(1)) };
      case "measure":
        return { mode, volumeMl: nearestMeasureMl(nowG, chosen?.densityGPerMl ?? 1.2, measures) };
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
      {given.mode === "grams" && (
        <QuantityField
          label="Salt, as weighed"
          unit="g"
          value={given.massG}
          rule={{ ...RANGES.givenG, words, volumeDensityGPerMl: chosen?.densityGPerMl }}
          digits={2}
          step={0.5}
          onChange={(massG) => set({ mode: "grams", massG })}
          onValidity={onValidity}
        />
      )}
      {given.mode === "measure" && (
        <QuantityField
          label="Salt, level"
          unit="tsp"
          value={given.volumeMl / tspMl(measures)}
          rule={RANGES.givenMl}
          bareFactor={tspMl(measures)}
          digits={3}
          step={0.25}
          onChange={(volumeMl) => set({ mode: "measure", volumeMl })}
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

const tspMl = (measures: MeasureSystem): number =>
  measures === "us" ? VOLUME_ML.us_tsp : VOLUME_ML.metric_tsp;

/** What the drawer's spoons hold nearest to an amount, mL. */
const nearestMeasureMl = (massG: number, densityGPerMl: number, measures: MeasureSystem): number =>
  spoonMeasure(massG, densityGPerMl, measures)?.volumeMl ?? tspMl(measures);
