import { lineOffered } from "@/core/formula/offer/offered";
import { LINES_MAX } from "@/core/quantity/ranges";
import { equalSpoons } from "@/core/formula/weigh/equal-spoons";
import type { FormulaLine } from "@/core/formulation";
import { hasBath, isBaked, isWet } from "@/core/preparations";
import { usePantry } from "@/ui/pantry";
import { AddIngredient } from "./ingredient-options";
import { LineRow, type LineBases } from "./line-row";
import { Group, type PanelProps } from "./panel";
import * as words from "@/words/bench/panels/lines-panel";

/** What goes in beside the salt; each line carries how it scales. */
export function LinesPanel(props: PanelProps & { bases: LineBases | undefined }) {
  const { value, change, onValidity, refusalFor, bases } = props;
  const { lines } = value;
  const pantry = usePantry();
  const kind = value.preparation.kind;
  const baked = isBaked(value);
  const set = (next: FormulaLine[]) => change((f) => ({ ...f, lines: next }));
  const edit = (index: number, next: FormulaLine) => set(lines.map((line, i) => (i === index ? next : line)));
  return (
    <Group title={words.whatGoesIn}>
      {refusalFor("lines") && (
        <p role="alert" className="py-1 text-sm text-error">
          {refusalFor("lines")}
        </p>
      )}
      {lines.map((line, index) => (
        <LineRow
          key={`${line.ingredientId}-${index}`}
          line={line}
          laws={{ bath: isWet(value) || baked, salt: baked }}
          parts={kind === "marinade"}
          places={baked ? "crust" : "mixture"}
          bases={bases}
          onChange={(next) => edit(index, next)}
          onRemove={() => set(lines.filter((_, i) => i !== index))}
          onValidity={onValidity}
        />
      ))}
      {(kind === "paste" || kind === "rub") && (
        <button
          type="button"
          className="btn mt-1 min-h-11 w-full font-normal"
          onClick={() => set(equalSpoons(lines, pantry))}
        >
          {words.equalSpoonsOfEachSpice}
        </button>
      )}
      {lines.length < LINES_MAX && (
        <AddIngredient
          label={words.addAnIngredient}
          onAdd={(ingredientId) => {
            const found = pantry.ingredient(ingredientId);
            if (found) set([...lines, lineOffered(found, hasBath(value))]);
          }}
        />
      )}
    </Group>
  );
}
