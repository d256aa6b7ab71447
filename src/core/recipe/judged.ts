import { acidLimitH } from "../formula/soak/keep-limit";
import { hazard } from "../materials/hazard";
import type { Pantry } from "../materials/pantry";
import { practiceFor } from "../materials/practice";
import type { Food } from "../materials/types";
import { PREPARATIONS } from "../preparations";
import { amountsIn, type Dialect } from "./amounts";
import type { LooseRecipe } from "./loose";
import type { Contradiction, ReadRecipe } from "./reading";
import { timesIn } from "./times";
import * as wording from "@/words/core/recipe/judged";

/* What is found by holding the reading against the tables and against itself. */

type Read = Omit<ReadRecipe, "contradictions">;

export function judged(recipe: LooseRecipe, read: Read, pantry: Pantry, dialect: Dialect): Contradiction[] {
  const food = pantry.food(read.foods[0]?.id ?? "");
  return [
    ...roomTooLong(read, food),
    ...soakTooLong(read, food, pantry),
    ...coreTooLow(read, food),
    ...hoursDisagree(recipe, read),
    ...ovenTotalDisagrees(read),
    ...amountsDisagree(recipe, read, dialect),
    ...wordsOfHarm(recipe, read, food),
  ];
}

const found = (id: string, says: string[], title?: string): Contradiction => {
  const row = hazard(HAZARD[id] ?? id);
  return {
    id,
    severity: row.severity,
    title: title ?? row.title,
    instead: row.safeAlternative,
    says,
    deferTo: row.deferTo,
  };
};
/** The hazard table's row that speaks of a finding. */
const HAZARD: Record<string, string> = {
  soak_too_long: "overlong_soak",
  acid_too_long: "over_acid_fish",
  undercooked_core: "under_min_temp",
  frozen_in_brine: "frozen_bird_warm_brine",
  honey_for_infant: "honey_infant",
  raw_egg: "raw_egg_white",
};

/** Perishable food out of the cold may be so for two hours in all (FSIS, *from memory*). */
const ROOM_MOST_MIN = 120;
const perishable = (food: Food | undefined) => food?.group !== "vegetable" && food?.group !== "fungus";

function roomTooLong({ method, soak }: Read, food: Food | undefined): Contradiction[] {
  if (method.place !== "room" || !soak || soak.high <= ROOM_MOST_MIN || !perishable(food)) return [];
  return [found("brine_room_temp", [soak.sentence])];
}

/** Practice's longest, and this much over: cooks differ. */
const LENIENT = 1.25;
/** Small thin things in a salt bath. *Practice*: minutes to an hour or two. */
const SHELLFISH_BATH_H = 2;
const SOUR_G_PER_KG = 1.5;

function soakTooLong(
  { soak, preparation, lines, foodG }: Read,
  food: Food | undefined,
  pantry: Pantry,
): Contradiction[] {
  if (!soak || !food || preparation.choice === "crust") return [];
  const acidG = lines.reduce((sum, l) => {
    const i =
      l.chosen?.kind === "ingredient" && l.part === "main" ? pantry.ingredient(l.chosen.id) : undefined;
    return sum + (i && i.group !== "acid_dairy" ? (l.grams?.grams ?? 0) * i.acidFraction : 0);
  }, 0);
  const perKg = (1000 * acidG) / (foodG ?? 1000);
  const choice = preparation.choice;
  if ((choice === "marinade" || choice === "paste") && perKg > SOUR_G_PER_KG) {
    const limitH = acidLimitH(food, perKg);
    if (soak.low / 60 > LENIENT * limitH)
      return [found("acid_too_long", [soak.sentence], wording.tooLongInAcidBears(food.name, limitH))];
  }
  const shell = food.group === "shellfish" && PREPARATIONS[choice].practice === "wet";
  const mostH = shell ? SHELLFISH_BATH_H : practiceFor(food, PREPARATIONS[choice].practice).maxH;
  if (soak.low / 60 <= LENIENT * mostH) return [];
  return [found("soak_too_long", [soak.sentence], wording.itsSoakIsLongFor(food.name, mostH))];
}

function coreTooLow({ method }: Read, food: Food | undefined): Contradiction[] {
  const safeMinC = food?.safeMinC ?? null;
  const [core] = method.cores;
  if (!core || safeMinC === null || core.celsius >= safeMinC - 0.6) return [];
  return [found("undercooked_core", [core.sentence])];
}

