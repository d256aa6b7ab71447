import { Check } from "lucide-react";
import { RANGES } from "@/core/formula/ranges";
import type { LineGrams } from "@/core/recipe/grams";
import type { Candidate } from "@/core/recipe/match";
import { percent } from "@/ui/format";
import { usePantry } from "@/ui/pantry";
import { QuantityField } from "@/ui/quantity-field";
import type { ConfirmedLine, LineChoice } from "./use-confirming";

interface Props {
  lines: ConfirmedLine[];
  foodG: number;
  change: (index: number, edit: Partial<LineChoice>) => void;
}

const BY: Record<LineGrams["by"], string> = {
  scale: "as said",
  spoon: "spoon",
  pieces: "pieces",
  fruit: "fruit’s juice",
  words: "our words",
  guess: "a guess",
};

/** Every line as written, as what it was understood, and what it comes to; the cook says yes to each. */
export function LinesTable({ lines, foodG, change }: Props) {
  return (
    <section aria-label="Its lines">
      <h2 className="text-2xl">Line by line</h2>
      <ul className="mt-1 border-t-2 border-base-content">
        {lines.map((l) => (
          <LineItem key={l.line.index} item={l} foodG={foodG} change={(edit) => change(l.line.index, edit)} />
        ))}
      </ul>
    </section>
  );
}

function LineItem(props: {
  item: ConfirmedLine;
  foodG: number;
  change: (edit: Partial<LineChoice>) => void;
}) {
  const { item, foodG, change } = props;
  const { line, choice, grams, isFood, chosen } = item;
  const by = choice.grams === undefined ? line.grams?.by : undefined;
  const usable = isFood || choice.out || (chosen !== undefined && grams !== undefined);
  return (
    <li
      className={`grid items-center gap-x-4 border-b border-line px-3 py-2 sm:grid-cols-[3.5rem_minmax(0,1fr)_minmax(0,1.1fr)_13rem] ${choice.confirmed ? "" : "bg-base-100"}`}
    >
      <Tick
        line={line.text}
        checked={choice.confirmed}
        disabled={!usable}
        onChange={(confirmed) => change({ confirmed })}
      />
      <span className={`text-lg leading-tight ${choice.out && !isFood ? "line-through" : ""}`}>
        {line.text}
        {line.part !== "main" && (
          <span className="ml-2 text-sm text-quiet">
            {line.part === "reserved" ? "set aside" : `for the ${line.part}`}
          </span>
        )}
      </span>
      {isFood ? (
        <span className="text-quiet">the food itself: see “The whole”</span>
      ) : (
        <ThingSelect item={item} change={change} />
      )}
      {!isFood && !choice.out && chosen && (
        <div>
          <QuantityField
            label="Grams of "
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
              ? "it says no amount"
              : `${percent(grams / foodG, 1)} % of the food${by ? ` · ${BY[by]}` : ""}`}
          </p>
        </div>
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
        aria-label={`“${props.line}” is right`}
        checked={props.checked}
        disabled={props.disabled}
        onChange={(event) => props.onChange(event.target.checked)}
      />
      {props.checked && <Check size={28} aria-hidden />}
    </label>
  );
}

const OUT = "out";
const keyOf = (c: Pick<Candidate, "kind" | "id">): string => `${c.kind}/${c.id}`;

/** What a line may stand for: the likely ones first, then everything there is, or nothing. */
function ThingSelect({ item, change }: { item: ConfirmedLine; change: (edit: Partial<LineChoice>) => void }) {
  const { salts, ingredients } = usePantry();
  const { line, choice, chosen } = item;
  const likely = line.candidates.filter((c) => c.kind !== "food");
  const all: Candidate[] = [
    ...salts.map((s) => ({ kind: "salt" as const, id: s.id, name: s.name, score: 0 })),
    ...ingredients.map((i) => ({ kind: "ingredient" as const, id: i.id, name: i.name, score: 0 })),
  ];
  const pick = (key: string) => {
    if (key === OUT) return change({ out: true, confirmed: false });
    const found = [...likely, ...all].find((c) => keyOf(c) === key);
    change({ out: false, chosen: found, grams: undefined, confirmed: false });
  };
  const value = choice.out ? OUT : chosen && chosen.kind !== "food" ? keyOf(chosen) : "";
  return (
    <select
      aria-label={`“${line.text}” is`}
      className="entry w-full min-w-0 cursor-pointer !text-left font-semibold"
      value={value}
      onChange={(event) => pick(event.target.value)}
    >
      {value === "" && <option value="">not understood: choose</option>}
      {likely.length > 0 && (
        <optgroup label="Likely">
          {likely.map((c) => (
            <option key={keyOf(c)} value={keyOf(c)}>
              {c.name}
            </option>
          ))}
        </optgroup>
      )}
      <option value={OUT}>leave it out</option>
      <optgroup label="Anything else">
        {all
          .filter((c) => !likely.some((l) => keyOf(l) === keyOf(c)))
          .map((c) => (
            <option key={keyOf(c)} value={keyOf(c)}>
              {c.name}
            </option>
          ))}
      </optgroup>
    </select>
  );
}
