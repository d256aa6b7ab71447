import { ofKey } from "../own-key";
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
    .flatMap((word) => (ofKey(SAME, word) ?? word).split(" "))
    .filter((word) => !SILENT.has(word));
}

const weight = (word: string): number => ofKey(LIGHT, word) ?? 1;
const sum = (words: Iterable<string>): number => [...words].reduce((total, word) => total + weight(word), 0);

/** What stands behind a comma says how it is sold or cut; as a word of the thing itself it counts for so much. */
const BEHIND_COMMA = 0.3;
/** The table's own words for a thing count for less than the cook's: "garlic" is a clove of garlic… */
const TABLES_SHARE = 0.25;
const TABLES_SHARE_BEHIND = 0.1;
/** …but never its powder, salt or oil, unless that was said. */
const MADE_OF_IT = new Set(
  "powder granulated salt oil paste juice flour starch sauce dried seed leaf vinegar zest syrup ground preserved pickle smoked seasoned cube blend marmalade jam".split(
    " ",
  ),
);
/** Of these, what is no other thing behind a comma: "thyme, dried leaf" is dried thyme. */
const PARTS = new Set(["leaf", "seed"]);
/** Below this two names have hardly a word in common. */
const LEAST = 0.34;

/** A written name: what stands before its first comma names the thing, the rest says which. */
interface SaidWords {
  head: ReadonlySet<string>;
  tail: ReadonlySet<string>;
}

/**
 * What a written name may stand for, best first.
 * @param wanted as written, without its amount  @param most at most so many
 */
export function candidatesFor(wanted: string, things: readonly Named[], most = 6): Candidate[] {
  const [before, behind] = parted(wanted);
  const vocabulary = vocabularyOf(things);
  // Words that no name of a table has tell none of them apart.
  const tail = behind.filter((word) => vocabulary.has(word));
  const said = before.length > 0 ? { head: new Set(before), tail: new Set(tail) } : alone(tail);
  if (said.head.size === 0) return [];
  const written = plain(wanted);
  return things
    .map((thing) => ({ ...thing, score: isNamed(written, thing) ? AS_NAMED : scoreOf(said, thing) }))
    .filter((c) => c.score >= LEAST)
    .sort((a, b) => b.score - a.score)
    .slice(0, most);
}

/** What the table calls it is it, whatever else has its words: "grey mullet, whole round" is no beef. */
export const AS_NAMED = 1.1;
const plain = (text: string): string =>
  text
    .toLowerCase()
    .replace(/\s*\([^)]*\)/g, "")
    .replace(/\s+/g, " ")
    .trim();
/** Of one word it says too little: "butter" stands for several. */
function isNamed(written: string, thing: Named): boolean {
  const own = wordsOf(thing).name;
  return own.includes(" ") && written.startsWith(own) && /^(?:$|,)/.test(written.slice(own.length));
}

const alone = (words: string[]): SaidWords => ({ head: new Set(words), tail: new Set() });

function parted(text: string): [string[], string[]] {
  const [head, ...rest] = text.split(",");
  return [tokensOf(head), tokensOf(rest.join(" "))];
}

interface ThingWords extends SaidWords {
  /** Its name, plainly written. */
  name: string;
  /** Every word it goes by, its id's too: "mirin" is a sweet rice wine. */
  own: ReadonlySet<string>;
}

/** Taken apart once: the same few hundred names are held against every line. */
const known = new Map<string, ThingWords>();

function wordsOf({ id, name }: Named): ThingWords {
  const key = `${id}|${name}`;
  let words = known.get(key);
  if (!words) {
    const [head, tail] = parted(name);
    words = {
      name: plain(name),
      head: new Set(head),
      tail: new Set(tail),
      own: new Set([...head, ...tail, ...tokensOf(id.replaceAll("_", " "))]),
    };
    known.set(key, words);
  }
  return words;
}

const vocabularies = new WeakMap<readonly Named[], ReadonlySet<string>>();

function vocabularyOf(things: readonly Named[]): ReadonlySet<string> {
  let words = vocabularies.get(things);
  if (!words) {
    words = new Set(things.flatMap((thing) => [...wordsOf(thing).own]));
    vocabularies.set(things, words);
  }
  return words;
}

/** The share of the words on both sides that agree, 0 to 1. */
function scoreOf({ head, tail }: SaidWords, thing: Named): number {
  const { own, ...named } = wordsOf(thing);
  const shared = [...head].filter((word) => own.has(word));
  if (shared.length === 0 || shared.every((word) => weight(word) < 0.5)) return 0;
  const agreed = sum(shared) + BEHIND_COMMA * sum([...tail].filter((word) => own.has(word)));
  const wanted = sum(head) + BEHIND_COMMA * sum(tail);
  const unsaid = (words: ReadonlySet<string>) =>
    [...words].filter((word) => !head.has(word) && !tail.has(word));
  const cost = (word: string, share: number, isOther: boolean) => (isOther ? 1 : share * weight(word));
  const extra =
    unsaid(named.head).reduce((all, w) => all + cost(w, TABLES_SHARE, MADE_OF_IT.has(w)), 0) +
    unsaid(named.tail).reduce(
      (all, w) => all + cost(w, TABLES_SHARE_BEHIND, MADE_OF_IT.has(w) && !PARTS.has(w)),
      0,
    );
  // "Lemon juice" is a juice: the last word said names the thing.
  const last = [...head].at(-1) ?? "";
  return (agreed / (wanted + extra)) * (own.has(last) ? 1 : 0.7);
}
