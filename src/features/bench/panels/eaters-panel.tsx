import { RANGES } from "@/core/quantity/ranges";
import { Toggle } from "@/ui/choice";
import { QuantityField } from "@/ui/quantity-field";
import { Group, type PanelProps } from "./panel";
import * as words from "@/words/bench/panels/eaters-panel";

const NOTES_MAX = 2000;

/** Who eats it, how it is eaten, and what the cook wants to remember. */
export function EatersPanel({ value, change, onValidity }: PanelProps) {
  return (
    <Group title={words.eaters}>
      <QuantityField
        label={words.portions}
        unit=""
        value={value.portions}
        rule={RANGES.portions}
        onChange={(portions) => change((f) => ({ ...f, portions }))}
        onValidity={onValidity}
      />
      {value.pieces.skin && (
        <Toggle
          label={words.skinTakenOffBeforeIt}
          value={value.skinOff ?? false}
          onChange={(on) => change((f) => ({ ...f, skinOff: on || undefined }))}
        />
      )}
      <label className="block">
        <span className="text-quiet">{words.notes}</span>
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
