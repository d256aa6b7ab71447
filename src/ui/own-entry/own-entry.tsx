"use client";

import { FOODS, INGREDIENTS } from "@/core/materials/lookup";
import type { Food, Ingredient } from "@/core/materials/types";
import { EntryDialog } from "./entry-dialog";
import { FoodFacts, IngredientFacts } from "./fact-fields";
import { FOOD_FIELDS, INGREDIENT_FIELDS } from "./fields";

export type OwnEntryOf =
  | { kind: "food"; entry?: Food | undefined }
  | { kind: "ingredient"; entry?: Ingredient | undefined };

type Props = OwnEntryOf & {
  name?: string;
  likeId?: string | undefined;
  onClose: () => void;
  onKept?: (entry: { id: string }) => void;
};

/** The dialogue in which a kitchen enters a food or an ingredient of its own, with the fields its kind has. */
export function OwnEntry(props: Props) {
  return props.kind === "food" ? (
    <EntryDialog {...props} like={FOODS} fields={FOOD_FIELDS} facts={FoodFacts} />
  ) : (
    <EntryDialog {...props} like={INGREDIENTS} fields={INGREDIENT_FIELDS} facts={IngredientFacts} />
  );
}
