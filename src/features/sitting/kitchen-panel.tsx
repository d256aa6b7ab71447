import { X } from "lucide-react";
import type { SittingBody } from "@/contracts/sitting";
import type { QuantityRule } from "@/core/quantity/parse";
import { QuantityField } from "@/ui/quantity-field";
import { WhenField } from "@/ui/when-field";
import { Toggle } from "@/ui/choice";
import { useEffect, useRef, useState } from "react";
import { useUnits } from "@/ui/measures";
import * as words from "@/words/sitting/kitchen-panel";

interface Props {
  body: SittingBody;
  timeZone: string;
  open: boolean;
  onOpen: (open: boolean) => void;
  onChange: (part: Partial<SittingBody>) => void;
}

const COUNT: QuantityRule = { dimension: "none", min: 0, max: 20 };
const LITRES: QuantityRule = { dimension: "none", min: 0, max: 5000 };

const HAS = [
  { key: "fridgeL", label: words.fridgeFreeForThis, unit: "l", rule: LITRES, step: 10 },
  { key: "ovens", label: words.ovens, unit: "", rule: { ...COUNT, max: 6 }, step: 1 },
  { key: "shelves", label: words.shelvesInEach, unit: "", rule: COUNT, step: 1 },
  { key: "rings", label: words.ringsOnTheHob, unit: "", rule: COUNT, step: 1 },
  { key: "coolers", label: words.coolers, unit: "", rule: COUNT, step: 1 },
  { key: "trays", label: words.traysAndRacks, unit: "", rule: COUNT, step: 1 },
  { key: "vessels", label: words.pailsAndDishes, unit: "", rule: COUNT, step: 1 },
  { key: "cooks", label: words.pairsOfHands, unit: "", rule: COUNT, step: 1 },
] as const;

const HOUR_MS = 3_600_000;

/** What the kitchen has, when nobody stirs, and when nobody is there. */
export function KitchenPanel({ body, timeZone, open, onOpen, onChange }: Props) {
  const units = useUnits();
  const { kitchen, quiet, absences } = body;
  const panel = useRef<HTMLDetailsElement>(null);
  useEffect(() => {
    // Opened from the sentence it may lie below the fold.
    if (open) panel.current?.scrollIntoView({ block: "nearest" });
  }, [open]);
  return (
    <details ref={panel} className="mt-4" open={open} onToggle={(event) => onOpen(event.currentTarget.open)}>
      <summary className="min-h-11 cursor-pointer font-display text-xl font-bold">
        {words.kitchenAndHours}
      </summary>
      {HAS.map(({ key, label, unit, rule, step }) => (
        <QuantityField
          key={key}
          label={label}
          unit={unit}
          value={kitchen[key]}
          rule={rule}
          step={step}
          onChange={(n) =>
            onChange({ kitchen: { ...kitchen, [key]: key === "fridgeL" ? n : Math.round(n) } })
          }
        />
      ))}
      {(["from", "to"] as const).map((edge) => (
        <div key={edge} className="field-row">
          <label htmlFor={`quiet-${edge}`}>{words.nobodyStirsFrom(edge)}</label>
          <input
            id={`quiet-${edge}`}
            type="time"
            className="entry figure"
            value={quiet[edge]}
            onChange={(event) =>
              event.target.value && onChange({ quiet: { ...quiet, [edge]: event.target.value } })
            }
          />
        </div>
      ))}
      <Toggle
        label={words.somebodyGetsUpAtNight}
        value={body.getsUp}
        onChange={(getsUp) => onChange({ getsUp })}
      />
      <h3 className="mt-2 text-lg">{words.nobodyInTheKitchen}</h3>
      <ul>
        {absences.map((absence, i) => (
          <li key={i} className="flex items-center justify-between gap-2 border-b border-dotted border-line">
            <span className="figure text-sm">
              {units.date(absence.fromMs, timeZone)} – {units.date(absence.toMs, timeZone)}
            </span>
            <button
              type="button"
              className="btn btn-ghost min-h-11 w-11 px-0"
              aria-label={words.removeTheAbsenceOf(units.date(absence.fromMs, timeZone))}
              onClick={() => onChange({ absences: absences.filter((a) => a !== absence) })}
            >
              <X size={18} aria-hidden />
            </button>
          </li>
        ))}
      </ul>
      <NewAbsence
        offeredMs={body.tableMs - 8 * HOUR_MS}
        timeZone={timeZone}
        onAdd={(absence) => onChange({ absences: [...absences, absence] })}
      />
    </details>
  );
}

function NewAbsence(props: {
  offeredMs: number;
  timeZone: string;
  onAdd: (absence: SittingBody["absences"][number]) => void;
}) {
  const { offeredMs, timeZone, onAdd } = props;
  const [fromMs, setFromMs] = useState(offeredMs);
  const [toMs, setToMs] = useState(offeredMs + 2 * HOUR_MS);
  const good = toMs > fromMs;
  return (
    <div className="flex flex-col gap-2">
      <WhenField label={words.awayFrom} atMs={fromMs} timeZone={timeZone} onChange={setFromMs} />
      <WhenField label={words.backAt} atMs={toMs} timeZone={timeZone} onChange={setToMs} />
      <button
        type="button"
        className="btn min-h-11"
        disabled={!good}
        onClick={() => good && onAdd({ fromMs, toMs })}
      >
        {words.add}
      </button>
      {!good && <p className="text-sm text-error">{words.theTimeBackMustBe}</p>}
    </div>
  );
}
