import { Plus, X } from "lucide-react";
import { PARTS_MAX, RANGES } from "@/core/formula/ranges";
import type { Cook, CookPart } from "@/core/formula/model";
import { QuantityField } from "@/ui/quantity-field";
import type { PanelProps } from "./panel";

const NAMES = ["breast", "legs", "thin end"];

interface Props extends Pick<PanelProps, "onValidity"> {
  cook: Cook;
  thicknessMm: number;
  onChange: (parts: CookPart[] | undefined) => void;
}

/** Parts of one joint that come out by a reading of their own: the breast before the legs. */
export function PartsEditor({ cook, thicknessMm, onChange, onValidity }: Props) {
  const parts = cook.parts ?? [];
  const set = (index: number, part: Partial<CookPart>) =>
    onChange(parts.map((p, i) => (i === index ? { ...p, ...part } : p)));
  const free = NAMES.find((name) => !parts.some((p) => p.name === name)) ?? `part ${parts.length + 1}`;
  return (
    <ul aria-label="Parts">
      {parts.map((part, i) => (
        <li key={i} className="my-2 border-l-4 border-accent pl-3">
          <div className="flex items-end justify-between gap-2">
            <label className="flex-1">
              <span className="text-sm text-quiet">Part {i + 1}</span>
              <input
                className="input min-h-11 w-full"
                maxLength={40}
                value={part.name}
                onChange={(event) => set(i, { name: event.target.value })}
                onBlur={(event) => event.target.value.trim() === "" && set(i, { name: free })}
              />
            </label>
            <button
              type="button"
              className="btn btn-ghost min-h-11 w-11 px-0"
              aria-label={`Leave out part ${i + 1}`}
              onClick={() => onChange(parts.length > 1 ? parts.filter((_, n) => n !== i) : undefined)}
            >
              <X size={18} aria-hidden />
            </button>
          </div>
          <QuantityField
            label="Its core, when done"
            unseen={`, part ${i + 1}`}
            unit="°C"
            value={part.toC}
            rule={RANGES.cookC}
            onChange={(toC) => set(i, { toC })}
            onValidity={onValidity}
          />
          <QuantityField
            label="Its thickest part"
            unseen={`, part ${i + 1}`}
            unit="mm"
            value={part.thicknessMm}
            rule={RANGES.thicknessMm}
            onChange={(mm) => set(i, { thicknessMm: mm })}
            onValidity={onValidity}
          />
        </li>
      ))}
      {parts.length < PARTS_MAX && (
        <li>
          <button
            type="button"
            className="btn min-h-11"
            onClick={() => onChange([...parts, { name: free, toC: cook.toC, thicknessMm }])}
          >
            <Plus size={18} aria-hidden /> A part that comes out by itself
          </button>
        </li>
      )}
    </ul>
  );
}
