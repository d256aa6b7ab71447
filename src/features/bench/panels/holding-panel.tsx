import { standingIn } from "@/core/formula/offer/offered";
import { RANGES } from "@/core/quantity/ranges";
import type { Holding } from "@/core/formulation";
import { described, hasBath } from "@/core/preparations";
import { Select, Toggle } from "@/ui/choice";
import { QuantityField } from "@/ui/quantity-field";
import { Group, type PanelProps } from "./panel";

/** A strong brine's usual stand in fresh water, min. *Practice*. */
const RINSE_MIN = 15;

/** Where and how cold it stands. */
export function HoldingPanel({ value, change, onValidity }: PanelProps) {
  const { holding } = value;
  const { brined, rinses } = described(value.preparation);
  const set = (part: Partial<Holding>) => change((f) => ({ ...f, holding: { ...f.holding, ...part } }));
  return (
    <Group title="Where it stands" shown>
      <Select
        label="Stands in"
        value={holding.place}
        options={[
          { value: "fridge", label: "the fridge" },
          { value: "cooler", label: "a cooler with ice" },
          { value: "counter", label: "the room" },
        ]}
        onChange={(place) => change((f) => ({ ...f, holding: standingIn(f.holding, place) }))}
      />
      <QuantityField
        label="Held at"
        unit="°C"
        value={holding.temperatureC}
        rule={RANGES.temperatureC}
        digits={1}
        onChange={(temperatureC) => set({ temperatureC })}
        onValidity={onValidity}
      />
      {brined && (
        <QuantityField
          label="Brine, when food goes in"
          unit="°C"
          value={holding.brineStartC}
          rule={RANGES.brineStartC}
          digits={1}
          onChange={(brineStartC) => set({ brineStartC })}
          onValidity={onValidity}
        />
      )}
      <Select
        label="Before the soak"
        value={holding.before}
        options={[
          { value: "patDry", label: "pat dry" },
          { value: "rinse", label: "rinse" },
        ]}
        onChange={(before) => set({ before })}
      />
      {hasBath(value) && (
        <Toggle
          label="Stirred or turned"
          value={!holding.still}
          onChange={(stirred) => set({ still: stirred ? undefined : true })}
        />
      )}
      {rinses !== "no" && (
        <>
          <Select
            label="Once it is out"
            value={value.rinse ? "rinse" : "dry"}
            options={[
              { value: "dry", label: "pat dry only" },
              { value: "rinse", label: "into fresh water" },
            ]}
            onChange={(then) =>
              change((f) => ({ ...f, rinse: then === "rinse" ? { minutes: RINSE_MIN } : undefined }))
            }
          />
          {value.rinse && (
            <QuantityField
              label="In fresh water"
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
      <Toggle label="Covered" value={holding.covered} onChange={(covered) => set({ covered })} />
    </Group>
  );
}
