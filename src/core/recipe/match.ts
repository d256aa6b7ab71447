import pluralize from "pluralize";

/** Something a written name may stand for. */
export interface Candidate {
  kind: "ingredient" | "salt" | "food";
  id: string;
  name: string;
  /** How much of the words agree, 0 to 1. */
  score: number;
}

export interface Named {
  kind: Candidate["kind"];
  id: string;
  name: string;
}

/** Words the trade has for one thing. *Practice*. */
const SAME: Record<string, string> = {
  yogurt: "yoghurt",
  chili: "chilli",
  chile: "chilli",
  scallion: "scallion",
  cilantro: "coriander leaf",
  greek: "strained greek",
  eggplant: "aubergine",
  shoyu: "soy sauce",
  peppercorn: "pepper peppercorn whole",
  molasse: "molasses",
  stock: "stock",
  broth: "stock",
  capsicum: "bell pepper",
  icing: "icing powdered",
  powdered: "powdered powder",
  chickpea: "chickpea",
  besan: "chickpea flour",
  kosher: "kosher flake",
  soy: "soy",
  flake: "flake",
};
/** Manners of cutting and sorts that no table tells apart. */
const SILENT = new Set(
  "a an the of and or with in to for from into your our some more extra about large small medium big little good quality fine finely roughly coarsely thinly thickly chopped sliced diced minced crushed grated peeled pressed squeezed beaten melted softened torn bruised halved quartered trimmed packed cold warm hot ice room temperature each piece cut plus taste organic best size free range freshly".split(
    " ",
  ),
);
/** Words that tell two sorts apart, and name no thing by themselves. */
const LIGHT: Record<string, number> = {
  fresh: 0.4,
  dried: 0.5,
  ground: 0.5,
  whole: 0.4,
  dry: 0.3,
  powder: 0.6,
  light: 0.3,
  dark: 0.3,
  skin: 0.2,
  medium: 0.2,
  bone: 0.3,
  red: 0.5,
  white: 0.5,
  black: 0.5,
  green: 0.5,
  sauce: 0.6,
  oil: 0.8,
  seed: 0.5,
  leaf: 0.4,
  juice: 0.9,
  yellow: 0.3,
};

function tokensOf(text: string): string[] {
  return text
    .toLowerCase()
    .normalize("NFKD")
    .replace(/\p{M}/gu, "")
    .replace(/[^a-z0-9]+/g, " ")
    .split(" ")
    .filter((word) => word.length > 1 && !/^\d/.test(word))
    .map((word) => pluralize.singular(word))
    .flatMap((word) => (SAME[word] ?? word).split(" "))
    .filter((word) => !SILENT.has(word));
}

const weight = (word: string): number => LIGHT[word] ?? 1;
const sum = (words: Iterable<string>): number => [...words].reduce((total, word) => total + weight(word), 0);

/** The table's own words for a thing count for less than the cook's: "garlic" is a clove of garlic… */
const TABLES_SHARE = 0.25;
/** …but never its powder, salt or oil, unless that was said. */
const MADE_OF_IT = new Set(
  "powder granulated salt oil paste juice flour starch sauce dried seed leaf vinegar zest syrup ground preserved pickle smoked seasoned cube".split(
    " ",
  ),
);
/** Below this two names have hardly a word in common. */
const LEAST = 0.34;

/**
 * What a written name may stand for, best first.
 * @param wanted as written, without its amount  @param most at most so many
 */
export function candidatesFor(wanted: string, things: readonly Named[], most = 6): Candidate[] {
  const said = tokensOf(wanted.replace(/,.*$/, (tail) => ` ${tail.replace(/,/g, " ")}`));
  if (said.length === 0) return [];
  // What stands before the first comma names the thing; the rest says how it is cut.
  const head = new Set(tokensOf(wanted.split(",")[0]));
  const words = new Set(head.size > 0 ? head : said);
  const last = [...words].at(-1) ?? "";
  return things
    .map((thing) => ({ ...thing, score: scoreOf(words, last, thing) }))
    .filter((c) => c.score >= LEAST)
    .sort((a, b) => b.score - a.score)
    .slice(0, most);
}

interface ThingWords {
  named: ReadonlySet<string>;
  own: ReadonlySet<string>;
}

/** Taken apart once: the same few hundred names are held against every line. */
const known = new Map<string, ThingWords>();

function wordsOf({ id, name }: Named): ThingWords {
  const key = `${id}|${name}`;
  let words = known.get(key);
  if (!words) {
    const named = new Set(tokensOf(name));
    // What the table calls a thing by itself is a word for it too: "mirin" is a sweet rice wine.
    words = { named, own: new Set([...named, ...tokensOf(id.replaceAll("_", " "))]) };
    known.set(key, words);
  }
  return words;
}

function scoreOf(words: ReadonlySet<string>, last: string, thing: Named): number {
  const { named, own } = wordsOf(thing);
  const shared = [...words].filter((word) => own.has(word));
  if (shared.length === 0 || shared.every((word) => weight(word) < 0.5)) return 0;
  const missed = sum(words) - sum(shared);
  const unsaid = [...named].filter((word) => !words.has(word));
  const extra = unsaid.reduce(
    (total, word) => total + (MADE_OF_IT.has(word) ? 1 : TABLES_SHARE * weight(word)),
    0,
  );
  const base = sum(shared) / (sum(shared) + missed + extra);
  // "Lemon juice" is a juice: the last word said names the thing.
  return own.has(last) ? base : base * 0.7;
}
