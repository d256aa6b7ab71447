import { SALTS } from "../materials/lookup";
import type { Pantry } from "../materials/pantry";
import type { WordAmounts } from "../quantity/words";
import { gramsOf, type LineGrams, type Measured } from "./grams";
import type { Candidate } from "./match";
import { timesTaken } from "./per-said";
import type { LooseLine } from "./read-line";
import type { RecipeLine } from "./reading";

export function measuredThing(chosen: Candidate | undefined, pantry: Pantry): Measured | undefined {
  if (chosen?.kind === "salt") {
    const salt = pantry.salt(chosen.id);
    return salt && { kind: "salt", salt };
  }
  const ingredient = chosen?.kind === "ingredient" ? pantry.ingredient(chosen.id) : undefined;
  return ingredient && { kind: "ingredient", ingredient };
}

/** What a line comes to as this thing; used again when the cook picks another. */
export function worked(
  line: LooseLine,
  chosen: Candidate | undefined,
  pantry: Pantry,
  words: WordAmounts,
  foodG: number,
  waterG = 0,
): Pick<RecipeLine, "grams" | "saltFraction" | "saltRange"> {
  const thing = measuredThing(chosen, pantry);
  if (!thing) return { grams: undefined, saltFraction: undefined, saltRange: undefined };
  return {
    grams: times(gramsOf(line.amount, thing, words, foodG, waterG), timesTaken(line.per, foodG, waterG)),
    saltFraction: thing.kind === "salt" ? thing.salt.naclFraction : thing.ingredient.saltFraction,
    saltRange: thing.kind === "salt" ? byCrystal(line) : undefined,
  };
}

/** Which salts a spoon may mean: any a kitchen cooks with, or those of the name given. */
function byCrystal(line: LooseLine): RecipeLine["saltRange"] {
  if (line.amount.kind !== "volume") return undefined;
  const { low: lowMl, high: highMl } = line.amount;
  const words = /kosher/i.test(line.name)
    ? /kosher/
    : /sea/i.test(line.name)
      ? /sea/
      : /table|fine/i.test(line.name)
        ? /table/
        : /./;
  const salts = SALTS.filter((s) => s.foodGrade && s.naclFraction > 0.9 && words.test(s.name)).sort(
    (a, b) => a.densityGPerMl - b.densityGPerMl,
  );
  const [lightest] = salts;
  const densest = salts.at(-1);
  return lightest && densest
    ? {
        low: lowMl * lightest.densityGPerMl,
        high: highMl * densest.densityGPerMl,
        lightest: lightest.name,
        densest: densest.name,
      }
    : undefined;
}

const times = (grams: LineGrams | undefined, n: number): LineGrams | undefined =>
  grams && { ...grams, grams: grams.grams * n, low: grams.low * n, high: grams.high * n };
