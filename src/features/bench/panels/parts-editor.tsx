import { Plus, X } from "lucide-react";
import { USUAL_OVEN_C } from "@/core/formula/cook/cook";
import { PARTS_MAX, RANGES } from "@/core/quantity/ranges";
import type { Cook, CookPart } from "@/core/formulation";
import type { Food } from "@/core/materials/types";
import { Toggle } from "@/ui/choice";
import { QuantityField } from "@/ui/quantity-field";
import type { PanelProps } from "./panel";
import { StagesEditor } from "./stages-editor";
import * as words from "@/words/bench/panels/parts-editor";

interface Props extends Pick<PanelProps, "onValidity"> {
  cook: Cook;
  food: Food | undefined;
  thicknessMm: number;
  onChange: (part: Pick<Cook, "parts" | "apart">) => void;
}

/**
 * Usual parts of a bird: share of its weight, thickness beside the whole's, where each ends, °C. *Practice*, estimates; the
 * rest is carcass and trimmings.
 */
const BIRD_PARTS = [
  { name: words.breast, share: 0.33, thick: 1, toC: 74 },
  { name: words.legQuarters, share: 0.32, thick: 0.9, toC: 85 },
  { name: words.wings, share: 0.12, thick: 0.5, toC: 85 },
] as const;
const JOINT_PARTS = [
  { name: words.thickEnd, share: 0.6, thick: 1, toC: undefined },
  { name: words.thinEnd, share: 0.4, thick: 0.6, toC: undefined },
] as const;

/** Parts of one joint: done by a reading of their own on the joint, or taken apart onto trays of their own. Never assumed. */
export function PartsEditor({ cook, food, thicknessMm, onChange, onValidity }: Props) {
  const parts = cook.parts ?? [];
  const usual = food?.kingdom === "bird" ? BIRD_PARTS : JOINT_PARTS;
  const put = (next: CookPart[]) =>
    onChange(next.length > 0 ? { parts: next, apart: cook.apart } : { parts: undefined, apart: undefined });
  const set = (index: number, part: Partial<CookPart>) =>
    put(parts.map((p, i) => (i === index ? { ...p, ...part } : p)));
  const next = usual.find(({ name }) => !parts.some((p) => p.name === name));
  const free = next?.name ?? words.partNumber(parts.length + 1);
  const left = 1 - parts.reduce((sum, p) => sum + (p.share ?? 0), 0);
  const added = (): CookPart => ({
    name: free,
    toC: next?.toC ?? cook.toC,
    thicknessMm: Math.round(thicknessMm * (next?.thick ?? 1)),
    ...(cook.apart && { share: Math.max(0.01, Math.min(left, next?.share ?? left)) }),
  });
  return (
    <section aria-label={words.parts}>
      {parts.length > 0 && (
        <Toggle
          label={words.takenApartATrayEach}
          value={cook.apart ?? false}
          onChange={(apart) =>
            onChange({
              apart: apart || undefined,
              parts: parts.map((p, i) =>
                apart ? { ...p, share: p.share ?? usual[i]?.share ?? 0.2 } : { ...p, stages: undefined },
              ),
            })
          }
        />
      )}
      <ul>
        {parts.map((part, i) => (
          <li key={i} className="my-2 border-l-4 border-accent pl-3">
            <div className="flex items-end justify-between gap-2">
              <label className="flex-1">
                <span className="text-sm text-quiet">{words.part(i + 1)}</span>
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
                aria-label={words.leaveOutPart(i + 1)}
                onClick={() => put(parts.filter((_, n) => n !== i))}
              >
                <X size={18} aria-hidden />
              </button>
            </div>
            <QuantityField
              label={words.itsCoreShallEndAt}
              unseen={words.partOfAmount(i + 1)}
              unit="°C"
              value={part.toC}
              rule={RANGES.cookC}
              onChange={(toC) => set(i, { toC })}
              onValidity={onValidity}
            />
            <QuantityField
              label={words.itsThickestPart}
              unseen={words.partOfAmount(i + 1)}
              unit="mm"
              value={part.thicknessMm}
              rule={RANGES.thicknessMm}
              onChange={(mm) => set(i, { thicknessMm: mm })}
              onValidity={onValidity}
            />
            {cook.apart && (
              <>
                <QuantityField
                  label={words.shareOfTheWeight}
                  unseen={words.partOfAmount(i + 1)}
                  unit="%"
                  value={(part.share ?? 0.2) * 100}
                  rule={{
                    ...RANGES.sharePercent,
                    max: Math.max(1, Math.floor((left + (part.share ?? 0)) * 100)),
                  }}
                  onChange={(percent) => set(i, { share: percent / 100 })}
                  onValidity={onValidity}
                />
                {part.stages ? (
                  <StagesEditor
                    stages={part.stages}
                    of={part.name}
                    onChange={(stages) => set(i, { stages })}
                    onValidity={onValidity}
                  />
                ) : (
                  <button
                    type="button"
                    className="btn min-h-11"
                    onClick={() =>
                      set(i, { stages: [{ ovenC: cook.ovenC ?? USUAL_OVEN_C, minutes: 60, cover: "open" }] })
                    }
                  >
                    {words.stagesOfItsOwn}
                  </button>
                )}
              </>
            )}
          </li>
        ))}
      </ul>
      {cook.apart && left > 0.005 && (
        <p className="text-sm text-quiet">
          {words.isCarcassAndTrimmingsTo(<span className="figure">{Math.round(left * 100)}</span>)}
        </p>
      )}
      {parts.length < PARTS_MAX && (
        <button type="button" className="btn min-h-11" onClick={() => put([...parts, added()])}>
          <Plus size={18} aria-hidden /> {words.aPartOfItsOwn(free)}
        </button>
      )}
    </section>
  );
}
