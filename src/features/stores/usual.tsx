"use client";

import type { Usual } from "@/contracts/kitchen";
import type { QuantityRule } from "@/core/quantity/parse";
import { Toggle } from "@/ui/choice";
import { useTold } from "@/ui/measures";
import { QuantityField } from "@/ui/quantity-field";

const COUNT: QuantityRule = { dimension: "none", min: 0, max: 20, whole: true };
const OVENS: QuantityRule = { ...COUNT, max: 6 };
const LITRES: QuantityRule = { dimension: "none", min: 0, max: 5000 };
const OVEN_C: QuantityRule = { dimension: "temperature", min: 40, max: 350 };

const ROWS: { key: keyof Usual["equipment"]; label: string; unit: string; rule: QuantityRule }[] = [
  { key: "fridgeL", label: "Room in the fridge", unit: "L", rule: LITRES },
  { key: "ovens", label: "Ovens", unit: "", rule: OVENS },
  { key: "shelves", label: "Oven shelves, all together", unit: "", rule: COUNT },
  { key: "rings", label: "Rings", unit: "", rule: COUNT },
  { key: "coolers", label: "Coolers", unit: "", rule: COUNT },
  { key: "trays", label: "Trays and racks", unit: "", rule: COUNT },
  { key: "vessels", label: "Pails and tubs", unit: "", rule: COUNT },
  { key: "cooks", label: "Pairs of hands", unit: "", rule: COUNT },
];

/** What stands in this kitchen and when it sleeps: what a new sitting begins with. */
export function UsualKitchen({ usual, onChange }: { usual: Usual; onChange: (usual: Usual) => void }) {
  const told = useTold();
  const quiet = (label: string, key: "from" | "to") => (
    <div className="field-row">
      <label htmlFor={`quiet-${key}`}>{label}</label>
      <input
        id={`quiet-${key}`}
        type="time"
        className="entry font-semibold"
        defaultValue={usual.quiet[key]}
        onBlur={(event) =>
          event.target.value !== "" &&
          event.target.value !== usual.quiet[key] &&
          onChange({ ...usual, quiet: { ...usual.quiet, [key]: event.target.value } })
        }
      />
    </div>
  );
  return (
    <details className="border-b border-line">
      <summary className="flex min-h-11 cursor-pointer items-center font-semibold">
        Ovens, fridge, hands, quiet hours
      </summary>
      <p className="text-sm text-quiet">A new sitting begins with these.</p>
      {ROWS.map(({ key, label, unit, rule }) => (
        <QuantityField
          key={key}
          label={label}
          unit={unit}
          value={usual.equipment[key]}
          rule={rule}
          onChange={(value) => onChange({ ...usual, equipment: { ...usual.equipment, [key]: value } })}
        />
      ))}
      <Toggle
        label="Tables for other programs with 1,5 and semicolons"
        value={usual.decimal === "comma"}
        onChange={(on) => onChange({ ...usual, decimal: on ? "comma" : "point" })}
      />
      <QuantityField
        label="The oven is usually set to"
        unit="°C"
        value={usual.oven.setC}
        rule={OVEN_C}
        onChange={(setC) => onChange({ ...usual, oven: { ...usual.oven, setC } })}
      />
      <Toggle
        label={told("With a fan: counts as 20 °C more")}
        value={usual.oven.fan}
        onChange={(fan) => onChange({ ...usual, oven: { ...usual.oven, fan } })}
      />
      {quiet("Quiet from", "from")}
      {quiet("Quiet until", "to")}
    </details>
  );
}
