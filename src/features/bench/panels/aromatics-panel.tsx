import { Plus, Trash2 } from "lucide-react";
import type { AromaticLine } from "@/core/formula/model";
import { AROMATICS_MAX, RANGES } from "@/core/formula/ranges";
import { findIngredient, INGREDIENTS } from "@/core/materials/lookup";
import { Select, Toggle } from "@/ui/choice";
import { QuantityField } from "@/ui/quantity-field";
import { Group, type PanelProps } from "./panel";

const AROMATIC_GROUPS = ["spice", "aromatic", "aromatic_zest", "fresh_herb", "dried_herb"];
const AROMATICS = INGREDIENTS.filter((i) => AROMATIC_GROUPS.includes(i.group)).map((i) => ({
  value: i.id,
  label: i.name,
}));

const UNIT: Record<AromaticLine["scalesWith"], string> = { bath: "g/L", foodMass: "g/kg", batch: "g" };

/** Aromatics; each carries how it scales. */
export function AromaticsPanel({ value, change, onValidity }: PanelProps) {
  const { aromatics } = value;
  const wet = value.preparation.kind === "wetBrine";
  const set = (next: AromaticLine[]) => change((f) => ({ ...f, aromatics: next }));
  const unused = AROMATICS.filter((a) => !aromatics.some((line) => line.ingredientId === a.value));

  const add = () =>
    set([
      ...aromatics,
      { ingredientId: unused[0].value, amountG: 3, scalesWith: wet ? "bath" : "foodMass", optional: false },
    ]);
  const edit = (index: number, part: Partial<AromaticLine>) =>
    set(aromatics.map((line, i) => (i === index ? { ...line, ...part } : line)));

  return (
    <Group title="Aromatics">
      {aromatics.map((line, index) => {
        const name = findIngredient(line.ingredientId)?.name ?? line.ingredientId;
        return (
          <div key={line.ingredientId} className="mb-2 border-l-4 border-line pl-2">
            <Select
              label="What"
              value={line.ingredientId}
              options={[{ value: line.ingredientId, label: name }, ...unused]}
              onChange={(ingredientId) => edit(index, { ingredientId })}
            />
            <QuantityField
              label={`${name}, amount`}
              unit={UNIT[line.scalesWith]}
              value={line.amountG}
              rule={RANGES.aromaticG}
              digits={2}
              step={0.5}
              onChange={(amountG) => edit(index, { amountG })}
              onValidity={onValidity}
            />
            <Select
              label="Scales with"
              value={line.scalesWith}
              options={[
                ...(wet ? [{ value: "bath" as const, label: "the liquid" }] : []),
                { value: "foodMass" as const, label: "the food" },
                { value: "batch" as const, label: "nothing: fixed" },
              ]}
              onChange={(scalesWith) => edit(index, { scalesWith })}
            />
            <Toggle
              label="Optional"
              value={line.optional}
              onChange={(optional) => edit(index, { optional })}
            />
            <button
              type="button"
              className="btn btn-ghost min-h-11 w-full justify-start px-0 font-normal"
              onClick={() => set(aromatics.filter((_, i) => i !== index))}
            >
              <Trash2 size={18} aria-hidden /> Take out {name}
            </button>
          </div>
        );
      })}
      {aromatics.length < AROMATICS_MAX && unused.length > 0 && (
        <button type="button" className="btn mt-2 min-h-11 w-full font-normal" onClick={add}>
          <Plus size={18} aria-hidden /> Add an aromatic
        </button>
      )}
    </Group>
  );
}
