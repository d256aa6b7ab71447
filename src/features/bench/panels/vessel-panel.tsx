import type { Formulation, Water } from "@/core/formula/model";
import { RANGES } from "@/core/formula/ranges";
import type { Vessel, VesselMaterial } from "@/core/vessel/vessel";
import { Select, Toggle } from "@/ui/choice";
import { QuantityField } from "@/ui/quantity-field";
import { Group, type PanelProps } from "./panel";

const MATERIALS: { value: VesselMaterial; label: string }[] = [
  { value: "food_plastic", label: "food-grade plastic" },
  { value: "stainless", label: "stainless steel" },
  { value: "glass", label: "glass" },
  { value: "glazed_ceramic", label: "glazed ceramic" },
  { value: "enamelled", label: "enamelled, unchipped" },
  { value: "aluminium", label: "aluminium" },
  { value: "bare_iron", label: "bare iron" },
  { value: "copper", label: "copper" },
  { value: "unknown_plastic", label: "plastic, not marked for food" },
];

/** The vessel, and how much water stands in it. */
export function VesselPanel({
  value,
  waterG,
  change,
  onValidity,
  refusalFor,
}: PanelProps & { waterG: number | undefined }) {
  const { vessel, water } = value;
  const set = (part: Partial<Vessel>) => change((f) => ({ ...f, vessel: { ...f.vessel, ...part } }));
  const setWater = (next: Water) => change((f: Formulation) => ({ ...f, water: next }));
  const wet = value.preparation.kind === "wetBrine";
  const length = (label: string, field: "lengthMm" | "widthMm" | "heightMm") => (
    <QuantityField
      label={label}
      unit="mm"
      value={vessel[field]}
      rule={RANGES.vesselMm}
      step={5}
      onChange={(mm) => set({ [field]: mm })}
      onValidity={onValidity}
    />
  );
  return (
    <Group title={wet ? "Vessel and water" : "Tray"}>
      {wet && (
        <>
          <Select
            label="Water"
            value={water.mode}
            options={[
              { value: "toCover", label: "to cover the food" },
              { value: "chosen", label: "an amount I choose" },
            ]}
            onChange={(mode) =>
              setWater(
                mode === "toCover" ? { mode } : { mode, massG: Math.max(50, Math.round(waterG ?? 2000)) },
              )
            }
          />
          {refusalFor("water") && (
            <p role="alert" className="py-1 text-sm text-error">
              {refusalFor("water")}
            </p>
          )}
          {water.mode === "chosen" && (
            <QuantityField
              label="Water, ice included"
              unit="g"
              value={water.massG}
              rule={RANGES.waterG}
              step={50}
              onChange={(massG) => setWater({ mode: "chosen", massG })}
              onValidity={onValidity}
            />
          )}
          <Select
            label="Vessel"
            value={vessel.shape}
            options={[
              { value: "cylinder", label: "round" },
              { value: "box", label: "box" },
            ]}
            onChange={(shape) => set({ shape })}
          />
          {length(vessel.shape === "cylinder" ? "Inside width" : "Inside length", "lengthMm")}
          {vessel.shape === "box" && length("Inside width", "widthMm")}
          {length("Inside height", "heightMm")}
        </>
      )}
      <Select
        label="Made of"
        value={vessel.material}
        options={MATERIALS}
        onChange={(material) => set({ material })}
      />
      {wet && (
        <Toggle label="Plate holds it under" value={vessel.plate} onChange={(plate) => set({ plate })} />
      )}
    </Group>
  );
}
