import { useMemo, useState } from "react";
import type { PreparationChoice } from "@/core/formula/defaults";
import { formulate } from "@/core/formula/formulate";
import type { Cook, Formulation } from "@/core/formula/model";
import { cookOffered } from "@/core/formula/cook";
import { againstSums, withSums } from "@/core/recipe/against-sums";
import { cookSaid } from "@/core/recipe/cook-said";
import type { Candidate } from "@/core/recipe/match";
import { worked } from "@/core/recipe/read-recipe";
import type { Contradiction, ReadRecipe, RecipeLine } from "@/core/recipe/reading";
import { formulationFrom, type SettledLine } from "@/core/recipe/to-formulation";
import { usePantry } from "@/ui/pantry";

/** What the cook said of a line. */
export interface LineChoice {
  /** Left out of the formula. */
  out: boolean;
  chosen?: Candidate;
  grams?: number;
  confirmed: boolean;
}

export interface Facts {
  name: string;
  foodId: string;
  foodG: number;
  count: number;
  choice: PreparationChoice;
  pullH?: number;
  portions: number;
}

export interface ConfirmedLine {
  line: RecipeLine;
  choice: LineChoice;
  chosen: Candidate | undefined;
  grams: number | undefined;
  /** This is the food itself, asked for above. */
  isFood: boolean;
}

const FIRST_FOOD_G = 1000;

/** A read recipe as the cook confirms it, line by line; the formulation follows. */
export function useConfirming(read: ReadRecipe) {
  const pantry = usePantry();
  const [choices, setChoices] = useState<Record<number, LineChoice>>({});
  const [facts, setFacts] = useState<Facts>(() => factsOf(read));
  const foodLine = read.lines.find((l) => l.chosen?.kind === "food" && l.chosen.id === read.foods[0]?.id);

  const lines = read.lines
    .filter((l) => !l.isHeading)
    .map((line): ConfirmedLine => {
      const isFood = line === foodLine;
      const choice = choices[line.index] ?? { out: isFood, confirmed: false };
      const chosen = choice.chosen ?? line.chosen;
      const again = worked(line, chosen, pantry, pantry.words, facts.foodG);
      return { line, choice, chosen, grams: choice.grams ?? again.grams?.grams, isFood };
    });

  const settled = lines.flatMap(({ chosen, grams, choice, line, isFood }): SettledLine[] =>
    isFood ||
    choice.out ||
    !chosen ||
    line.part === "reserved" ||
    chosen.kind === "food" ||
    grams === undefined
      ? []
      : [{ kind: chosen.kind, id: chosen.id, grams, optional: line.optional, part: line.part }],
  );
  const formulation = useFormulation(read, facts, settled);
  const open = lines.filter((l) => !l.choice.confirmed);
  const change = (index: number, edit: Partial<LineChoice>) =>
    setChoices((all) => {
      const before = all[index] ?? {
        out: lines.find((l) => l.line.index === index)?.isFood ?? false,
        confirmed: false,
      };
      return { ...all, [index]: { ...before, ...edit } };
    });
  return { lines, facts, setFacts, change, open, formulation };
}

function factsOf(read: ReadRecipe): Facts {
  const soakH = read.soak ? (read.soak.low + read.soak.high) / 120 : undefined;
  return {
    name: read.recipe.name || "A pasted recipe",
    foodId: read.foods[0]?.id ?? "",
    foodG: Math.round(read.foodG ?? FIRST_FOOD_G),
    count: Math.max(1, read.foodCount),
    choice: read.preparation.choice,
    ...(soakH !== undefined && { pullH: soakH }),
    portions: read.recipe.serves ?? 4,
  };
}

interface Made {
  formulation: Formulation | undefined;
  cook: Cook | undefined;
  contradictions: Contradiction[];
}

function useFormulation(read: ReadRecipe, facts: Facts, settled: SettledLine[]): Made {
  const { own, ovenC, food: findFood } = usePantry();
  const key = JSON.stringify([facts, settled]);
  return useMemo(() => {
    const food = findFood(facts.foodId);
    const cook =
      food &&
      cookSaid(read.method, {
        ...cookOffered(food, {
          count: Math.max(1, facts.count),
          totalMassG: facts.foodG,
          thicknessMm: food.thicknessMm,
        }),
        ovenC,
      });
    const formulation = formulationFrom(
      {
        ...facts,
        notes: notesOf(read),
        lines: settled,
        ...(read.thicknessMm !== undefined && { thicknessMm: read.thicknessMm }),
        ...(cook && { cook }),
      },
      own,
    );
    const sheet = formulation && formulate(formulation);
    const found = sheet?.ok ? againstSums(sheet.value, read.soak, read.method.cores) : [];
    return { formulation, cook, contradictions: withSums(read.contradictions, found) };
    // `key` stands for facts and lines: both are made anew at every drawing.
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, [key, read, own, ovenC, findFood]);
}

/** The method goes along as it was written. */
const notesOf = (read: ReadRecipe): string => read.recipe.method.join(" ");
