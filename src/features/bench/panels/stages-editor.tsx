import { Plus, X } from "lucide-react";
import { RANGES, STAGES_MAX } from "@/core/quantity/ranges";
import type { CookStage, Cover } from "@/core/formulation";
import { Select, Toggle } from "@/ui/choice";
import { QuantityField } from "@/ui/quantity-field";
import type { PanelProps } from "./panel";
import * as words from "@/words/bench/panels/stages-editor";

const COVERS: { value: Cover; label: string }[] = [
  { value: "open", label: words.open },
  { value: "lid", label: words.underALid },
  { value: "foil", label: words.underFoil },
  { value: "pouch", label: words.inAPouch },
];

const PLACES: { value: NonNullable<CookStage["on"]>; label: string }[] = [
  { value: "oven", label: words.inTheOven },
  { value: "pan", label: words.inAHotPan },
  { value: "flame", label: words.overAFlame },
];

const ACTIONS: { value: NonNullable<CookStage["action"]> | "none"; label: string }[] = [
  { value: "none", label: words.nothing },
  { value: "baste", label: words.baste },
  { value: "turn", label: words.turn },
  { value: "tent", label: words.tentWithFoil },
];

const BASTE_EVERY_MIN = 30;

interface Props extends Pick<PanelProps, "onValidity"> {
  stages: readonly CookStage[];
  /** Whose they are, where not the whole's. */
  of?: string;
  onChange: (stages: CookStage[]) => void;
}

/** Each stretch of the cook: how hot, how long, covered how, and what is done in it. */
export function StagesEditor({ stages, of, onChange, onValidity }: Props) {
  const set = (index: number, part: Partial<CookStage>) =>
    onChange(stages.map((stage, i) => (i === index ? { ...stage, ...part } : stage)));
  const last = stages.at(-1);
  return (
    <ol aria-label={words.stagesOfThe(of)}>
      {stages.map((stage, i) => (
        <li key={i} className="my-2 border-l-4 border-accent pl-3">
          <p className="flex items-center justify-between">
            <strong>{words.stage(i + 1)}</strong>
            {stages.length > 1 && (
              <button
                type="button"
                className="btn btn-ghost min-h-11 w-11 px-0"
                aria-label={words.leaveOutStage(i + 1)}
                onClick={() => onChange(stages.filter((_, n) => n !== i))}
              >
                <X size={18} aria-hidden />
              </button>
            )}
          </p>
          <Select
            label={words.whereStage(i + 1)}
            value={stage.on ?? "oven"}
            options={PLACES}
            onChange={(on) =>
              set(
                i,
                on === "oven"
                  ? { on: undefined, perPan: undefined }
                  : { on, cover: "open", action: undefined },
              )
            }
          />
          <QuantityField
            label={words.heat}
            unseen={words.ofStage(i + 1)}
            unit="°C"
            value={stage.ovenC}
            rule={RANGES.ovenC}
            step={5}
            onChange={(ovenC) => set(i, { ovenC })}
            onValidity={onValidity}
          />
          <QuantityField
            label={words.minutesField}
            unseen={words.stageOfAmount(i + 1)}
            unit="min"
            value={stage.minutes}
            rule={RANGES.cookMin}
            step={5}
            onChange={(minutes) => set(i, { minutes })}
            onValidity={onValidity}
          />
          {stage.on === "pan" && (
            <>
              <QuantityField
                label={words.toAPanful}
                unseen={words.afterStage(i + 1)}
                unit=""
                value={stage.perPan ?? 4}
                rule={RANGES.perPan}
                onChange={(perPan) => set(i, { perPan })}
                onValidity={onValidity}
              />
              <Toggle
                label={words.skinDownFirst}
                value={stage.skinDown ?? false}
                onChange={(skinDown) => set(i, { skinDown: skinDown || undefined })}
              />
            </>
          )}
          {(stage.on ?? "oven") === "oven" && (
            <>
              <Select
                label={words.covered}
                value={stage.cover}
                options={COVERS}
                onChange={(cover) => set(i, { cover })}
              />
              <Select
                label={words.inIt}
                value={stage.action ?? "none"}
                options={ACTIONS}
                onChange={(action) =>
                  set(i, {
                    action: action === "none" ? undefined : action,
                    everyMin: action === "baste" ? BASTE_EVERY_MIN : undefined,
                  })
                }
              />
            </>
          )}
          {(stage.action === "baste" || stage.everyMin !== undefined) && (
            <QuantityField
              label={words.every}
              unseen={words.inStage(i + 1)}
              unit="min"
              value={stage.everyMin ?? BASTE_EVERY_MIN}
              rule={RANGES.bakeMin}
              step={5}
              onChange={(everyMin) => set(i, { everyMin })}
              onValidity={onValidity}
            />
          )}
        </li>
      ))}
      {last && stages.length < STAGES_MAX && (
        <li>
          <button
            type="button"
            className="btn min-h-11"
            onClick={() => onChange([...stages, { ...last, action: undefined }])}
          >
            <Plus size={18} aria-hidden /> {words.oneMoreStage}
          </button>
        </li>
      )}
    </ol>
  );
}
