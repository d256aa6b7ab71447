import { hazard } from "../materials/hazard";
import type { Severity } from "../safety/rule";
import type { LooseRecipe } from "./loose";
import { judged } from "./judged";
import type { Dialect } from "./amounts";
import type { Pantry } from "../materials/pantry";
import type { SaidHeat, SaidStage } from "./method";
import type { Contradiction, ReadRecipe, RecipeLine } from "./reading";
import * as wording from "@/words/core/recipe/contradictions";

/** Stated and summed times may differ by so much of the stated, and so many minutes. *Practice*: steps are rounded. */
const TIME_SHARE = 0.2;
const TIME_MIN = 10;
/** A salt by the spoon whose grams differ by more than this between crystals is not an amount. */
const CRYSTAL_SHARE = 0.25;

/** Everything that does not agree, gravest first. */
export function contradictionsIn(
  recipe: LooseRecipe,
  read: Omit<ReadRecipe, "contradictions">,
  pantry: Pantry,
  dialect: Dialect,
): Contradiction[] {
  const found = [
    ...ovensDisagree(read.method),
    ...timesDoNotSum(recipe, read.method.stages),
    ...saltTwice(recipe, read.lines),
    ...crystals(read.lines),
    ...coresDisagree(read.method.cores),
    ...unsafeSteps(recipe.method),
    ...judged(recipe, read, pantry, dialect),
  ];
  const order: Record<Severity, number> = { stop: 0, caution: 1, tip: 2 };
  return found.sort((a, b) => order[a.severity] - order[b.severity]);
}

const celsius = (c: number): string => `${Math.round(c)} °C`;

function ovensDisagree({ ovenConflict }: ReadRecipe["method"]): Contradiction[] {
  if (!ovenConflict) return [];
  const [first, other] = ovenConflict;
  return [
    {
      id: "two_ovens",
      severity: "caution",
      title: wording.twoOvenTemperaturesAnd(celsius(first.celsius), celsius(other.celsius)),
      instead: wording.chooseOneOrMakeTwo,
      says: [first.sentence, other.sentence],
    },
  ];
}

/** Which stages a stated time speaks of. */
const COUNTED = {
  total: ["soak", "cook", "rest", "other"],
  cook: ["cook"],
  prep: [],
} as const satisfies Record<LooseRecipe["stated"][number]["kind"], readonly SaidStage["kind"][]>;

function timesDoNotSum(recipe: LooseRecipe, stages: readonly SaidStage[]): Contradiction[] {
  return recipe.stated.flatMap((stated) => {
    const kinds: readonly SaidStage["kind"][] = COUNTED[stated.kind];
    const counted = stages.filter((s) => kinds.includes(s.kind));
    if (counted.length === 0) return [];
    const low = counted.reduce((sum, s) => sum + s.low, 0);
    const high = counted.reduce((sum, s) => sum + s.high, 0);
    const slack = Math.max(TIME_MIN, stated.minutes * TIME_SHARE);
    // A whole may hold work that no step times; it cannot be shorter than its steps.
    const short = low > stated.minutes + slack;
    const long = stated.kind === "cook" && high < stated.minutes - slack;
    if (!short && !long) return [];
    return [
      {
        id: `times_${stated.kind}`,
        severity: "caution" as const,
        title: wording.itsTimesDoNotSum(
          said(stated.minutes),
          low === high ? said(low) : wording.to(said(low), said(high)),
        ),
        instead: wording.goByTheStepsThe,
        says: [stated.text, ...counted.map((s) => s.sentence)],
      },
    ];
  });
}

const said = (minutes: number): string =>
  minutes < 120 ? `${Math.round(minutes)} min` : `${Math.round(minutes / 6) / 10} h`;

const SALTS_IN_METHOD =
  /\b(?:season|sprinkle|rub|salt)\b[^.]*\bsalt\b|\bsalt generously\b|\bsalt (?:the|it|both|all)\b/i;
/** A line of this much salt brings salt of its own. */
const SALTY = 0.05;

