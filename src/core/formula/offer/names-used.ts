import type { Formulation } from "../../formulation";
import type { Pantry } from "../../materials/pantry";
import { NO_BINDER } from "../weigh/no-binder";

export interface NamesUsed {
  food: string;
  salt: string;
  /** Sugar, binder, and every line's, beside it too; each once. */
  ingredients: string[];
}

/** Every material a formulation names. */
export function namesUsed(f: Formulation): NamesUsed {
  const lines = [...f.lines, ...(f.companions ?? []).flatMap((c) => c.lines)];
  const p = f.preparation;
  return {
    food: f.foodId,
    salt: f.saltId,
    ingredients: [
      ...new Set([
        ...lines.map((l) => l.ingredientId),
        ...(p.kind === "paste" ? [p.binderId] : []),
        ...(f.sugarPerSalt > 0 ? [f.sugarId] : []),
      ]),
    ],
  };
}

export interface UnknownName {
  /** Where it stands in the formulation. */
  path: string;
  id: string;
}

/** What a formulation names that a pantry does not have. */
export function unknownNames(f: Formulation, pantry: Pantry): UnknownName[] {
  const p = f.preparation;
  const ingredients = [
    ...f.lines.map((l, i) => ({ path: `lines.${i}.ingredientId`, id: l.ingredientId })),
    ...(f.companions ?? []).flatMap((c, i) =>
      c.lines.map((l, j) => ({ path: `companions.${i}.lines.${j}.ingredientId`, id: l.ingredientId })),
    ),
    ...(p.kind === "paste" && p.binderId !== NO_BINDER
      ? [{ path: "preparation.binderId", id: p.binderId }]
      : []),
    ...(f.sugarPerSalt > 0 ? [{ path: "sugarId", id: f.sugarId }] : []),
  ];
  return [
    ...(pantry.food(f.foodId) ? [] : [{ path: "foodId", id: f.foodId }]),
    ...(pantry.salt(f.saltId) ? [] : [{ path: "saltId", id: f.saltId }]),
    ...ingredients.filter(({ id }) => !pantry.ingredient(id)),
  ];
}
