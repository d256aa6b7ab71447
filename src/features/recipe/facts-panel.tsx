import { RANGES } from "@/core/quantity/ranges";
import type { Cook } from "@/core/formulation";
import type { PreparationChoice } from "@/core/preparations";
import { howOfFood, type How } from "@/core/recipe/how";
import type { ReadRecipe } from "@/core/recipe/reading";
import { degrees } from "@/core/quantity/said";
import type { Facts } from "@/core/recipe/settle";
import { Select } from "@/ui/choice";
import { capital, duration, fixed } from "@/ui/format";
import { Told } from "@/ui/measures";
import { PREPARATION_NAME } from "@/ui/names";
import { useOwnEntry } from "@/ui/own-entry/use-own-entry";
import { usePickLists } from "@/ui/pick-lists";
import { Picker } from "@/ui/picker";
import { QuantityField } from "@/ui/quantity-field";
import * as words from "@/words/recipe/facts-panel";

interface Props {
  read: ReadRecipe;
  facts: Facts;
  cook: Cook | undefined;
  onChange: (facts: Facts) => void;
}

const PREPARATIONS = Object.entries(PREPARATION_NAME).map(([value, label]) => ({
  value: value as PreparationChoice,
  label: capital(label),
}));

/** What the whole recipe is: its food and weight, the preparation, and how long. Each guess says what it was made from. */
export function FactsPanel({ read, facts, cook, onChange }: Props) {
  const { foods } = usePickLists();
  const set = (edit: Partial<Facts>) => onChange({ ...facts, ...edit });
  const likely = read.foods.map((f) => f.id);
  const options = [
    ...foods.filter((f) => likely.includes(f.id)).map((f) => ({ ...f, group: words.likely })),
    ...foods.filter((f) => !likely.includes(f.id)),
  ];
  const own = useOwnEntry("food", (foodId) => set({ foodId }));
  return (
    <section aria-label={words.theDish}>
      <h2 className="text-2xl">{words.theDish}</h2>
      <div className="field-row">
        <label htmlFor="recipe-name">{words.name}</label>
        <input
          id="recipe-name"
          className="entry min-w-0 flex-1"
          value={facts.name}
          maxLength={120}
          onChange={(event) => set({ name: event.target.value })}
        />
      </div>
      <div className="field-row">
        <span>{words.food}</span>
        <Picker
          look="row"
          label={words.food}
          items={options}
          chosenId={facts.foodId}
          onPick={(foodId) => set({ foodId })}
          onAdd={(name) => own.ask(name, likely[0])}
          placeholder={words.chooseTheFood}
        />
        {own.dialog}
      </div>
      <QuantityField
        label={words.weightOfAllPieces}
        unit="g"
        value={facts.foodG}
        rule={RANGES.totalMassG}
        onChange={(foodG) => set({ foodG })}
        hint={<Because>{WEIGHT_BY[howOfFood(read)]}</Because>}
      />
      <QuantityField
        label={words.pieces}
        unit=""
        value={facts.count}
        rule={RANGES.count}
        onChange={(count) => set({ count })}
      />
      <Select
        label={words.asA}
        value={facts.choice}
        options={PREPARATIONS}
        onChange={(choice) => set({ choice })}
      />
      <Because>{words.toldBy(read.preparation.because)}</Because>
      <QuantityField
        label={words.takeOutAfter}
        unit="h"
        value={(facts.pullH ?? 0) * 60}
        shownUnit={60}
        digits={2}
        rule={RANGES.pullMin}
        onChange={(minutes) => set({ pullH: minutes / 60 })}
        hint={
          <Because>
            {read.soak
              ? `“${read.soak.text}”${read.soak.low === read.soak.high ? "" : words.takenAtItsMiddle}.`
              : words.theRecipeDoesNotSay}
          </Because>
        }
      />
      <QuantityField
        label={words.portions}
        unit=""
        value={facts.portions}
        rule={RANGES.portions}
        onChange={(portions) => set({ portions })}
        hint={read.recipe.serves === null ? <Because>{words.notSaidByTheRecipe}</Because> : undefined}
      />
      <div className="py-2">
        <span className="text-quiet">{words.thenCooked} </span>
        {cook ? <Told>{cookText(cook)}</Told> : words.notSaid}
        {cook && read.method.ovens.length === 0 && <Because>{words.noOvenNamedThisKitchens}</Because>}
      </div>
    </section>
  );
}

/** "As it says" is said only of what was weighed. */
const WEIGHT_BY: Record<How, string> = words.weightBy;

function cookText({ ovenC, minutes, toC, restMin, stages }: Cook): string {
  const oven = stages
    ? stages.map((s) => words.cFor(fixed(s.ovenC, 0), duration(s.minutes / 60))).join(words.then)
    : `${ovenC === undefined ? "" : words.oven(fixed(ovenC, 0))}${duration(minutes / 60)}`;
  return words.toCInTheMiddle({ oven, toC: degrees(toC), restMin: duration(restMin / 60) });
}

const Because = ({ children }: { children: React.ReactNode }) => (
  <p className="pb-1 text-right text-sm text-quiet">{children}</p>
);
