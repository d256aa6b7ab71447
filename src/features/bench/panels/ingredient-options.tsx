import { Plus } from "lucide-react";
import { usePickLists } from "@/ui/pick-lists";
import { Picker } from "@/ui/picker";

/** Everything in the pantry, found by a few letters; choosing one adds it. */
export function AddIngredient({ label, onAdd }: { label: string; onAdd: (ingredientId: string) => void }) {
  const { ingredients } = usePickLists();
  return (
    <div className="mt-2 flex items-center gap-2">
      <Plus size={18} aria-hidden />
      <Picker look="row" label={label} items={ingredients} onPick={onAdd} placeholder={`${label} …`} />
    </div>
  );
}
