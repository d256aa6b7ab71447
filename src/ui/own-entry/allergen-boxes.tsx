import { allergenName } from "@/ui/names";
import { ALLERGENS } from "./fields";
import * as words from "@/words/ui/own-entry/allergen-boxes";

/** The fourteen, each to be ticked. */
export function AllergenBoxes(props: {
  legend?: string;
  value: readonly string[];
  onChange: (value: string[]) => void;
}) {
  const { legend = words.allergens, value, onChange } = props;
  return (
    <fieldset className="mt-3">
      <legend className="text-quiet">{legend}</legend>
      <div className="grid grid-cols-2 gap-x-4 sm:grid-cols-3">
        {ALLERGENS.map((allergen) => (
          <label key={allergen} className="flex min-h-11 cursor-pointer items-center gap-2">
            <input
              type="checkbox"
              className="checkbox"
              checked={value.includes(allergen)}
              onChange={(event) =>
                onChange(event.target.checked ? [...value, allergen] : value.filter((a) => a !== allergen))
              }
            />
            {allergenName(allergen)}
          </label>
        ))}
      </div>
    </fieldset>
  );
}