function saltTwice(recipe: LooseRecipe, lines: readonly RecipeLine[]): Contradiction[] {
  const salts = lines.filter((l) => l.chosen?.kind === "salt" && l.part === "main" && !l.optional);
  const again = recipe.method.filter(
    (s) =>
      SALTS_IN_METHOD.test(s) && /\b(?:after|again|before (?:roast|cook|bak|grill|serv)|season)/i.test(s),
  );
  again.push(
    ...recipe.method.filter(
      (s) =>
        !again.includes(s) &&
        /\b(?:more|another|extra|second)\b[^.]{0,24}\bsalt(?:ing)?\b|\bsalt (?:it |them |both sides )?again\b|\bre-?salt\b/i.test(
          s,
        ) &&
        !/\b(?:no|not|without|don[’']?t|never|need)\b[^.]*\bsalt/i.test(s),
    ),
  );
  const hidden = lines.filter((l) => (l.saltFraction ?? 0) >= SALTY && l.chosen?.kind === "ingredient");
  const twice: Contradiction[] = [];
  if (salts.length > 1 || (salts.length > 0 && again.length > 0))
    twice.push({
      id: "salt_twice",
      severity: "caution",
      title: wording.saltIsGivenTwice,
      instead: wording.countItOnceSayWhich,
      says: [...salts.map((l) => l.text), ...again],
    });
  if (salts.length > 0 && hidden.length > 0)
    twice.push({
      id: "salt_hidden",
      severity: "tip",
      title: wording.saltHidesInOtherLines,
      instead: wording.theSaltLedgerOnThe,
      says: hidden.map((l) => l.text),
    });
  return twice;
}

function crystals(lines: readonly RecipeLine[]): Contradiction[] {
  return lines.flatMap((line) => {
    const { saltRange } = line;
    if (!saltRange || saltRange.high / saltRange.low < 1 + CRYSTAL_SHARE) return [];
    return [
      {
        id: `crystal_${line.index}`,
        severity: "caution" as const,
        title: wording.aSpoonOfSaltIs(Math.round(saltRange.low), Math.round(saltRange.high)),
        instead: wording.byCrystalFromToPick(saltRange.lightest, saltRange.densest),
        says: [line.text],
      },
    ];
  });
}

function coresDisagree(cores: readonly SaidHeat[]): Contradiction[] {
  const [first] = cores;
  const other = cores.find((c) => Math.abs(c.celsius - first.celsius) > 5);
  if (!first || !other) return [];
  return [
    {
      id: "two_cores",
      severity: "tip",
      title: wording.twoCoreTemperaturesAnd(celsius(first.celsius), celsius(other.celsius)),
      instead: wording.oneMayBeWhenIt,
      says: [first.sentence, other.sentence],
    },
  ];
}

/** Steps the hazard table speaks of, by the words they are usually given in. */
const UNSAFE: [string, RegExp][] = [
  [
    "counter_thaw",
    /\b(?:thaw|defrost)\w*\b[^.]*\b(?:counter|worktop|room temperature|kitchen table|warm water|hot water)\b/i,
  ],
  [
    "hot_brine",
    /\b(?:add|put|place|lower|submerge|pour)\b[^.]*\b(?:hot|warm|boiling) (?:brine|liquid|marinade)\b|\bbrine\b[^.]*\bwhile (?:it is |it's )?(?:still )?(?:hot|warm)\b/i,
  ],
  [
    "washing_poultry",
    /\b(?:rinse|wash)\b[^.]*\b(?:chicken|duck|goose|poultry|bird|turkey|hen)\b[^.]*\b(?:tap|water|sink)\b|\b(?:rinse|wash) the (?:raw )?(?:chicken|duck|goose|bird|turkey)\b/i,
  ],
  [
    "reused_marinade",
    /\b(?:serve|pour|drizzle|spoon|brush|baste|use)\b(?![^.]*\bboil)[^.]*\b(?:reserved |remaining |leftover |rest of the |left-over )(?:the )?marinade\b/i,
  ],
  [
    "reactive_metal",
    /\b(?:aluminium|aluminum|cast[- ]iron|copper) (?:bowl|pan|pot|dish|foil tray|tray)\b[^.]*\b(?:marinat|brine|vinegar|lemon)|\b(?:marinat|brine)\w*\b[^.]*\b(?:aluminium|aluminum|copper)\b/i,
  ],
  ["curing_salts", /\b(?:curing salt|pink salt|prague|saltpet|nitrite|nitrate|instacure)\b/i],
  [
    "garlic_oil",
    /\b(?:garlic|herbs?)\b[^.]*\bin (?:the )?oil\b[^.]*\b(?:room temperature|on the counter|for (?:a|two|three|several) (?:days?|weeks?))/i,
  ],
  ["leftovers", /\bleftovers?\b[^.]*\b(?:room temperature|on the counter|overnight)\b/i],
];

/** "The reserved marinade" never touched raw food where it was kept back before. */
const keptClean = (step: string, before: readonly string[]): boolean =>
  /\breserved\b/i.test(step) &&
  before.some((s) => /\b(?:reserve|set aside|keep back|hold back|put aside)\b(?![^.]*\bafter\b)/i.test(s));

function unsafeSteps(method: readonly string[]): Contradiction[] {
  return UNSAFE.flatMap(([id, words]) => {
    // What it warns against is no step.
    const says = method.filter(
      (s, i) =>
        words.test(s) &&
        !/\b(?:never|do not|don[’']t|avoid)\b/i.test(s) &&
        !(id === "reused_marinade" && keptClean(s, method.slice(0, i))),
    );
    if (says.length === 0) return [];
    const { severity, title, safeAlternative, deferTo } = hazard(id);
    return [{ id, severity, title, instead: safeAlternative, says, deferTo }];
  });
}
