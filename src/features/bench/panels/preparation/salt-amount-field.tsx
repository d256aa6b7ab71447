import { RANGES } from "@/core/quantity/ranges";
import type { SaltGiven } from "@/core/formulation";
import { spoonMeasure, type MeasureSystem } from "@/core/quantity/spoons";
import { VOLUME_ML } from "@/core/quantity/units";
import { usePantry } from "@/ui/pantry";
import { QuantityField } from "@/ui/quantity-field";
import type { PanelProps } from "../panel";

/** Salt as it is weighed, or measured level. */
export type SaltAmount = Extract<SaltGiven, { mode: "grams" | "measure" }>;

/** Of a salt that is not chosen yet: fine salt, about. */
export const USUAL_G_PER_ML = 1.2;

/** What it is measured with: a brine by the spoon, a crust by the cup. */
type Measure = "tsp" | "cup";

const measureMl = (measure: Measure, system: MeasureSystem): number =>
  VOLUME_ML[`${system === "us" ? "us" : "metric"}_${measure}`];

/** As many grams, given another way: to the tenth of a gram, or what the drawer's spoons hold nearest to them. */
export function sameSalt(
  mode: SaltAmount["mode"],
  massG: number,
  { densityGPerMl, system, measure }: { densityGPerMl: number; system: MeasureSystem; measure: Measure },
): SaltAmount {
  if (mode === "grams") return { mode, massG: Number(massG.toFixed(1)) };
  const oneMl = measureMl(measure, system);
  const volumeMl =
    measure === "cup"
      ? Math.max(1, Math.round((4 * massG) / densityGPerMl / oneMl)) * (oneMl / 4)
      : (spoonMeasure(massG, densityGPerMl, system)?.volumeMl ?? oneMl);
  return { mode, volumeMl };
}

interface Props extends Pick<PanelProps, "value" | "onValidity"> {
  given: SaltAmount;
  measure: Measure;
  labels: Record<SaltAmount["mode"], string>;
  /** What a nudge moves, g. */
  stepG: number;
  onGiven: (given: SaltAmount) => void;
}

/** The figure itself. */
export function SaltAmountField({ value, given, measure, labels, stepG, onGiven, onValidity }: Props) {
  const { salt, words, measures } = usePantry();
  const oneMl = measureMl(measure, measures);
  return given.mode === "grams" ? (
    <QuantityField
      key="grams"
      label={labels.grams}
      unit="g"
      value={given.massG}
      rule={{ ...RANGES.givenG, words, volumeDensityGPerMl: salt(value.saltId)?.densityGPerMl }}
      digits={2}
      step={stepG}
      onChange={(massG) => onGiven({ mode: "grams", massG })}
      onValidity={onValidity}
    />
  ) : (
    <QuantityField
      key="measure"
      label={labels.measure}
      unit={measure}
      value={given.volumeMl / oneMl}
      rule={RANGES.givenMl}
      bareFactor={oneMl}
      digits={3}
      step={0.25}
      onChange={(volumeMl) => onGiven({ mode: "measure", volumeMl })}
      onValidity={onValidity}
    />
  );
}
