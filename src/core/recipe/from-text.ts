import { bounded, RECIPE_LIMITS, sentencesOf, type LooseRecipe } from "./loose";
import { dialectOf, type Dialect } from "./amounts";
import { linesInProse } from "./prose";
import { isHeading, ORNAMENT } from "./read-line";
import { servesIn } from "./serves";
import { timesIn } from "./times";

type Part = "unsaid" | "ingredients" | "method";

const METHOD_HEADING =
  /^(?:method|directions?|instructions?|preparation|procedure|steps?|what (?:to|you) do|how (?:to|it)\b.*|to (?:make|cook|prepare)\b.*|do this|the doing|cooking|making it)\s*:?$/i;
const LIST_HEADING =
  /^(?:for the .*|(?:the )?ingredients?|you(?:’|')?ll need|you will need|what you need|what goes in|shopping(?: list)?|shopping)(?: .*)?:?$/i;
const BULLET = /^(?:[-*•·▢□☐]|\d{1,2}[.)](?=\s))\s*/;
const NUMBERED = /^\d{1,2}[.)]\s/;
const FIGURE_FIRST = /^(?:[\d¼½¾⅓⅔⅛]|(?:an?|one|two|three|four|half|pinch|dash|juice|zest|handful)\b)/i;
/** "A supper of duck" names a dish, "a pinch of salt" is weighed out. */
const AMOUNT =
  /^(?:[\d¼½¾⅓⅔⅛]|(?:(?:an?|one|two|three|four|half an?)\s+(?:\w+\s+)?)?(?:pinch|dash|juice|zest|handful|cup|spoon|teaspoon|tablespoon|clove|sprig|litre|liter|kilo|pound|ounce|bunch|stick)(?:e?s)?\b)/i;
/** A method tells somebody to do something. */
const DOING =
  /\b(?:add|bake|brush|bring|broil|chill|coat|combine|cook|cover|cure|cut|dissolve|drain|dry|grill|heat|leave|let|lift|marinate|mix|pat|place|pour|preheat|put|refrigerate|remove|rest|rinse|roast|rub|season|serve|simmer|slice|soak|sprinkle|stir|submerge|turn|weigh|whisk|wrap)\b/i;
const STATED: [RegExp, LooseRecipe["stated"][number]["kind"]][] = [
  [/^total(?: time)?\b/i, "total"],
  [/^(?:cook(?:ing)?|roast(?:ing)?|bak(?:e|ing)) time\b/i, "cook"],
  [/^(?:prep(?:aration)?|active|hands-on) time\b/i, "prep"],
];

/** Fewer lines than this are no list: what is in the sentences is looked for. */
const A_LIST = 3;

/** Reads free text or Markdown: a name, ingredients, a method, in whatever order and under whatever headings. */
export function recipeFromText(text: string, dialect: Dialect = dialectOf(text, "us")): LooseRecipe {
  const recipe: LooseRecipe = { name: "", ingredients: [], method: [], serves: null, stated: [] };
  let part: Part = "unsaid";
  const told: Told[] = [];
  let inNotes = false;
  for (const raw of text.slice(0, RECIPE_LIMITS.characters).split(/\r?\n/)) {
    const line = plain(raw);
    if (line === "" || isRule(line)) continue;
    const header = MAIL.exec(line);
    if (header) {
      if (/^subject/i.test(header[1]) && recipe.name === "")
        recipe.name = header[2].replace(/^(?:(?:fw|re|fwd):\s*)+/i, "");
      continue;
    }
    if (/^\|/.test(raw.trim())) {
      // A row of a table: a header and a rule ask for nothing.
      if (/\d/.test(line)) recipe.ingredients.push(raw.trim());
      continue;
    }
    // A block of words set apart under "Notes" is about the recipe, not of it.
    if (inNotes && /^>/.test(raw.trim())) {
      recipe.description = [recipe.description, line].filter(Boolean).join(" ");
      continue;
    }
    recipe.serves ??= servesIn(line);
    const heading: Part | undefined =
      recipe.name === "" && part === "unsaid" && isTitle(line) ? undefined : headingOf(line, raw);
    if (/^#{1,6}\s/.test(raw.trim())) inNotes = /^notes?$/i.test(line);
    if (heading) {
      if (
        recipe.name === "" &&
        /^#{1,2}\s/.test(raw.trim()) &&
        !METHOD_HEADING.test(line) &&
        !LIST_HEADING.test(line)
      ) {
        recipe.name = line;
        continue;
      }
      // Under a heading of its own each line is judged by itself; under "Ingredients" and "Method" they go by that.
      part = heading === "ingredients" && !LIST_HEADING.test(line) ? "unsaid" : heading;
      if (heading === "ingredients" && (!LIST_HEADING.test(line) || /^for the/i.test(line)))
        recipe.ingredients.push(
          line.endsWith(":") || /^#/.test(raw.trim()) ? line.replace(/:?$/, ":") : `${line}:`,
        );
      continue;
    }
    if (takeFact(recipe, line)) continue;
    if (recipe.name === "" && recipe.ingredients.length === 0 && isName(line, part)) {
      recipe.name = line;
      continue;
    }
    const kind = part === "unsaid" || strays(line, raw, part) ? kindOf(line, raw) : part;
    if (kind === "ingredients") recipe.ingredients.push(line.replace(BULLET, ""));
    else told.push({ text: line.replace(BULLET, ""), own: OWN_STEP.test(raw.trim()) });
  }
  recipe.method.push(...sentencesIn(told));
  const listed = recipe.ingredients.filter(
    (l) => !isHeading(l) && /[\d¼½¾⅓⅔⅛]|\b(?:an?|one|two|three|half|pinch)\b/i.test(l),
  );
  if (listed.length < A_LIST) {
    const prose = linesInProse([...recipe.ingredients, ...recipe.method].join("; "), dialect);
    if (prose.length > listed.length) {
      recipe.method = [
        ...recipe.ingredients.filter((l) => !isHeading(l)).flatMap(sentencesOf),
        ...recipe.method,
      ];
      recipe.ingredients = prose;
    }
  }
  return bounded(recipe);
}

interface Told {
  text: string;
  /** It begins a step: a bullet, a figure or a little picture stands before it. */
  own: boolean;
}
const OWN_STEP = /^(?:[-*•·▢□☐>]|\d{1,2}[.)]|\p{Extended_Pictographic}|\d\ufe0f?\u20e3)/u;

