import { FOODS, INGREDIENTS, SALTS } from "../materials/lookup";
import type { OwnMaterials } from "../materials/pantry";
import { pantryOf, type Pantry } from "../materials/pantry";
import type { MeasureSystem } from "../quantity/spoons";
import type { WordAmounts } from "../quantity/words";
import { contradictionsIn } from "./contradictions";
import { recipeFromAny } from "./from-any";
import { gramsOf, type Measured } from "./grams";
import { RECIPE_LIMITS, type LooseRecipe } from "./loose";
import { AS_NAMED, candidatesFor, type Candidate, type Named } from "./match";
import { amountsIn, dialectOf, FIGURE, valueOf, type Dialect } from "./amounts";
import { foodSaid } from "./foods-said";
import { partOfHeading, partOfLine, type LinePartSaid } from "./parts";
import { readLine, type LooseLine } from "./read-line";
import { customaryName } from "./synonyms";
import { readMethod, soakOf } from "./read-method";
import type { ReadRecipe, RecipeLine } from "./reading";
import { LENGTH, mmOf, workSaid } from "./work-said";
import { recognisePreparation } from "./recognise";

export interface ReadOptions {
  measures: MeasureSystem;
  words: WordAmounts;
  own?: OwnMaterials;
}

const A_KILO_G = 1000;
const FEWEST = 2;
/** More than this is no spoon, mL. */
const SPOONS_ML = 60;
const NEARLY = 0.2;

/**
 * Reads a pasted recipe into lines to confirm: nothing is settled, every guess has its reason and its alternatives.
 * @param pasted anything; never throws
 */
export function readRecipe(pasted: string, options: ReadOptions): ReadRecipe {
  // Runs of blanks and of figures say nothing, and cost a grammar dearly.
  const text = pasted.replace(/[^\S\r\n]{3,}/g, "  ").replace(/\d{13,}/g, (run) => run.slice(0, 12));
  const dialect = dialectOf(text.slice(0, RECIPE_LIMITS.characters), options.measures);
  const { source, recipe } = recipeFromAny(text, dialect);
  const pantry = pantryOf(options.own);
  const named = namedThings(options.own);
  const loose = recipe.ingredients.map((line) => readLine(line, dialect));
  let under: LinePartSaid = "main";
  // Without a name the first words say what it is about.
  const about = recipe.name || (recipe.method[0] ?? "");
  const drafts = loose.map((line, index) => {
    if (line.isHeading) under = partOfHeading(line.text);
    return {
      line,
      index,
      part: line.isHeading ? under : partOfLine(line.text, under),
      candidates: line.isHeading ? [] : candidatesOf(line, about, named, pantry),
    };
  });
  const food = foodLineOf(drafts, pantry);
  // Where no line is the food's, the name says it, or the first sentence that speaks of one.
  const titled =
    foodSaid(recipe.name) ?? (food ? undefined : recipe.method.map((s) => foodSaid(s)).find((id) => id));
  const foodG = food
    ? massOf(food.line, food.candidates[0], pantry)
    : (massInTitle(recipe.name, dialect) ?? unnamedIn(drafts, pantry) ?? heaviestIn(recipe.method, dialect));
  const partG = gramsAPart(recipe, loose);
  const waterG = waterIn(drafts);
  const lines = drafts.map(({ line: said, index, part, candidates }): RecipeLine => {
    const line = partG === undefined ? said : inGrams(said, partG);
    const own = index === food?.index ? candidates : notTheFood(candidates);
    const [chosen] = own;
    return {
      ...line,
      index,
      part,
      candidates: own,
      chosen,
      ...worked(line, chosen, pantry, options.words, foodG ?? A_KILO_G, waterG),
    };
  });
  const method = readMethod(sentencesAbout(recipe));
  const fromTitle = titled
    ? known({ kind: "food", id: titled }, pantry)
    : candidatesFor(
        recipe.name,
        named.filter((n) => n.kind === "food"),
      );
  const foods = food ? food.candidates.filter((c) => c.kind === "food") : fromTitle;
  const read = {
    source,
    recipe,
    lines,
    method,
    foods,
    foodG,
    foodCount: food ? countOf(food.line) : countAbout(recipe.method),
    thicknessMm: thicknessIn(food?.line.text ?? "") ?? thicknessAbout(recipe.method),
    preparation: recognisePreparation({
      ...cluesOf(recipe, lines, pantry, foodG ?? A_KILO_G),
      soakH: (soakOf(method)?.low ?? 0) / 60,
    }),
    soak: soakOf(method),
    ...workSaid(recipe.method),
  };
  return { ...read, contradictions: contradictionsIn(recipe, read, pantry, dialect) };
}

