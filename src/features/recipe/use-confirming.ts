import { useMemo, useState } from "react";
import { formulate } from "@/core/formula/formulate";
import type { Cook, Formulation } from "@/core/formulation";
import { againstSums, withSums } from "@/core/recipe/against-sums";
import type { Mended } from "@/core/recipe/by-hand";
import { howOf, type How } from "@/core/recipe/how";
import { leftBehind } from "@/core/recipe/left-behind";
import type { Candidate } from "@/core/recipe/match";
import type { LinePartSaid } from "@/core/recipe/parts";
import { readLoose } from "@/core/recipe/read-recipe";
import type { Contradiction, ReadRecipe, RecipeLine } from "@/core/recipe/reading";
import { factsOf, foodLineOf, goesWhere, formulationOfRead, type Facts } from "@/core/recipe/settle";
import type { SettledLine } from "@/core/recipe/settled";
import { worked } from "@/core/recipe/worked";
import { usePantry } from "@/ui/pantry";

/** What the cook said of a line. */
export interface LineChoice {
  /** Left out of the formula. */
  out: boolean;
  chosen?: Candidate;
  grams?: number | undefined;
  /** Which part of the dish it belongs to, where the cook says another. */
  part?: LinePartSaid;
  confirmed: boolean;
}

export interface ConfirmedLine {
  line: RecipeLine;
  choice: LineChoice;
  chosen: Candidate | undefined;
  grams: number | undefined;
  /** This is the food itself, asked for above. */
  isFood: boolean;
  /** How sure it is, as it stands now. */
  how: How;
}

/** A read recipe as the cook confirms it, line by line; the formulation follows. */
export function useConfirming(first: ReadRecipe) {
  const pantry = usePantry();
  const [read, setRead] = useState(first);
  const [choices, setChoices] = useState<Record<number, LineChoice>>({});
  const [facts, setFacts] = useState<Facts>(() => factsOf(read));
  const foodLine = foodLineOf(read);

  const lines = read.lines
    .filter((l) => !l.isHeading)
    .map((said): ConfirmedLine => {
      const isFood = said === foodLine;
      const choice = choices[said.index] ?? { out: isFood, confirmed: false };
      const line = choice.part ? { ...said, part: choice.part } : said;
      const chosen = choice.chosen ?? line.chosen;
      const again = worked(line, chosen, pantry, pantry.words, facts.foodG, read.waterG);
      // What the cook has weighed or named is no guess any more.
      const how =
        choice.grams !== undefined || choice.out ? "read" : howOf({ ...line, ...again, chosen }, read);
      return { line, choice, chosen, grams: choice.grams ?? again.grams?.grams, isFood, how };
    });

  const settled = lines.flatMap(({ chosen, grams, choice, line, isFood }): SettledLine[] =>
    isFood ||
    choice.out ||
    !chosen ||
    line.part === "reserved" ||
    chosen.kind === "food" ||
    grams === undefined
      ? []
      : [
          {
            kind: chosen.kind,
            id: chosen.id,
            grams,
            optional: line.optional,
            part: line.part,
            ...goesWhere(read, line),
          },
        ],
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
  /** The others keep what was said of them. */
  const mend = ({ recipe, movedTo }: Mended) => {
    const { words, measures, own } = pantry;
    setRead(readLoose(recipe, read, { words, measures, own }));
    setChoices((all) =>
      Object.fromEntries(
        Object.entries(all).flatMap(([index, choice]) => {
          const to = movedTo(Number(index));
          return to === undefined ? [] : [[to, choice]];
        }),
      ),
    );
  };
  const left = leftBehind(
    read,
    lines.map(({ line, choice, isFood }) => ({ line, out: choice.out, isFood })),
    settled,
  );
  return { read, lines, facts, setFacts, change, mend, open, left, formulation };
}

interface Made {
  formulation: Formulation | undefined;
  cook: Cook | undefined;
  contradictions: Contradiction[];
}

function useFormulation(read: ReadRecipe, facts: Facts, settled: SettledLine[]): Made {
  const { own, ovenC } = usePantry();
  const key = JSON.stringify([facts, settled]);
  return useMemo(() => {
    const { formulation, cook } = formulationOfRead(read, facts, settled, { own, ovenC });
    const sheet = formulation && formulate(formulation);
    const found = sheet?.ok ? againstSums(sheet.value, read.soak, read.method.cores) : [];
    return { formulation, cook, contradictions: withSums(read.contradictions, found) };
    // `key` stands for facts and lines: both are made anew at every drawing.
    // oxlint-disable-next-line react/exhaustive-deps
  }, [key, read, own, ovenC]);
}
