"use client";

import { createContext, useContext, useMemo } from "react";
import type { OwnVessel } from "@/contracts/kitchen";
import { FOODS, INGREDIENTS, SALTS } from "@/core/materials/lookup";
import { pantryOf, type OwnMaterials, type Pantry } from "@/core/materials/pantry";
import type { Food, Ingredient, Salt } from "@/core/materials/types";
import { USUAL_WORDS, type WordAmounts } from "@/core/quantity/words";

/** Everything that can be chosen in this kitchen: the tables with its own entries over and beside them. */
interface Stock extends Pantry {
  foods: readonly Food[];
  salts: readonly Salt[];
  ingredients: readonly Ingredient[];
  own: OwnMaterials;
  vessels: readonly OwnVessel[];
  words: WordAmounts;
  tasteShift: number;
}

function merged<T extends { id: string; name: string }>(table: readonly T[], own: readonly T[] = []): T[] {
  const replaced = table.map((row) => own.find((o) => o.id === row.id) ?? row);
  return [...replaced, ...own.filter((o) => !table.some((row) => row.id === o.id))];
}

function stockOf(
  own: OwnMaterials,
  vessels: readonly OwnVessel[],
  words: WordAmounts,
  tasteShift: number,
): Stock {
  return {
    ...pantryOf(own),
    foods: merged(FOODS, own.foods),
    salts: merged(SALTS, own.salts),
    ingredients: merged(INGREDIENTS, own.ingredients),
    own,
    vessels,
    words,
    tasteShift,
  };
}

const StockContext = createContext<Stock>(stockOf({}, [], USUAL_WORDS, 0));

export function PantryProvider(props: {
  own: OwnMaterials;
  vessels: readonly OwnVessel[];
  words: WordAmounts;
  tasteShift: number;
  children: React.ReactNode;
}) {
  const { own, vessels, words, tasteShift } = props;
  const stock = useMemo(() => stockOf(own, vessels, words, tasteShift), [own, vessels, words, tasteShift]);
  return <StockContext value={stock}>{props.children}</StockContext>;
}

export const usePantry = (): Stock => useContext(StockContext);
