import { isDeepStrictEqual } from "node:util";
import type { OwnKind } from "@/contracts/kitchen";
import type { FormulaView, Uses } from "@/contracts/views";
import { namesUsed } from "@/core/formula/offer/names-used";
import type { Db } from "./database";
import { listFormulas } from "./formula-views";
import { loadOwn } from "./own-entries";

/** Every formula in use, by each material or vessel it names: "ingredient/thyme_fresh", "vessel/own-blue-tub". */
export function whereUsed(db: Db, formulas: FormulaView[] = listFormulas(db)): Uses {
  const uses: Uses = {};
  const { vessels } = loadOwn(db);
  for (const { id: formulaId, name, formulation } of formulas) {
    const used = namesUsed(formulation);
    const keys = [
      `food/${used.food}`,
      `salt/${used.salt}`,
      ...used.ingredients.map((id) => `ingredient/${id}`),
      // A formula keeps a vessel's sizes, not its name.
      ...vessels.filter((v) => isDeepStrictEqual(v.vessel, formulation.vessel)).map((v) => `vessel/${v.id}`),
    ];
    for (const key of keys) (uses[key] ??= []).push({ formulaId, name });
  }
  return uses;
}

export const usesOf = (db: Db, kind: OwnKind, id: string): Uses[string] =>
  whereUsed(db)[`${kind}/${id}`] ?? [];
