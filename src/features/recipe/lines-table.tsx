import { Check, Pencil } from "lucide-react";
import { useState } from "react";
import { RANGES } from "@/core/quantity/ranges";
import type { LineGrams } from "@/core/recipe/grams";
import type { Mended } from "@/core/recipe/by-hand";
import type { LooseRecipe } from "@/core/recipe/loose";
import { percent } from "@/ui/format";
import { QuantityField } from "@/ui/quantity-field";
import { HOW_LOOK, HOW_WORD } from "./how-words";
import { LineWords } from "./line-words";
import { ThingPicker } from "./thing-picker";
import type { ConfirmedLine, LineChoice } from "./use-confirming";
import * as words from "@/words/recipe/lines-table";

interface Props {
  lines: ConfirmedLine[];
  foodG: number;
  recipe: LooseRecipe;
  change: (index: number, edit: Partial<LineChoice>) => void;
  onMend: (mended: Mended) => void;
}

const BY: Record<LineGrams["by"], string> = words.by;

/** Every line as written, as what it was understood, and what it comes to; the cook says yes to each. */
export function LinesTable({ lines, foodG, recipe, change, onMend }: Props) {
  return (
    <section aria-label={words.linesOfTheRecipe}>
      <h2 className="text-2xl">{words.lineByLine}</h2>
      <ul className="mt-1 border-t-2 border-base-content">
        {lines.map((l) => (
          <LineItem
            key={`${l.line.index}-${l.line.text}`}
            item={l}
            foodG={foodG}
            recipe={recipe}
            change={(edit) => change(l.line.index, edit)}
            onMend={onMend}
          />
        ))}
      </ul>
    </section>
  );
}

function LineItem(props: {
  item: ConfirmedLine;
  foodG: number;
  recipe: LooseRecipe;
  change: (edit: Partial<LineChoice>) => void;
  onMend: (mended: Mended) => void;
}) {
  const { item, foodG, change } = props;
  const [mending, setMending] = useState(false);
  const { line, choice, grams, isFood, chosen } = item;
  const by = choice.grams === undefined ? line.grams?.by : undefined;
  const usable = isFood || choice.out || (chosen !== undefined && grams !== undefined);
  return (
    <li
      id={`line-${line.index}`}
      className={`grid scroll-mt-4 grid-cols-[3.5rem_minmax(0,1fr)_3rem] items-center gap-x-4 border-b border-line px-3 py-2 sm:grid-cols-[3.5rem_minmax(0,1fr)_minmax(0,1.15fr)_11.5rem_3rem] ${choice.confirmed ? "" : "bg-base-100"}`}
    >
      <Tick
        line={line.text}
        checked={choice.confirmed}
        disabled={!usable}
        onChange={(confirmed) => change({ confirmed })}
      />
      <span className={`text-lg leading-tight ${choice.out && !isFood ? "line-through" : ""}`}>
        {line.text}
        <span className="block text-sm text-quiet">
          <span className={HOW_LOOK[item.how]}>{HOW_WORD[item.how]}</span>
          {line.part !== "main" &&
            ` · ${line.part === "reserved" ? words.setAside : words.forThe(line.part)}`}
        </span>
      </span>
      {isFood ? (
        <span className="text-quiet max-sm:col-span-2 max-sm:col-start-2">{words.theFoodItselfSeeThe}</span>
      ) : (
        <div className="max-sm:col-span-2 max-sm:col-start-2">
          <ThingPicker item={item} change={change} />
        </div>
      )}
      {!isFood && !choice.out && chosen ? (
        <div className="max-sm:col-span-2 max-sm:col-start-2">
          <QuantityField
            label={words.gramsOf}
            unseen={line.text}
            hideLabel
            unit="g"
            value={grams ?? 0}
            digits={1}
            rule={RANGES.lineG}
            onChange={(value) => change({ grams: value, confirmed: false })}
          />
          <p className="text-right text-sm text-quiet">
            {grams === undefined
              ? words.noAmountGiven
              : words.ofTheFood(percent(grams / foodG, 1), by ? ` · ${BY[by]}` : "")}
          </p>
        </div>
      ) : (
        <span className="max-sm:hidden" />
      )}
      <button
        type="button"
        className="btn btn-square min-h-11 max-sm:col-start-3 max-sm:row-start-1"
        aria-label={words.mendTheWordsOf(line.text)}
        aria-expanded={mending}
        onClick={() => setMending(!mending)}
      >
        <Pencil size={20} aria-hidden />
      </button>
      {mending && (
        <LineWords
          item={item}
          recipe={props.recipe}
          onPart={(part) => change({ part, confirmed: false })}
          onMend={props.onMend}
          onClose={() => setMending(false)}
        />
      )}
    </li>
  );
}

function Tick(props: { line: string; checked: boolean; disabled: boolean; onChange: (on: boolean) => void }) {
  return (
    <label
      className={`flex size-12 items-center justify-center border-2 has-focus-visible:outline-3 ${
        props.checked ? "border-success bg-success text-success-content" : "border-base-content"
      } ${props.disabled ? "opacity-40" : "cursor-pointer"}`}
    >
      <input
        type="checkbox"
        className="sr-only"
        aria-label={words.isRight(props.line)}
        checked={props.checked}
        disabled={props.disabled}
        onChange={(event) => props.onChange(event.target.checked)}
      />
      {props.checked && <Check size={28} aria-hidden />}
    </label>
  );
}
