import { RANGES } from "@/core/quantity/ranges";
import { Toggle } from "@/ui/choice";
import { QuantityField } from "@/ui/quantity-field";
import { Group, type PanelProps } from "./panel";

const NOTES_MAX = 2000;

/** Who eats it, how it is eaten, and what the cook wants to remember. */
export function EatersPanel({ value, change, onValidity }: PanelProps) {
  return (
    <Group title="Eaters">
      <QuantityField
        label="Portions"
        unit=""
        value={value.portions}
        rule={RANGES.portions}
        onChange={(portions) => change((f) => ({ ...f, portions }))}
        onValidity={onValidity}
      />
      {value.pieces.skin && (
        <Toggle
          label="Skin taken off before it is eaten"
          value={value.skinOff ?? false}
          onChange={(on) => change((f) => ({ ...f, skinOff: on || undefined }))}
        />
      )}
      <label className="block">
        <span className="text-quiet">Notes</span>
        <textarea
          className="textarea mt-1 w-full"
          rows={3}
          maxLength={NOTES_MAX}
          value={value.notes}
          onChange={(event) => change((f) => ({ ...f, notes: event.target.value }))}
        />
      </label>
    </Group>
  );
}
