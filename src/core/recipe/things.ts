import { FOODS, INGREDIENTS, SALTS } from "../materials/lookup";
import type { OwnMaterials, Pantry } from "../materials/pantry";
import { foodSaid } from "./foods-said";
import { AS_NAMED, candidatesFor, type Candidate, type Named } from "./match";
import type { LooseLine } from "./read-line";
import { customaryName } from "./synonyms";

/* What a written name may stand for, by custom and by the words it shares with the tables. */

/** More than this is no spoon, mL. */
const SPOONS_ML = 60;
const NEARLY = 0.2;

/** What custom calls it comes first; what its words are like stands behind, to choose from. */
export function candidatesOf(
  line: LooseLine,
  title: string,
  named: readonly Named[],
  pantry: Pantry,
): Candidate[] {
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

export function known({ kind, id }: Pick<Candidate, "kind" | "id">, pantry: Pantry): Candidate[] {
  const found = kind === "food" ? pantry.food(id) : kind === "salt" ? pantry.salt(id) : pantry.ingredient(id);
  return found ? [{ kind, id, name: found.name, score: 1 }] : [];
}

/** Beside the food a carrot is an ingredient. */
export function notTheFood(candidates: readonly Candidate[]): Candidate[] {
  const others = candidates.filter((c) => c.kind !== "food");
  return others.length > 0 ? others : [...candidates];
}

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

export function namedThings(own: OwnMaterials = {}): Named[] {
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
