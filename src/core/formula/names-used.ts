import type { Formulation } from "./model";

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