/** Hours a name, a note or an introduction speaks of that are no cook's. */
const STANDING = /\b(?:wait|stand|soak|brin|marinat|salted|cure|rest|ahead|overnight|days?|fridge)\w*/i;

function hoursDisagree(recipe: LooseRecipe, { soak }: Read): Contradiction[] {
  if (!soak) return [];
  const told = [
    recipe.name,
    recipe.description ?? "",
    ...recipe.method.filter((s) => s !== soak.sentence),
  ].flatMap((text) =>
    STANDING.test(text) &&
    !/\b(?:once|used to|i did|further|another \d|oven|roast|bake|before serving|keeps?|leftovers?|up to|turn|stir|room temp)\b/i.test(
      text,
    )
      ? timesIn(text)
          .filter((t) => t.low >= 60 && !/\b(?:not|never|no)\s+(?:for\s+)?$/i.test(text.slice(0, t.at)))
          .map((t) => ({ ...t, sentence: text }))
      : [],
  );
  const other = told.find((t) => (t.low > soak.high * 1.6 || t.high < soak.low / 1.6) && t.low >= 4 * 60);
  if (!other) return [];
  return [
    {
      id: "contradictory_hours",
      severity: "caution",
      title: wording.twoSoaksAnd(other.text, soak.text),
      instead: wording.chooseOneTheBenchShows,
      says: [other.sentence, soak.sentence],
    },
  ];
}

const SLACK_MIN = 10;
const SLACK_SHARE = 0.1;

function ovenTotalDisagrees({ method }: Read): Contradiction[] {
  const { ovenTotal, cook } = method;
  const timed = cook.filter((s) => s.minutes);
  if (!ovenTotal || timed.length < 2) return [];
  const [low, high] = [
    sum(timed.map((s) => s.minutes?.low ?? 0)),
    sum(timed.map((s) => s.minutes?.high ?? 0)),
  ];
  const slack = Math.max(SLACK_MIN, SLACK_SHARE * ovenTotal.low);
  if (low <= ovenTotal.high + slack && high >= ovenTotal.low - slack) return [];
  return [
    {
      id: "times_cook",
      severity: "caution",
      title: wording.itsTimesDoNotSum(ovenTotal.text, Math.round(low)),
      instead: wording.goByTheStagesA,
      says: [ovenTotal.sentence],
    },
  ];
}

const sum = (all: readonly number[]): number => all.reduce((a, b) => a + b, 0);

/** An amount told again in the method, of the same thing, and another. */
function amountsDisagree(recipe: LooseRecipe, { lines }: Read, dialect: Dialect): Contradiction[] {
  for (const sentence of recipe.method) {
    if (/\b(?:half|rest|remaining|more|another|extra|some of)\b/i.test(sentence)) continue;
    // Part of it now, "the rest" in the sentence after.
    const next = recipe.method[recipe.method.indexOf(sentence) + 1] ?? "";
    const inPart = /\b(?:rest|remaining|remainder|balance|other half)\b/i.test(next);
    for (const amount of amountsIn(sentence, dialect)) {
      if (amount.kind === "count") continue;
      // What it is of stands before the next comma, and before the next figure.
      const after = sentence
        .slice(amount.end, amount.end + 40)
        .toLowerCase()
        .replace(/\([^)]*\)/g, " ")
        .split(/[,;.]|\s\d/)[0];
      const line = lines.find((l) => {
        const word = l.name
          .toLowerCase()
          .split(/[ ,]/)
          .filter((w) => w.length > 3);
        return (
          l.amount.kind === amount.kind &&
          word.length > 0 &&
          word.slice(-2).every((w) => after.includes(w.replace(/s$/, "")))
        );
      });
      if (!line || (line.amount.kind !== "mass" && line.amount.kind !== "volume")) continue;
      const ratio = amount.low / Math.max(1e-9, line.amount.high);
      if (inPart && ratio < 1) continue;
      if (ratio > 1.2 || amount.high / Math.max(1e-9, line.amount.low) < 0.8)
        return [
          {
            id: "contradictory_amounts",
            severity: "caution",
            title: wording.twoAmountsOf(line.name),
            instead: wording.weighWhatYouMeanThe,
            says: [line.text, sentence],
          },
        ];
    }
  }
  return [];
}