/** Water that is weighed or poured, g. */
const waterIn = (drafts: readonly Draft[]): number =>
  drafts.reduce((sum, { line: { amount }, candidates }) => {
    const wet = candidates[0]?.kind === "ingredient" && candidates[0].id === "water";
    return sum + (wet && (amount.kind === "mass" || amount.kind === "volume") ? amount.low : 0);
  }, 0);

/** A meta line ("Oven: 160C") stands before the steps and speaks of the cook as they do. */
const sentencesAbout = (recipe: LooseRecipe): string[] => recipe.method;

/** "Pork shoulder, 2 lb 8 oz": the weight stands in the title. */
function massInTitle(title: string, dialect: Dialect): number | undefined {
  const { amount } = readLine(title, dialect);
  return amount.kind === "mass" ? (amount.low + amount.high) / 2 : undefined;
}

/** A food the tables lack still weighs what its line says: the first heavy line that nothing else is known by. */
function unnamedIn(drafts: readonly Draft[], pantry: Pantry): number | undefined {
  const unnamed = drafts.find(
    ({ line, candidates }) =>
      !line.isHeading && candidates.length === 0 && (massOf(line, undefined, pantry) ?? 0) >= LEAST_FOOD_G,
  );
  return unnamed && massOf(unnamed.line, undefined, pantry);
}