/** Lines that were broken off go on in the next. */
function sentencesIn(lines: readonly Told[]): string[] {
  const joined: string[] = [];
  for (const { text: line, own } of lines) {
    const before = joined.at(-1);
    if (!own && before !== undefined && !/[.!?:)]\s*$/.test(before) && /^[a-z,;]/.test(line))
      joined[joined.length - 1] = /[a-z]-$/i.test(before) ? before.slice(0, -1) + line : `${before} ${line}`;
    else joined.push(line);
  }
  return joined.flatMap(sentencesOf);
}

/** Headers of a letter sent by mail. */
const MAIL = /^(from|to|cc|date|sent|subject)\s*:\s*(.*)$/i;
/** A title may stand in capitals, as a heading does. */
const isTitle = (line: string): boolean =>
  !/:$/.test(line) && !LIST_HEADING.test(line) && !METHOD_HEADING.test(line) && !AMOUNT.test(line);

const isRule = (line: string): boolean => /^[-=_*|:\s]{3,}$/.test(line);

/** A heading names a part of the list or the method; a bare "Marinade" above bullets is one too. */
function headingOf(line: string, raw: string): Part | undefined {
  const bare = raw.trim();
  const marked = /^#{1,6}\s/.test(bare) || /^\*\*[^*]+\*\*:?$/.test(bare);
  if (METHOD_HEADING.test(line)) return "method";
  if (LIST_HEADING.test(line) && !/[.!?]$/.test(line)) return "ingredients";
  if (marked || BARE_PART.test(line) || (isHeading(line) && line.length < 70 && !DOING.test(line)))
    return "ingredients";
  return undefined;
}

/** "Glaze", alone on its line. */
const BARE_PART =
  /^(?:the )?(?:glaze|sauce|dressing|gravy|marinade|brine|rub|spice rub|paste|crust|cure|salsa|topping|stuffing|butter|relish|raita|to finish|to serve)$/i;

