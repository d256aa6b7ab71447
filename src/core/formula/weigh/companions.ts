import type { Companion, CompanionKind, CompanionTime, Formulation } from "../../formulation";
import { ingredientLine, lineMassG, saltLine, type SheetLine } from "./lines";
import type { PrepareContext } from "./prepared";
import * as words from "@/words/core/formula/weigh/companions";

/** What goes beside the main preparation, weighed by each line's own law. */
export function companionLines(input: Formulation, c: PrepareContext): SheetLine[] {
  const bases = {
    foodG: c.foodG,
    surfaceDm2: c.surfaceDm2,
    liquidMl: 0,
    saltG: 0,
    pieces: input.pieces.count,
  };
  const beside = (input.companions ?? []).flatMap((companion, index) =>
    companion.lines.flatMap((l) => {
      const found = c.pantry.ingredient(l.ingredientId);
      if (!found || l.off) return [];
      return [
        ingredientLine(found, lineMassG(l, bases), "mixture", l.scalesWith, {
          part: companion.kind,
          companion: index,
          optional: l.optional,
          ...(l.bakeMin !== undefined && { note: words.bakes(l.bakeMin) }),
        }),
      ];
    }),
  );
  return [...beside, ...secondSalting(input, c)];
}

/** What is put on the food itself, at a time of its own. */
export const PUT_ON: ReadonlySet<CompanionKind> = new Set(["coat", "drizzle", "salting"]);

/** When a part goes on where the cook has not said: a coat before the heat, what is drizzled or sprinkled at the table. */
export const goesOnAt = (companion: Pick<Companion, "kind" | "when">): CompanionTime =>
  companion.when ?? (companion.kind === "coat" ? "beforeHeat" : "atTable");

/** The lines of one part on the sheet. @param index of the part in the formula */
export const linesOf = (sheet: { companions: readonly SheetLine[] }, index: number): SheetLine[] =>
  sheet.companions.filter((l) => l.companion === index);

/** Salting once more at the stove: the same salt, by the edible weight. */
function secondSalting(input: Formulation, c: PrepareContext): SheetLine[] {
  const share = input.secondSaltFraction ?? 0;
  if (share <= 0) return [];
  return [{ ...saltLine(c.salt, share * c.flesh.massG, "foodMass"), part: "secondSalting" }];
}

/** Vegetables that go into the oven together, and when, counted from when the food goes in. */
export interface BedBatch {
  bakeMin: number;
  ingredientIds: string[];
  /** Minutes after the food goes in; negative: before it, a head start. */
  inAtMin: number;
}

/** A bed sorted into batches by baking time, so that all are done when the food is. @param cookMin of the food */
export function bedBatches(companion: Companion, cookMin: number): BedBatch[] {
  const times = new Map<number, string[]>();
  for (const { ingredientId, bakeMin, off } of companion.lines) {
    if (off || bakeMin === undefined) continue;
    times.set(bakeMin, [...(times.get(bakeMin) ?? []), ingredientId]);
  }
  return [...times]
    .sort(([a], [b]) => b - a)
    .map(([bakeMin, ingredientIds]) => ({ bakeMin, ingredientIds, inAtMin: cookMin - bakeMin }));
}
