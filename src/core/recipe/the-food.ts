import type { Pantry } from "../materials/pantry";
import { amountsIn, FIGURE, valueOf, type Dialect } from "./amounts";
import type { Candidate } from "./match";
import type { LinePartSaid } from "./parts";
import { readLine, type LooseLine } from "./read-line";
import { customaryName } from "./synonyms";
import { LENGTH, mmOf } from "./work-said";

/* Which of a recipe's lines is the food itself, how much of it there is, in how many pieces and how thick. */

/** A line that was read, before anything is chosen for it. */
export interface Draft {
  line: LooseLine;
  index: number;
  part: LinePartSaid;
  candidates: Candidate[];
}

/** The food is what weighs most of what may be one: flesh before vegetables, the first before the rest. */
export function foodLineOf(drafts: readonly Draft[], pantry: Pantry): Draft | undefined {
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

export function massOf(line: LooseLine, chosen: Candidate | undefined, pantry: Pantry): number | undefined {
  if (line.amount.kind === "mass") return (line.amount.low + line.amount.high) / 2;
  const food = chosen && pantry.food(chosen.id);
  return line.amount.kind === "count" && food ? line.amount.high * food.pieceMassG : undefined;
}

/** "Pork shoulder, 2 lb 8 oz": the weight stands in the title. */
export function massInTitle(title: string, dialect: Dialect): number | undefined {
  const { amount } = readLine(title, dialect);
  return amount.kind === "mass" ? (amount.low + amount.high) / 2 : undefined;
}

/** A food the tables lack still weighs what its line says: the first heavy line that nothing else is known by. */
export function unnamedIn(drafts: readonly Draft[], pantry: Pantry): number | undefined {
  const unnamed = drafts.find(
    ({ line, candidates }) =>
      !line.isHeading && candidates.length === 0 && (massOf(line, undefined, pantry) ?? 0) >= LEAST_FOOD_G,
  );
  return unnamed && massOf(unnamed.line, undefined, pantry);
}

/** "I had 2 lb 4 oz": with no line of its own, the heaviest weight the method names that is no ingredient's. */
export function heaviestIn(sentences: readonly string[], dialect: Dialect): number | undefined {
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

export const countOf = ({ count, amount, text }: LooseLine): number => {
  const pieces = (
    /\b(\d{1,3})\s+(?:pieces|pcs)\b/i.exec(text) ??
    /\bx\s*(\d{1,3})\b(?![.,]\d|\s*(?:k?g|oz|lbs?)\b)/i.exec(text) ??
    /\((\d{1,2})\)/.exec(text)
  )?.[1];
  return Math.max(
    1,
    Math.round(count ?? (amount.kind === "count" ? amount.high : pieces === undefined ? 1 : Number(pieces))),
  );
};

/** "Four of them, roughly 3 cm thick": said in a sentence, before it is cut, carved or packed. */
export const thicknessAbout = (sentences: readonly string[]): number | undefined => {
  const said = sentences
    .slice(0, 3)
    .find((s) => THICK.test(s) && !/\b(?:slash|slic|cut|carv|crust|layer|bed)/i.test(s));
  return said === undefined ? undefined : thicknessIn(said);
};
export const countAbout = (sentences: readonly string[]): number => {
  const said = new RegExp(String.raw`\b(${FIGURE}) of them\b`, "iu").exec(sentences.slice(0, 3).join(" "));
  return said ? Math.max(1, Math.round(valueOf(said[1]))) : 1;
};

/** "about 3 cm thick", "1-inch", "big cubes of 1 inch". */
export function thicknessIn(text: string): number | undefined {
  const found = THICK.exec(text) ?? CUBES.exec(text);
  return found ? mmOf(found[1], found[2]) : undefined;
}
const THICK = new RegExp(
  String.raw`${LENGTH}\s*-?\s*(?:thick|cubes?|slabs?|steaks?|through|at (?:the|its) thick)`,
  "iu",
);
const CUBES = new RegExp(String.raw`cubes? of ${LENGTH}`, "iu");
