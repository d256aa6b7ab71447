import { bounded, RECIPE_LIMITS, sentencesOf, type LooseRecipe } from "./loose";
import { timesIn } from "./times";

type Part = "unsaid" | "ingredients" | "method";

const HEADING: [RegExp, Part][] = [
  [
    /^(?:for the .*|(?:the )?ingredients?|you(?:’|')?ll need|you will need|what you need|shopping list)(?: .*)?:?$/i,
    "ingredients",
  ],
  [
    /^(?:method|directions?|instructions?|preparation|steps?|to (?:make|cook|prepare).*|how to .*):?$/i,
    "method",
  ],
];
const BULLET = /^(?:[-*•·▢□☐]|\d{1,2}[.)](?=\s))\s*/;
const NUMBERED = /^\d{1,2}[.)]\s/;
const FIGURE = /^(?:[\d¼½¾⅓⅔⅛]|(?:an?|one|two|three|four|half|pinch|dash|juice|zest|handful)\b)/i;
/** "A supper of duck" names a dish, "a pinch of salt" is weighed out. */
const AMOUNT =
  /^(?:[\d¼½¾⅓⅔⅛]|(?:(?:an?|one|two|three|four|half an?)\s+(?:\w+\s+)?)?(?:pinch|dash|juice|zest|handful|cup|spoon|teaspoon|tablespoon|clove|sprig|litre|liter|kilo|pound|ounce|bunch|stick)(?:e?s)?\b)/i;
/** A method tells somebody to do something. */
const DOING =
  /\b(?:add|bake|brush|bring|broil|chill|coat|combine|cook|cover|cure|cut|dissolve|drain|dry|grill|heat|leave|let|lift|marinate|mix|pat|place|pour|preheat|put|refrigerate|remove|rest|rinse|roast|rub|season|serve|simmer|slice|soak|sprinkle|stir|submerge|turn|weigh|whisk|wrap)\b/i;
const SERVES = /\b(?:serves|feeds|makes|yields?|portions?|servings?)\s*:?\s*(?:about\s*)?(\d{1,3})/i;
const SERVES_BEHIND = /\b(\d{1,3})\s+(?:servings|portions|people)\b/i;
const STATED: [RegExp, LooseRecipe["stated"][number]["kind"]][] = [
  [/^total(?: time)?\b/i, "total"],
  [/^(?:cook(?:ing)?|roast(?:ing)?|bak(?:e|ing)) time\b/i, "cook"],
  [/^(?:prep(?:aration)?|active|hands-on) time\b/i, "prep"],
];

/** Reads free text or Markdown: a name, ingredients, a method, in whatever order and under whatever headings. */
export function recipeFromText(text: string): LooseRecipe {
  const recipe: LooseRecipe = { name: "", ingredients: [], method: [], serves: null, stated: [] };
  let part: Part = "unsaid";
  for (const raw of text.slice(0, RECIPE_LIMITS.characters).split(/\r?\n/)) {
    const line = plain(raw);
    if (line === "") continue;
    const heading = /^#{1,6}\s/.test(raw.trim()) || !/[.!?]$/.test(line) ? partOf(line) : undefined;
    if (heading) {
      part = heading;
      if (/^for the/i.test(line)) recipe.ingredients.push(line.endsWith(":") ? line : `${line}:`);
      continue;
    }
    if (takeFact(recipe, line)) continue;
    if (recipe.name === "" && isName(line, part)) {
      recipe.name = line;
      continue;
    }
    const kind = part === "unsaid" || strays(line, raw, part) ? kindOf(line, raw) : part;
    if (kind === "ingredients") recipe.ingredients.push(line.replace(BULLET, ""));
    else recipe.method.push(...sentencesOf(line.replace(BULLET, "")));
  }
  return bounded(recipe);
}

/** Markdown's marks off; the words stay. */
const plain = (raw: string): string =>
  raw
    .trim()
    .replace(/^#{1,6}\s+/, "")
    .replace(/\*\*|__|`/g, "")
    .replace(/^>\s*/, "")
    .replace(/\[([^\]]*)\]\([^)]*\)/g, "$1")
    .trim();

const partOf = (line: string): Part | undefined => HEADING.find(([is]) => is.test(line))?.[1];

/** A name stands before everything, starts with no amount and tells nobody to do anything. */
const isName = (line: string, part: Part): boolean =>
  part === "unsaid" && line.length <= 120 && !AMOUNT.test(line.replace(BULLET, "")) && !/[.!?]$/.test(line);

/** Without headings, and where a list goes on into sentences, a line is judged by itself. */
const strays = (line: string, raw: string, part: Part): boolean =>
  part === "ingredients" && (NUMBERED.test(raw.trim()) || line.length > 110) && DOING.test(line);

function kindOf(line: string, raw: string): Part {
  const bare = line.replace(BULLET, "");
  if (/[.!?]$/.test(bare) && DOING.test(bare)) return "method";
  if (NUMBERED.test(raw.trim()) && DOING.test(bare)) return "method";
  if (FIGURE.test(bare) || /\bto taste\b/i.test(bare)) return "ingredients";
  return bare.length < 60 && !DOING.test(bare) ? "ingredients" : "method";
}

/** Takes what it serves and how long it says it takes; such a line is no step. */
function takeFact(recipe: LooseRecipe, line: string): boolean {
  const stated = STATED.find(([is]) => is.test(line));
  if (stated) {
    const [time] = timesIn(line);
    if (time) recipe.stated.push({ kind: stated[1], minutes: time.high, text: line });
    return true;
  }
  const serves = SERVES.exec(line) ?? SERVES_BEHIND.exec(line);
  if (serves && line.length < 60 && recipe.serves === null) {
    recipe.serves = Number(serves[1]);
    return !FIGURE.test(line) || /servings|portions|people/i.test(line);
  }
  return false;
}
