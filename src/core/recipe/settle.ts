import { cookOffered } from "../formula/cook/cook";
import type { Cook, Formulation } from "../formulation";
import { pantryOf, type OwnMaterials } from "../materials/pantry";
import type { PreparationChoice } from "../preparations";
import { cookSaid } from "./cook-said";
import type { ReadMethod } from "./method";
import { ON_THE_TRAY } from "./read-recipe";
import type { ReadRecipe, RecipeLine } from "./reading";
import type { SettledLine, SettledRecipe } from "./settled";
import { formulationFrom } from "./to-formulation";
import * as words from "@/words/core/recipe/settle";

/** What stands above the lines, as the cook settles it. */
export interface Facts {
  name: string;
  foodId: string;
  foodG: number;
  count: number;
  choice: PreparationChoice;
  pullH?: number;
  portions: number;
}

const FIRST_FOOD_G = 1000;

/** What was read, to be settled. */
export function factsOf(read: ReadRecipe): Facts {
  const soakH = read.soak ? (read.soak.low + read.soak.high) / 120 : undefined;
  return {
    name: read.recipe.name || words.aPastedRecipe,
    foodId: read.foods[0]?.id ?? "",
    foodG: Math.round(read.foodG ?? FIRST_FOOD_G),
    count: Math.max(1, read.foodCount),
    choice: read.preparation.choice,
    ...(soakH !== undefined && { pullH: soakH }),
    portions: read.recipe.serves ?? 4,
  };
}

/** The line that is the food itself. */
export const foodLineOf = (read: ReadRecipe): RecipeLine | undefined =>
  read.lines.find((l) => l.chosen?.kind === "food" && l.chosen.id === read.foods[0]?.id);

/** Every line as it was read, with nothing changed by hand; those without a name or a weight are left out. */
export function linesAsRead(read: ReadRecipe): SettledLine[] {
  const food = foodLineOf(read);
  return read.lines.flatMap((line): SettledLine[] => {
    const { chosen, grams, part, optional, isHeading } = line;
    if (line === food || isHeading || part === "reserved" || !chosen || chosen.kind === "food" || !grams)
      return [];
    return [
      { kind: chosen.kind, id: chosen.id, grams: grams.grams, optional, part, ...goesWhere(read, line) },
    ];
  });
}

/** Where a line goes, and how long it bakes beside the food, as its own words and the method say. */
export function goesWhere(read: ReadRecipe, line: RecipeLine): Pick<SettledLine, "where" | "bakeMin"> {
  const where = /\b(?:in|into|inside) the cavity\b/i.test(line.text)
    ? ("cavity" as const)
    : /\bunder the skin\b/i.test(line.text)
      ? ("underSkin" as const)
      : ON_THE_TRAY.test(line.text)
        ? ("tray" as const)
        : undefined;
  const [word = ""] = (line.chosen?.name ?? "").toLowerCase().split(/[ ,]/);
  const beside = read.beside.find(({ text }) => word !== "" && text.toLowerCase().includes(word));
  return {
    ...(where && { where }),
    ...(line.part === "bed" && beside && { bakeMin: Math.round(beside.minutes) }),
  };
}

/** A formulation of what was settled, with the cook the method describes. @param ovenC this kitchen's usual */
export function formulationOfRead(
  read: ReadRecipe,
  facts: Facts,
  lines: SettledLine[],
  { own = {}, ovenC }: { own?: OwnMaterials; ovenC?: number } = {},
): { formulation: Formulation | undefined; cook: Cook | undefined } {
  const food = pantryOf(own).food(facts.foodId);
  const cook =
    food &&
    cookSaid(read.method, {
      ...cookOffered(food, {
        count: Math.max(1, facts.count),
        totalMassG: facts.foodG,
        thicknessMm: food.thicknessMm,
      }),
      ...(ovenC !== undefined && { ovenC }),
    });
  const formulation = formulationFrom(
    {
      ...facts,
      // The method goes along as it was written.
      notes: read.recipe.method.join(" "),
      lines,
      ...(read.slashes && { slashes: read.slashes }),
      ...(read.keptBack && { keptBack: read.keptBack }),
      ...(read.crust && { packed: read.crust }),
      ...(read.glazeLastMin !== undefined && { glazeLastMin: read.glazeLastMin }),
      ...(read.thicknessMm !== undefined && { thicknessMm: read.thicknessMm }),
      ...(cook && { cook }),
      ...afterSoak(read.method),
    },
    own,
  );
  return { formulation, cook };
}

/** A rinse under the tap, min. *Practice*: it takes what lies on the face. */
const UNDER_THE_TAP_MIN = 1;

/** Whether it is rinsed, and where it stands, where the method says so. */
function afterSoak({ rinse, rinseMin, place }: ReadMethod): Pick<SettledRecipe, "rinseMin" | "place"> {
  return {
    ...(rinse !== undefined && { rinseMin: rinse ? (rinseMin ?? UNDER_THE_TAP_MIN) : 0 }),
    // What stands in the room is told, and not taken over.
    ...(place === "cooler" && { place }),
  };
}
