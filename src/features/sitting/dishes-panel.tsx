import { shortened } from "@/core/shortened";
import { X } from "lucide-react";
import { useState } from "react";
import { v4 as newId } from "uuid";
import type { SittingBody, SittingDish } from "@/contracts/sitting";
import type { BatchView, FormulaView } from "@/contracts/views";
import { PickRow, pickable } from "@/ui/pick-row";
import { HoursChoice } from "./hours-choice";
import { PlainDishForm } from "./plain-dish-form";
import * as words from "@/words/sitting/dishes-panel";

/** Of a dish, in its sitting. */
const NAME_MOST = 80;

interface Props {
  /** This kitchen's usual oven, as one without a fan, °C. */
  usualC: number;
  body: SittingBody;
  formulas: readonly FormulaView[];
  running: readonly BatchView[];
  onChange: (dishes: SittingDish[]) => void;
  onStart: (dish: Extract<SittingDish, { kind: "formula" }>) => void;
}

/** What comes to the table: formulas to be started, batches that stand already, and what is only cooked. */
export function DishesPanel({ usualC, body, formulas, running, onChange, onStart }: Props) {
  const [plain, setPlain] = useState(false);
  const { dishes } = body;
  const there = new Set(dishes.flatMap((d) => (d.kind === "running" ? [d.batchId] : [])));
  const free = running.filter((b) => !there.has(b.id));
  const addFormula = (id: string) => {
    const formula = formulas.find((f) => f.id === id);
    if (!formula) return;
    const { name, formulation } = formula;
    onChange([
      ...dishes,
      { kind: "formula", id: newId(), name: shortened(name, NAME_MOST), formulaId: id, formulation },
    ]);
  };
  const addBatch = (id: string) => {
    const batch = running.find((b) => b.id === id);
    if (batch)
      onChange([
        ...dishes,
        { kind: "running", id: newId(), name: shortened(batch.name, NAME_MOST), batchId: id },
      ]);
  };
  return (
    <section aria-label={words.dishes}>
      <h2 className="text-xl">{words.dishes}</h2>
      <ul>
        {dishes.map((dish) => (
          <li
            key={dish.id}
            className="flex items-center gap-2 border-b border-line py-1"
            data-dish={dish.name}
          >
            <span className="flex-1">
              <span className="font-semibold">{dish.name}</span>
              <span className="block text-sm text-quiet">{KINDS[dish.kind]}</span>
              {dish.kind === "formula" && (
                <HoursChoice
                  dish={dish}
                  onChange={(hours) =>
                    onChange(
                      dishes.map((d) =>
                        d === dish ? { ...dish, formulation: { ...dish.formulation, hours } } : d,
                      ),
                    )
                  }
                />
              )}
            </span>
            {dish.kind === "formula" && (
              <button type="button" className="btn min-h-11" onClick={() => onStart(dish)}>
                {words.start}
              </button>
            )}
            <button
              type="button"
              className="btn btn-ghost min-h-11 w-11 px-0"
              aria-label={words.takeOut(dish.name)}
              onClick={() => onChange(dishes.filter((d) => d !== dish))}
            >
              <X size={18} aria-hidden />
            </button>
          </li>
        ))}
      </ul>
      {formulas.length > 0 && (
        <PickRow
          label={words.addFromAFormula}
          items={pickable(formulas, words.formulas)}
          placeholder={words.choose}
          onPick={addFormula}
        />
      )}
      {free.length > 0 && (
        <PickRow
          label={words.addWhatIsRunning}
          items={pickable(free, words.underWay)}
          placeholder={words.choose}
          onPick={addBatch}
        />
      )}
      {plain ? (
        <PlainDishForm
          usualC={usualC}
          onAdd={(dish) => {
            onChange([...dishes, { ...dish, id: newId() }]);
            setPlain(false);
          }}
          onClose={() => setPlain(false)}
        />
      ) : (
        <button type="button" className="btn mt-2 min-h-11 w-full" onClick={() => setPlain(true)}>
          {words.addSomethingPlainATray}
        </button>
      )}
    </section>
  );
}

const KINDS: Record<SittingDish["kind"], string> = words.kinds;
