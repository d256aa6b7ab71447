import {
  FOOD_FLAGS,
  FOOD_FORMS,
  FOOD_GROUPS,
  INGREDIENT_FLAGS,
  INGREDIENT_GROUPS,
  KINGDOMS,
} from "@/core/materials/facts";
import { ACID_KINDS, type Food, type Ingredient } from "@/core/materials/types";
import { Select, Toggle } from "@/ui/choice";
import { INGREDIENT_GROUP_NAME } from "../ingredient-groups";
import { FORM_NAME, GROUP_NAME, KINGDOM_NAME, PROTEASE_NAME } from "./fact-names";
import * as words from "@/words/ui/own-entry/fact-fields";

/* What cautions and practice go by: chosen from the same lists as the table's own rows, never read out of a name. */

export function FoodFacts({ entry, onChange }: { entry: Food; onChange: (next: Food) => void }) {
  return (
    <>
      <Named
        label={words.group}
        all={FOOD_GROUPS}
        names={GROUP_NAME}
        value={entry.group}
        onChange={(group) => onChange({ ...entry, group })}
      />
      <Named
        label={words.fleshOf}
        all={KINGDOMS}
        names={KINGDOM_NAME}
        value={entry.kingdom}
        onChange={(kingdom) => onChange({ ...entry, kingdom })}
      />
      <Named
        label={words.cut}
        all={FOOD_FORMS}
        names={FORM_NAME}
        value={entry.form}
        onChange={(form) => onChange({ ...entry, form })}
      />
      <FlagBoxes
        meanings={FOOD_FLAGS}
        value={entry.flags}
        onChange={(flags) => onChange({ ...entry, flags })}
      />
    </>
  );
}

export function IngredientFacts(props: { entry: Ingredient; onChange: (next: Ingredient) => void }) {
  const { entry, onChange } = props;
  return (
    <>
      <Named
        label={words.group}
        all={INGREDIENT_GROUPS}
        names={INGREDIENT_GROUP_NAME}
        value={entry.group}
        onChange={(group) => onChange({ ...entry, group })}
      />
      <Toggle
        label={words.itIsPouredOrMelts}
        value={entry.poured}
        onChange={(poured) => onChange({ ...entry, poured })}
      />
      <Named
        label={words.acid}
        all={ACID_KINDS}
        value={entry.acidKind}
        onChange={(acidKind) => onChange({ ...entry, acidKind })}
      />
      <Named
        label={words.enzymesThatSoftenFlesh}
        all={["none", "mild", "strong"] as const}
        names={PROTEASE_NAME}
        value={entry.protease}
        onChange={(protease) => onChange({ ...entry, protease })}
      />
      <FlagBoxes
        meanings={INGREDIENT_FLAGS}
        value={entry.flags}
        onChange={(flags) => onChange({ ...entry, flags })}
      />
    </>
  );
}

function Named<T extends string>(props: {
  label: string;
  all: readonly T[];
  names?: Record<T, string>;
  value: T;
  onChange: (value: T) => void;
}) {
  const { label, all, names, value, onChange } = props;
  return (
    <Select
      label={label}
      value={value}
      options={all.map((one) => ({ value: one, label: names?.[one] ?? one }))}
      onChange={onChange}
    />
  );
}

/** Each flag with what it means; what is ticked raises the same cautions as the table's own. */
function FlagBoxes<F extends string>(props: {
  meanings: Record<F, string>;
  value: readonly F[];
  onChange: (value: F[]) => void;
}) {
  const { meanings, value, onChange } = props;
  return (
    <fieldset className="mt-3">
      <legend className="text-quiet">{words.cautionsItCarries}</legend>
      {(Object.keys(meanings) as F[]).map((flag) => (
        <label key={flag} className="flex min-h-11 cursor-pointer items-center gap-3 py-1 leading-tight">
          <input
            type="checkbox"
            className="checkbox"
            checked={value.includes(flag)}
            onChange={(event) =>
              onChange(event.target.checked ? [...value, flag] : value.filter((f) => f !== flag))
            }
          />
          {meanings[flag]}
        </label>
      ))}
    </fieldset>
  );
}
