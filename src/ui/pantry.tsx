"use client";

import { createContext, useContext, useMemo } from "react";
import { USUAL } from "@/contracts/usual";
import type { OwnVessel } from "@/contracts/kitchen";
import type { KitchenView } from "@/contracts/views";
import { stillOvenC } from "@/core/heat/oven";
import { FOODS, INGREDIENTS, SALTS } from "@/core/materials/lookup";
import { pantryOf, saltAsIngredient, type OwnMaterials, type Pantry } from "@/core/materials/pantry";
import type { Food, Ingredient, Salt } from "@/core/materials/types";
import type { MeasureSystem } from "@/core/quantity/spoons";
import { USUAL_WORDS, type WordAmounts } from "@/core/quantity/words";

/** Everything that can be chosen in this kitchen: the tables with its own entries over and beside them. */
interface Stock extends Pantry {
  foods: readonly Food[];
  salts: readonly Salt[];
  ingredients: readonly Ingredient[];
  own: OwnMaterials;
  vessels: readonly OwnVessel[];
  words: WordAmounts;
  measures: MeasureSystem;
  /** The wanted salt this kitchen has taken for its own; null for the usual. */
  houseSalt: number | null;
  /** The oven as it is usually set here, as one without a fan, °C. */
  ovenC: number;
}

type Shelves = Pick<KitchenView, "own" | "vessels" | "words" | "measures" | "houseSalt" | "usual">;

function merged<T extends { id: string; name: string }>(table: readonly T[], own: readonly T[] = []): T[] {
  const replaced = table.map((row) => own.find((o) => o.id === row.id) ?? row);
  return [...replaced, ...own.filter((o) => !table.some((row) => row.id === o.id))];
}

function stockOf({ own, vessels, words, measures, houseSalt, usual }: Shelves): Stock {
  return {
    ...pantryOf(own),
    foods: merged(FOODS, own.foods),
    salts: merged(SALTS, own.salts),
    // Plain salt is an ingredient of any part.
    ingredients: [
      ...merged(INGREDIENTS, own.ingredients),
      ...merged(SALTS, own.salts)
        .filter((salt) => salt.foodGrade)
        .map(saltAsIngredient),
    ],
    own,
    vessels,
    words,
    measures,
    houseSalt,
    ovenC: stillOvenC(usual.oven),
  };
}

const StockContext = createContext<Stock>(
  stockOf({
    own: { foods: [], salts: [], ingredients: [] },
    vessels: [],
    words: USUAL_WORDS,
    measures: "metric",
    houseSalt: null,
    usual: USUAL,
  }),
);

export function PantryProvider({ kitchen, children }: { kitchen: Shelves; children: React.ReactNode }) {
  const stock = useMemo(() => stockOf(kitchen), [kitchen]);
  return <StockContext value={stock}>{children}</StockContext>;
}

export const usePantry = (): Stock => useContext(StockContext);
