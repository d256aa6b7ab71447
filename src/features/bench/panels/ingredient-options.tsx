import { Plus } from "lucide-react";
import { useId } from "react";
import { INGREDIENT_GROUP_NAME } from "@/ui/facts";
import { usePantry } from "@/ui/pantry";

/** Everything in the pantry, by group; picking one adds it. */
export function AddIngredient({ label, onAdd }: { label: string; onAdd: (ingredientId: string) => void }) {
  const id = useId();
  return (
    <div className="mt-2 flex items-center gap-2">
      <Plus size={18} aria-hidden />
      <label htmlFor={id} className="sr-only">
        {label}
      </label>
      <select
        id={id}
        className="select min-h-11 flex-1"
        value=""
        onChange={(event) => event.target.value && onAdd(event.target.value)}
      >
        <option value="">{label} …</option>
        <IngredientOptions />
      </select>
    </div>
  );
}

/** Options for a select of ingredients. */
export function IngredientOptions() {
  const { ingredients } = usePantry();
  const groups = [...new Set(ingredients.map((i) => i.group))];
  return groups.map((group) => (
    <optgroup key={group} label={INGREDIENT_GROUP_NAME[group]}>
      {ingredients
        .filter((i) => i.group === group)
        .map((i) => (
          <option key={i.id} value={i.id}>
            {i.name}
          </option>
        ))}
    </optgroup>
  ));
}
