import { standingIn } from "@/core/formula/offer/offered";
import { RANGES } from "@/core/quantity/ranges";
import type { Holding } from "@/core/formulation";
import { described, hasBath } from "@/core/preparations";
import { Select, Toggle } from "@/ui/choice";
import { QuantityField } from "@/ui/quantity-field";
import { Group, type PanelProps } from "./panel";
import * as words from "@/words/bench/panels/holding-panel";

/** A strong brine's usual stand in fresh water, min. *Practice*. */
const RINSE_MIN = 15;

/** Where and how cold it stands. */
export function HoldingPanel({ value, change, onValidity }: PanelProps) {
  const { holding } = value;
  const { brined, rinses } = described(value.preparation);
  const set = (part: Partial<Holding>) => change((f) => ({ ...f, holding: { ...f.holding, ...part } }));
  return (
    <Group title={words.whereItStands} shown>
      <Select
        label={words.standsIn}
        value={holding.place}
        options={[
          { value: "fridge", label: words.theFridge },
          { value: "cooler", label: words.aCoolerWithIce },
          { value: "counter", label: words.theRoom },
        ]}
        onChange={(place) => change((f) => ({ ...f, holding: standingIn(f.holding, place) }))}
      />
      <QuantityField
        label={words.heldAt}
        unit="°C"
        value={holding.temperatureC}
        rule={RANGES.temperatureC}
        digits={1}
        onChange={(temperatureC) => set({ temperatureC })}
        onValidity={onValidity}
      />
      {brined && (
        <QuantityField
          label={words.brineWhenFoodGoesIn}
          unit="°C"
          value={holding.brineStartC}
          rule={RANGES.brineStartC}
          digits={1}
          onChange={(brineStartC) => set({ brineStartC })}
          onValidity={onValidity}
        />
      )}
      <Select
        label={words.beforeTheSoak}
        value={holding.before}
        options={[
          { value: "patDry", label: words.patDry },
          { value: "rinse", label: words.rinse },
        ]}
        onChange={(before) => set({ before })}
      />
      {hasBath(value) && (
        <Toggle
          label={words.stirredOrTurned}
          value={!holding.still}
          onChange={(stirred) => set({ still: stirred ? undefined : true })}
        />
      )}
      {rinses !== "no" && (
        <>
          <Select
            label={words.onceItIsOut}
            value={value.rinse ? "rinse" : "dry"}
            options={[
              { value: "dry", label: words.patDryOnly },
              { value: "rinse", label: words.intoFreshWater },
            ]}
            onChange={(then) =>
              change((f) => ({ ...f, rinse: then === "rinse" ? { minutes: RINSE_MIN } : undefined }))
            }
          />
          {value.rinse && (
            <QuantityField
              label={words.inFreshWater}
              unit="min"
              value={value.rinse.minutes}
              rule={RANGES.rinseMin}
              step={5}
              onChange={(minutes) => change((f) => ({ ...f, rinse: { minutes } }))}
              onValidity={onValidity}
            />
          )}
        </>
      )}
      <Toggle label={words.covered} value={holding.covered} onChange={(covered) => set({ covered })} />
    </Group>
  );
}
