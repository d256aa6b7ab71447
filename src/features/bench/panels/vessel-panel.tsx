import { RANGES } from "@/core/quantity/ranges";
import type { Formulation, Water } from "@/core/formulation";
import { hasBath, isWet } from "@/core/preparations";
import type { Vessel } from "@/core/vessel/vessel";
import { Select, Toggle } from "@/ui/choice";
import { usePantry } from "@/ui/pantry";
import { QuantityField } from "@/ui/quantity-field";
import { MATERIALS, MEASURES } from "@/ui/vessel-made";
import { VESSEL_SHAPES } from "@/ui/vessel-words";
import { Group, type PanelProps } from "./panel";
import * as words from "@/words/bench/panels/vessel-panel";

/** The vessel, and how much water stands in it. */
export function VesselPanel({
  value,
  waterG,
  change,
  onValidity,
  refusalFor,
}: PanelProps & { waterG: number | undefined }) {
  const { vessels } = usePantry();
  const { vessel, water } = value;
  const set = (part: Partial<Vessel>) => change((f) => ({ ...f, vessel: { ...f.vessel, ...part } }));
  const setWater = (next: Water) => change((f: Formulation) => ({ ...f, water: next }));
  const brine = hasBath(value);
  const liquid = isWet(value);
  const shapes = liquid
    ? VESSEL_SHAPES
    : VESSEL_SHAPES.filter((s) => s.value === "box" || s.value === "tray");
  return (
    <Group title={words.vesselAndWater(brine, liquid)}>
      {brine && (
        <>
          <Select
            label={words.water}
            value={water.mode}
            options={[
              { value: "toCover", label: words.toCoverTheFood },
              { value: "chosen", label: words.anAmountIChoose },
            ]}
            onChange={(mode) =>
              setWater(
                mode === "toCover" ? { mode } : { mode, massG: Math.max(50, Math.round(waterG ?? 2000)) },
              )
            }
          />
          {water.mode === "chosen" && (
            <QuantityField
              label={words.waterIceIncluded}
              unit="g"
              value={water.massG}
              rule={RANGES.waterG}
              step={50}
              onChange={(massG) => setWater({ mode: "chosen", massG })}
              onValidity={onValidity}
            />
          )}
        </>
      )}
      {refusalFor("water") && (
        <p role="alert" className="py-1 text-sm text-error">
          {refusalFor("water")}
        </p>
      )}
      {vessels.length > 0 && (
        <Select
          label={words.oneOfOurs}
          value=""
          options={[
            { value: "", label: words.choose },
            ...vessels.map((v) => ({ value: v.id, label: v.name })),
          ]}
          onChange={(id) => {
            const own = vessels.find((v) => v.id === id);
            if (own) set(own.vessel);
          }}
        />
      )}
      <Select
        label={words.vessel(liquid)}
        value={vessel.shape}
        options={shapes.some((s) => s.value === vessel.shape) ? shapes : VESSEL_SHAPES}
        onChange={(shape) => set({ shape })}
      />
      {(["lengthMm", "widthMm", "heightMm"] as const).map((field) => {
        const label = MEASURES[vessel.shape][field];
        return (
          label && (
            <QuantityField
              key={field}
              label={label}
              unit="mm"
              value={vessel[field]}
              rule={RANGES.vesselMm}
              step={5}
              onChange={(mm) => set({ [field]: mm })}
              onValidity={onValidity}
            />
          )
        );
      })}
      <Select
        label={words.madeOf}
        value={vessel.material}
        options={MATERIALS}
        onChange={(material) => set({ material })}
      />
      {brine && (
        <Toggle label={words.plateHoldsItUnder} value={vessel.plate} onChange={(plate) => set({ plate })} />
      )}
    </Group>
  );
}