/** "I had 2 lb 4 oz": with no line of its own, the heaviest weight the method names that is no ingredient's. */
function heaviestIn(sentences: readonly string[], dialect: Dialect): number | undefined {
  const masses = sentences.flatMap((s) =>
    amountsIn(s, dialect).flatMap((a) => {
      const joined = /^\s*(\d+)\s*oz\b/i.exec(s.slice(a.end));
      const of = s.slice(a.end, a.end + 24).split(/[,;.(]/)[0];
      return a.kind === "mass" && !customaryName(of)
        ? [a.high + (joined ? Number(joined[1]) * OZ_G : 0)]
        : [];
    }),
  );
  const most = Math.max(0, ...masses);
  return most >= LEAST_FOOD_G ? most : undefined;
}
const OZ_G = 28.3495;
const LEAST_FOOD_G = 150;

/** "3 parts salt, 2 parts sugar … 120 g in all": what one part weighs. */
function gramsAPart(recipe: LooseRecipe, lines: readonly LooseLine[]): number | undefined {
  const parts = lines.reduce((sum, l) => sum + (l.amount.kind === "parts" ? l.amount.parts : 0), 0);
  if (parts === 0) return undefined;
  const all = [...recipe.ingredients, ...recipe.method].join(" \n ");
  const told = /(\d+(?:[.,]\d+)?)\s*g\b[^.\n]{0,24}\b(?:all up|in all|in total|total|altogether)/i.exec(all);
  return told ? Number(told[1].replace(",", ".")) / parts : undefined;
}

const inGrams = (line: LooseLine, partG: number): LooseLine =>
  line.amount.kind === "parts"
    ? { ...line, amount: { kind: "mass", low: line.amount.parts * partG, high: line.amount.parts * partG } }
    : line;

/** What custom calls it comes first; what its words are like stands behind, to choose from. */
function candidatesOf(line: LooseLine, title: string, named: readonly Named[], pantry: Pantry): Candidate[] {
  const alike = spooned(line, candidatesFor(wordsOf(line), named)).filter(
    (c) => c.kind !== "food" || sharesAName(line.text, c.name),
  );
  // A name as the tables have it is no custom of anybody's.
  if ((alike[0]?.score ?? 0) >= AS_NAMED) return alike;
  const whole = line.text.replace(/\*|\|/g, " ");
  const food = foodSaid(whole, title);
  // "kosher salt (dense kind)": a few words in brackets say which.
  const which = /\(([a-z]+(?: [a-z]+){0,2})\)/i.exec(line.text)?.[1] ?? "";
  const customary =
    (which ? customaryName(`${line.name} ${which}`) : undefined) ??
    customaryName(wordsOf(line)) ??
    customaryName(line.name);
  const first = [
    ...(food && !(customary && isOnlySeasoning(line)) ? known({ kind: "food", id: food }, pantry) : []),
    ...(customary ? known(customary, pantry) : []),
  ];
  return [...first, ...alike.filter((c) => !first.some((f) => f.id === c.id && f.kind === c.kind))];
}

/** A cut alone names no food: "kangaroo fillet" is no fillet of another beast. */
const CUTS = new Set(
  "fillet fillets steak steaks leg legs breast breasts whole side shoulder loin rack ribs rib chop chops roast boneless bone bone-in skin skinless skin-on piece pieces butterflied ground minced firm raw fresh large small".split(
    " ",
  ),
);
const namesIn = (text: string): string[] =>
  (text.toLowerCase().match(/[a-z]{3,}/g) ?? []).filter((w) => !CUTS.has(w)).map((w) => w.replace(/s$/, ""));
const sharesAName = (said: string, name: string): boolean => {
  const words = new Set(namesIn(said));
  return namesIn(name).some((w) => words.has(w));
};

/** By the spoon or the pinch nobody measures the food itself. */
const isOnlySeasoning = ({ amount }: LooseLine): boolean =>
  amount.kind === "words" || amount.kind === "share" || (amount.kind === "volume" && amount.high < 100);

function known({ kind, id }: Pick<Candidate, "kind" | "id">, pantry: Pantry): Candidate[] {
  const found = kind === "food" ? pantry.food(id) : kind === "salt" ? pantry.salt(id) : pantry.ingredient(id);
  return found ? [{ kind, id, name: found.name, score: 1 }] : [];
}

interface Draft {
  line: LooseLine;
  index: number;
  part: LinePartSaid;
  candidates: Candidate[];
}

/** The food is what weighs most of what may be one: flesh before vegetables, the first before the rest. */
function foodLineOf(drafts: readonly Draft[], pantry: Pantry): Draft | undefined {
  const may = drafts.filter(
    (d) => d.candidates[0]?.kind === "food" && d.part !== "bed" && d.part !== "sauce",
  );
  const isFlesh = (d: Draft) => {
    const kingdom = pantry.food(d.candidates[0].id)?.kingdom;
    return kingdom !== "plant" && kingdom !== "fungus";
  };
  const said = may.filter((d) => d.line.amount.kind !== "unsaid");
  return (
    said.find(isFlesh) ??
    said[0] ??
    may.find(isFlesh) ??
    may[0] ??
    drafts.find((d) => d.candidates[0]?.kind === "food")
  );
}

/** Beside the food a carrot is an ingredient. */
function notTheFood(candidates: readonly Candidate[]): Candidate[] {
  const others = candidates.filter((c) => c.kind !== "food");
  return others.length > 0 ? others : [...candidates];
}

const countOf = ({ count, amount, text }: LooseLine): number => {
  const pieces = (/\b(\d{1,3})\s+(?:pieces|pcs)\b/i.exec(text) ?? /\bx\s*(\d{1,3})\b/i.exec(text))?.[1];
  return Math.max(
    1,
    Math.round(count ?? (amount.kind === "count" ? amount.high : pieces === undefined ? 1 : Number(pieces))),
  );
};

/** "Four of them, roughly 3 cm thick": said in a sentence, before it is cut, carved or packed. */
const thicknessAbout = (sentences: readonly string[]): number | undefined => {
  const said = sentences
    .slice(0, 3)
    .find((s) => THICK.test(s) && !/\b(?:slash|slic|cut|carv|crust|layer|bed)/i.test(s));
  return said === undefined ? undefined : thicknessIn(said);
};
const countAbout = (sentences: readonly string[]): number => {
  const said = new RegExp(String.raw`\b(${FIGURE}) of them\b`, "iu").exec(sentences.slice(0, 3).join(" "));
  return said ? Math.max(1, Math.round(valueOf(said[1]))) : 1;
};

/** "about 3 cm thick", "1-inch", "big cubes of 1 inch". */
function thicknessIn(text: string): number | undefined {
  const found = THICK.exec(text) ?? CUBES.exec(text);
  return found ? mmOf(found[1], found[2]) : undefined;
}
const THICK = new RegExp(
  String.raw`${LENGTH}\s*-?\s*(?:thick|cubes?|slabs?|steaks?|through|at (?:the|its) thick)`,
  "iu",
);
const CUBES = new RegExp(String.raw`cubes? of ${LENGTH}`, "iu");

/** What it is counted in says what it is: a clove of garlic, a leaf of bay. */
const wordsOf = ({ name, amount }: LooseLine): string =>
  amount.kind === "count" && amount.unit !== null ? `${amount.unit} ${name}` : name;

/** What the spoon takes is ground, where the table has it whole as well and the words fit both. */
function spooned({ amount }: LooseLine, candidates: Candidate[]): Candidate[] {
  if (amount.kind !== "volume" || amount.high > SPOONS_ML) return candidates;
  const [best] = candidates;
  const ground = candidates.find((c) => /\bground\b/.test(c.name) && c.score > best.score - NEARLY);
  return ground ? [ground, ...candidates.filter((c) => c !== ground)] : candidates;
}

/** Whether there is anything in it to make a formula of. */
export const readsAsRecipe = (read: ReadRecipe): boolean =>
  read.lines.filter((l) => l.chosen && !l.isHeading).length >= FEWEST;

function namedThings(own: OwnMaterials = {}): Named[] {
  const of = (
    kind: Named["kind"],
    mine: { id: string; name: string }[] = [],
    table: readonly { id: string; name: string }[],
  ) => [
    ...mine.map(({ id, name }) => ({ kind, id, name })),
    ...table.filter((t) => !mine.some((m) => m.id === t.id)).map(({ id, name }) => ({ kind, id, name })),
  ];
  return [
    ...of("salt", own.salts, SALTS),
    ...of("food", own.foods, FOODS),
    ...of("ingredient", own.ingredients, INGREDIENTS),
  ];
}

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
    grams: gramsOf(line.amount, thing, words, foodG, waterG),
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

function massOf(line: LooseLine, chosen: Candidate | undefined, pantry: Pantry): number | undefined {
  if (line.amount.kind === "mass") return (line.amount.low + line.amount.high) / 2;
  const food = chosen && pantry.food(chosen.id);
  return line.amount.kind === "count" && food ? line.amount.high * food.pieceMassG : undefined;
}

/** What goes under the food in the oven is no marinade. */
export const ON_THE_TRAY = /\bin the (?:tin|tray|roasting pan)\b/i;

function cluesOf(recipe: LooseRecipe, lines: readonly RecipeLine[], pantry: Pantry, foodG: number) {
  const sum = (wanted: (line: RecipeLine) => boolean) =>
    lines.reduce(
      (total, l) =>
        total + (l.part === "main" && !ON_THE_TRAY.test(l.text) && wanted(l) ? (l.grams?.grams ?? 0) : 0),
      0,
    );
  const ingredient = (l: RecipeLine) =>
    l.chosen?.kind === "ingredient" ? pantry.ingredient(l.chosen.id) : undefined;
  return {
    text: [
      recipe.category ?? "",
      recipe.name,
      recipe.description ?? "",
      ...recipe.method,
      ...recipe.ingredients,
    ].join(" \n "),
    saltG: sum((l) => l.chosen?.kind === "salt"),
    waterG: sum((l) => l.chosen?.id === "water" || l.chosen?.id === "ice_crushed"),
    sourG: sum((l) => (ingredient(l)?.acidFraction ?? 0) > 0.004),
    flourG: sum((l) => /flour|starch/.test(l.chosen?.id ?? "")),
    foodG,
  };
}