/** Markdown's marks off; the words stay. */
const plain = (raw: string): string =>
  raw
    .trim()
    .replace(ORNAMENT, "")
    .replace(/^#{1,6}\s+/, "")
    .replace(/\*\*|__|`/g, "")
    .replace(/^>\s*/, "")
    .replace(/\[([^\][]{0,200})\]\([^)(]{0,400}\)/g, "$1")
    .trim();

/** A name stands before everything, starts with no amount and tells nobody to do anything. */
const isName = (line: string, part: Part): boolean =>
  part === "unsaid" &&
  line.length <= 120 &&
  !/\bto taste\b/i.test(line) &&
  !AMOUNT.test(line.replace(BULLET, "")) &&
  !/[.!?]$/.test(line);

/** Without headings, and where a list goes on into sentences, a line is judged by itself. */
const strays = (line: string, raw: string, part: Part): boolean =>
  part === "ingredients" &&
  ((NUMBERED.test(raw.trim()) && DOING.test(line)) ||
    line.length > 110 ||
    (line.length > 50 && /[.!?]$/.test(line)) ||
    (TIMED.test(line) && DOING.test(line)));

/** It names a time or an oven: no ingredient does. */
const TIMED =
  /\b(?:\d+|an?|half an|one|two|three|four|five|six|eight|ten|twelve)\s*(?:½|¼|¾)?\s*[-–]?\s*(?:\d+\s*)?(?:h|hrs?|hours?|mins?|minutes?|days?)\b|\bovernight\b|\boven\b(?!-ready)|\b\d{3}\s*°?\s*[CF]\b|\bgas \d\b/i;

const WEIGHED_FIRST = /^\d+(?:[.,]\d+)?\s*(?:kg|g|gms?|grams?|lbs?|oz)\b/i;
const COUNTED_FIRST = /^\d{1,2}\s+(?!min|h\b|hrs?\b|hours?\b|days?\b|nights?\b)[a-z]{3,}/i;
const WEIGHED = /\b\d+(?:[.,]\d+)?\s*(?:kg|g|lbs?|oz|litres?|l|ml)\b/i;
function kindOf(line: string, raw: string): Part {
  const bare = line.replace(BULLET, "");
  // "400g firm tofu, pressed 20 minutes": what begins with a weight and ends no sentence is a line.
  if (WEIGHED_FIRST.test(bare) && bare.length < 90 && !/[.!?]/.test(bare.slice(4))) return "ingredients";
  // "2 blocks firm tofu (each 400 g), pressed for half an hour": so is a count with a weight behind it.
  if (COUNTED_FIRST.test(bare) && bare.length < 90 && WEIGHED.test(bare) && !/[.!?]/.test(bare.slice(4)))
    return "ingredients";
  if (TIMED.test(bare)) return "method";
  if (/\b\d:\d/.test(bare)) return "method";
  if (/[.!?]$/.test(bare) && (DOING.test(bare) || bare.length > 70)) return "method";
  if (/[.!?]\s+[A-Z]/.test(bare) && DOING.test(bare)) return "method";
  if (NUMBERED.test(raw.trim()) && DOING.test(bare)) return "method";
  if (FIGURE_FIRST.test(bare) || /\bto taste\b/i.test(bare)) return "ingredients";
  // "Paneer - 400gms", "fine sea salt - 1.2%": the amount stands behind.
  if (
    bare.length < 90 &&
    /[-–:,]\s*(?:about\s+)?(?:\d|½|¼|¾|one\b|as per|half\b|optional)/i.test(bare) &&
    !/[!?]$/.test(bare)
  )
    return "ingredients";
  // "Leg of mutton 2.4 kg bone in, slashed every inch": a weight within, and nothing to do.
  if (bare.length < 90 && WEIGHED.test(bare) && !DOING.test(bare) && !/[.!?]$/.test(bare))
    return "ingredients";
  if (/^(?:inside|plus|to finish|and)\b[^.]*\b(?:\d|half|one|two|a)\b/i.test(bare) && bare.length < 90)
    return "ingredients";
  return bare.length < 45 && !DOING.test(bare) && !/[.,!?]$/.test(bare) ? "ingredients" : "method";
}

/** "Prep: 10 minutes | Brine: 2 hours | Cook: 12 minutes": a row of facts is no step. */
function factsIn(line: string): string[] {
  const parts = line.split(/\s*[|·•]\s*/).filter((p) => p !== "");
  return parts.every((p) => FACT.test(p)) ? parts : [];
}
const FACT =
  /^(?:prep(?:aration)?|brin(?:e|ing)|marinat(?:e|ing)|cook(?:ing)?|roast|bake|chill(?:ing)?|rest(?:ing)?|total|active|ready|serves|servings|yield|makes)[\w -]{0,12}:\s*.{1,30}$/i;

/** Takes what it serves and how long it says it takes; such a line is no step. */
function takeFact(recipe: LooseRecipe, line: string): boolean {
  const facts = factsIn(line);
  if (facts.length > 1) {
    for (const fact of facts)
      // How long it soaks may stand nowhere else.
      if (/^(?:brin|marinat)/i.test(fact)) recipe.method.push(fact);
      else takeFact(recipe, fact.replace(/^cook:/i, "cook time:").replace(/^prep:/i, "prep time:"));
    return true;
  }
  const stated = STATED.find(([is]) => is.test(line));
  if (stated) {
    const [time] = timesIn(line);
    if (time) recipe.stated.push({ kind: stated[1], minutes: time.high, text: line });
    return true;
  }
  if (
    line.length < 60 &&
    servesIn(line) !== null &&
    (!/^\d/.test(line) || /\b(?:servings|portions|people)\b/i.test(line)) &&
    !TIMED.test(line)
  )
    return true;
  return false;
}
