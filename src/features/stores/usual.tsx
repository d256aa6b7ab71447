"use client";

import type { Usual } from "@/contracts/kitchen";
import type { QuantityRule } from "@/core/quantity/parse";
import { Toggle } from "@/ui/choice";
import { useTold } from "@/ui/measures";
import { QuantityField } from "@/ui/quantity-field";
import * as words from "@/words/stores/usual";

const COUNT: QuantityRule = { dimension: "none", min: 0, max: 20, whole: true };
const OVENS: QuantityRule = { ...COUNT, max: 6 };
const LITRES: QuantityRule = { dimension: "none", min: 0, max: 5000 };
const OVEN_C: QuantityRule = { dimension: "temperature", min: 40, max: 350 };

const ROWS: { key: keyof Usual["equipment"]; label: string; unit: string; rule: QuantityRule }[] = [
  { key: "fridgeL", label: words.roomInTheFridge, unit: "L", rule: LITRES },
  { key: "ovens", label: words.ovens, unit: "", rule: OVENS },
  { key: "shelves", label: words.ovenShelvesAllTogether, unit: "", rule: COUNT },
  { key: "rings", label: words.rings, unit: "", rule: COUNT },
  { key: "coolers", label: words.coolers, unit: "", rule: COUNT },
  { key: "trays", label: words.traysAndRacks, unit: "", rule: COUNT },
  { key: "vessels", label: words.pailsAndTubs, unit: "", rule: COUNT },
  { key: "cooks", label: words.pairsOfHands, unit: "", rule: COUNT },
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
        {words.ovensFridgeHandsQuietHours}
      </summary>
      <p className="text-sm text-quiet">{words.aNewSittingBeginsWith}</p>
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
        label={words.tablesForOtherProgramsWith}
        value={usual.decimal === "comma"}
        onChange={(on) => onChange({ ...usual, decimal: on ? "comma" : "point" })}
      />
      <QuantityField
        label={words.theOvenIsUsuallySet}
        unit="°C"
        value={usual.oven.setC}
        rule={OVEN_C}
        onChange={(setC) => onChange({ ...usual, oven: { ...usual.oven, setC } })}
      />
      <Toggle
        label={told(words.withAFanCountsAs)}
        value={usual.oven.fan}
        onChange={(fan) => onChange({ ...usual, oven: { ...usual.oven, fan } })}
      />
      {quiet(words.quietFrom, "from")}
      {quiet(words.quietUntil, "to")}
    </details>
  );
}
