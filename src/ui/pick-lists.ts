"use client";

import { useMemo } from "react";
import { INGREDIENT_GROUP_NAME } from "./ingredient-groups";
import { usePantry } from "./pantry";
import type { Pickable } from "./picker";
import * as words from "@/words/ui/pick-lists";

const OWN = words.thisKitchensOwn;

/** The kitchen's own entries stand before the tables'. */
function ownFirst<T extends { id: string; name: string }>(
  rows: readonly T[],
  own: readonly { id: string }[] | undefined,
  groupOf: (row: T) => string,
): Pickable[] {
  const mine = new Set(own?.map((o) => o.id));
  const pickable = rows.map((row) => ({
    id: row.id,
    name: row.name,
    group: mine.has(row.id) ? OWN : groupOf(row),
  }));
  return [...pickable.filter((p) => p.group === OWN), ...pickable.filter((p) => p.group !== OWN)];
}

/** Foods, salts and ingredients to be chosen from, each under its heading. */
export function usePickLists() {
  const { foods, salts, ingredients, own } = usePantry();
  return useMemo(
    () => ({
      foods: ownFirst(foods, own.foods, (f) => f.group),
      salts: ownFirst(salts, own.salts, (s) => words.salts(s.foodGrade)),
      ingredients: inGroups(ownFirst(ingredients, own.ingredients, (i) => INGREDIENT_GROUP_NAME[i.group])),
    }),
    [foods, salts, ingredients, own],
  );
}

/** What has one heading stands together. */
function inGroups(items: Pickable[]): Pickable[] {
  const groups = [...new Set(items.map((i) => i.group))];
  return groups.flatMap((group) => items.filter((i) => i.group === group));
}
