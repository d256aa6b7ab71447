import { Plus } from "lucide-react";
import { useOwnEntry } from "@/ui/own-entry/use-own-entry";
import { usePickLists } from "@/ui/pick-lists";
import { Picker } from "@/ui/picker";

/** Everything in the pantry, found by a few letters; choosing one adds it. */
export function AddIngredient({ label, onAdd }: { label: string; onAdd: (ingredientId: string) => void }) {
  const { ingredients } = usePickLists();
  const { ask, dialog } = useOwnEntry("ingredient", onAdd);
  return (
    <div className="mt-2 flex items-center gap-2">
      <Plus size={18} aria-hidden />
      <Picker
        look="row"
        label={label}
        items={ingredients}
        onPick={onAdd}
        onAdd={ask}
        placeholder={`${label} …`}
      />
      {dialog}
    </div>
  );
}