const FORBIDDEN = /\b(?:never|do not|don[’']?t|avoid|not\b)/i;

function wordsOfHarm(recipe: LooseRecipe, { lines }: Read, food: Food | undefined): Contradiction[] {
  const all = [recipe.name, recipe.description ?? "", ...recipe.ingredients, ...recipe.method];
  const says = (words: RegExp, unless: RegExp = /$^/) => all.filter((s) => words.test(s) && !unless.test(s));
  const hits: Contradiction[] = [];
  const add = (id: string, sentences: string[], when = true) => {
    if (when && sentences.length > 0) hits.push(found(id, sentences));
  };
  add(
    "frozen_in_brine",
    says(
      /\b(?:still frozen|straight from the freezer|from frozen|frozen (?:solid|bird|block|fillets?|\w+) (?:into|in|goes))\b/i,
      /\bnot frozen|thaw(?:ed)? (?:first|overnight|fully)/i,
    ),
  );
  add(
    "washing_poultry",
    says(
      /\b(?:rinse|wash)\b[^.]*\b(?:under|tap|sink|inside and out|well|bird|chicken|duck|goose|turkey)\b/i,
      /\b(?:no|not|don[’']?t|never|without)\b[^.]*\b(?:rins|wash)|\brinse (?:it |them )?(?:off|quickly)|\bwash your hands|\b(?:rice|lentils|herbs|leaves|vegetables)\b/i,
    ).filter(
      (s) =>
        recipe.method.indexOf(s) >= 0 &&
        recipe.method.indexOf(s) <=
          Math.max(
            0,
            recipe.method.findIndex((m) => timesIn(m).some((t) => t.low >= 60)),
          ),
    ),
    food?.kingdom === "bird",
  );
  add(
    "reactive_metal",
    says(
      /\balumin(?:i)?um\b(?!\s*foil)|\bunlined copper\b|\bcast[- ]iron (?:pan|pot|bowl)\b/i,
      /\bnot\b|\bnever\b|\bno alumin/i,
    ),
    lines.length > 0,
  );
  add(
    "honey_for_infant",
    says(/\bhoney\b/i).length > 0 || lines.some((l) => l.chosen?.id === "honey")
      ? says(
          /\b(?:baby|babies|infants?|under (?:one|a year|12 months|twelve months)|(?:six|eight|nine|ten|\d{1,2})[- ]months?[- ]old|weaning)\b/i,
          FORBIDDEN,
        )
      : [],
  );
  add(
    "raw_egg",
    says(
      /\braw (?:egg|yolk)|\b(?:yolks?|egg)\b[^.]*\b(?:uncooked|raw|mayonnaise|aioli|whisk(?:ed)? (?:with|into) (?:the )?oil)\b|\baioli\b/i,
      /\bpasteuri[sz]ed\b|\bhard[- ]boil/i,
    ),
  );
  add(
    "hot_brine",
    says(
      /\bwhile (?:it(?:['’]s| is) )?(?:still )?(?:hot|warm|boiling)\b[^.]*\b(?:pour|add|over|in)\b/i,
      /\b(?:cool|glaze|sauce|serve|eat|carve)/i,
    ),
  );
  add(
    "hot_brine",
    says(
      /\b(?:while|still)\b[^.]*\b(?:hot|warm|steaming)\b|\b(?:hot|warm|blood[- ]warm|hand[- ]hot) brine\b/i,
      /\b(?:cool|cold|chill|ice|rest|serve|carve|eat)/i,
    ).filter((s) => /\b(?:brine|marinade|water|liquid|bath)\b/i.test(s)),
  );
  add(
    "reused_marinade",
    recipe.method.filter(
      (s, i) =>
        /\b(?:left[- ]?over|remaining|rest of|what(?:ever)?(?:['’]s| is)? left|used|liquor|leftovers of|spare)\b[^.]*\b(?:marinade|it|liquor)?\b/i.test(
          s,
        ) &&
        /\b(?:marinade|liquor|what(?:ever)?(?:['’]s| is)? left)\b/i.test(s) &&
        /\b(?:baste|spoon|pour|serve|drizzle|brush|stir|tip|dress|as (?:a )?sauce|at the table)\b/i.test(s) &&
        !/\bboil|simmer|discard|throw|bin\b|reserved|set aside/i.test(`${s} ${recipe.method[i + 1] ?? ""}`),
    ),
  );
  return hits;
}
