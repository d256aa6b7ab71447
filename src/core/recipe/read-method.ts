import type { CookSaidStage, ReadMethod, SaidHeat, SaidStage } from "./method";
import { againstLabel, before, CHANGE, stagesFrom } from "./oven-said";
import { placeOf, rinseSaid, SOAK } from "./soak-said";
import { tendingIn } from "./tending-said";
import { temperaturesIn, type SaidTemperature } from "./temperatures";
import { timesIn } from "./times";

const COOK =
  /\b(?:roast|bak(?:e|es|ed|ing)|cook|grill|broil|simmer|sear|fry|braise|smoke|barbecue|bbq|oven|griddle|skillet|hot coals|hot pan|frying pan|rack)\w*/i;
const REST =
  /(?<!\bthe )\brest(?:s|ed|ing)?\b(?! of| all| goes| into| over| lives)|\btent\b|\bsettle\b|\blet (?:it|them|the \w+) (?:sit|stand|settle|be)\b|\bleave (?:it|them) (?:be|alone|for \d+|\d+)\b|\bleave (?:for )?\d|\bleave (?:it |them )?shut\b|\bmin(?:ute)?s? (?:shut|wrapped)\b|\blet stand\b|\bsits? for\b|\bbefore (?:anybody|anyone|cracking|carving|slicing|cutting|opening|serving|(?:you|I|we) (?:carve|cut|slice|pull|serve))\b/i;
const CORE =
  /\b(?:internal|inside|core|centre|center|middle|heart|thermometer|probe|thickest|thick part|reads?|registers?|shows?|says?|reach(?:es)?|against the bone|bone end|until (?:it is|it's|they are)?\s*\d|thigh|taken to|cooked to|up to temperature|degrees)\b/i;
const OVEN_SET = /\b(?:oven|roast|bake|baking|preheat|broil|grill|set (?:the|your)|gas mark)\w*/i;
const IN_ALL = /\b(?:altogether|all told|in all|in total|total|all in)\b/i;
/** No core of meat is cooked beyond this, and no oven roasts below it, °C. *Practice*. */
const CORE_MOST_C = 100;
const CORE_LEAST_C = 38;

/** Times and temperatures of a method, each with the sentence that says it. */
export function readMethod(sentences: readonly string[]): ReadMethod {
  const read: ReadMethod = {
    stages: [],
    ovens: [],
    cores: [],
    cook: [],
    rest: undefined,
    ...rinseSaid(sentences),
    place: undefined,
    ovenTotal: undefined,
    ovenConflict: undefined,
  };
  let cooking = false;
  let meta: SaidHeat | undefined;
  for (const sentence of sentences) {
    const heats = temperaturesIn(sentence);
    // With a time behind it it is a step: "Oven 220C for 30 minutes, then …".
    if (LABEL.test(sentence) && timesIn(sentence).length === 0) {
      const oven = heats.find((h) => h.celsius > CORE_MOST_C);
      if (oven) meta ??= { ...oven, sentence, changes: false };
      continue;
    }
    const hot = heats.some((h) => h.celsius > CORE_MOST_C);
    const cores = heats.filter((h) => isCore(h, sentence, hot));
    const ovens = heats.filter((h) => !cores.includes(h) && h.celsius >= 60);
    for (const core of cores) read.cores.push({ ...core, sentence, changes: false });
    for (const oven of ovens)
      read.ovens.push({ ...oven, sentence, changes: CHANGE.test(before(sentence, oven.at)) });
    const cooks = COOK.test(withoutTins(sentence));
    let earlier = "other" as SaidStage["kind"];
    for (const clause of clausesOf(sentence)) {
      const own = kindOf(clause.text, cooking, ovens.length > 0);
      const kind = kindAmong(clause.text, own, { cooking, cooks, earlier, open: read.cook.at(-1) });
      earlier = kind;
      for (const time of timesIn(clause.text)) {
        if (/\b(?:not|never|no)\s+(?:more than\s+|for\s+)?$/i.test(clause.text.slice(0, time.at))) continue;
        // "Oven 200 °C." and then "35 minutes.": a time alone is the label's.
        if (meta && kind === "other" && !cooking && clause.text.trim().length <= time.text.length + 1) {
          read.cook.push({ minutes: time });
          cooking = true;
          continue;
        }
        const placed = { ...time, at: time.at + clause.at };
        if (kind === "cook" || (kind === "other" && ovens.length > 0)) {
          const summed = /^\s*(?:altogether|all told|in all|in total|total|all in)\b/i.test(
            clause.text.slice(time.at + time.text.length),
          );
          if (
            summed ||
            (IN_ALL.test(clause.text) && !ovens.some((o) => o.at >= clause.at && o.at < placed.at))
          ) {
            read.ovenTotal ??= { ...placed, kind: "cook", sentence };
            continue;
          }
        }
        read.stages.push({ ...placed, kind, sentence });
        if (kind === "rest" && cooking) read.rest = placed;
        if (kind === "soak" && !cooking) read.place ??= placeOf(sentence);
      }
      if (kind === "soak" && !cooking) read.place ??= placeOf(clause.text);
      if (kind === "cook" && !PREHEAT.test(sentence) && (ovens.length > 0 || timesIn(clause.text).length > 0))
        cooking = true;
    }
    stagesFrom(read, sentence, ovens, cooking);
    const last = read.cook.at(-1);
    const tend = last && cooking ? (last.tend ?? tendingIn(sentence, last)) : undefined;
    if (last && tend) last.tend = tend;
  }
  read.place ??= sentences.map(placeOf).find((p) => p !== undefined);
  if (meta) againstLabel(read, meta);
  // One heat and one time "in all": they belong together.
  const [only] = read.cook;
  if (read.cook.length === 1 && !only.minutes && read.ovenTotal) only.minutes = read.ovenTotal;
  return read;
}

interface Around {
  cooking: boolean;
  /** The sentence itself cooks. */
  cooks: boolean;
  earlier: SaidStage["kind"];
  /** The stretch of the cook that was spoken of last. */
  open: CookSaidStage | undefined;
}

/** What a clause speaks of where its own verbs do not say: it goes on about what was spoken of before. */
function kindAmong(clause: string, own: SaidStage["kind"], around: Around): SaidStage["kind"] {
  const { cooking, cooks, earlier, open } = around;
  const making = MAKING.exec(clause);
  // "… cool it all down, submerge, 36 hours in the fridge": made first, then soaked in.
  if (making && !cooking && INTO_IT.test(clause.slice(making.index + making[0].length))) return "soak";
  if (making) return "other";
  if (!cooking && (COLD_HOURS.test(clause) || COLD_AT.test(clause))) return "soak";
  if (cooking && IN_CRUST.test(clause)) return "rest";
  if (own !== "other") return own;
  if (!cooking && /\bnight before\b/i.test(clause)) return "soak";
  // "60 minutes covered, then 45 open", "Plan on 180 to 210 min".
  if (cooks || (cooking && open !== undefined && !open.minutes)) return "cook";
  return earlier === "soak" && !cooking ? "soak" : "other";
}

/** A liquid is made hot and cold again: nothing is cooked yet. */
const MAKING =
  /\b(?:simmer|boil|heat|warm|toast|bring)\w*\b(?![^.]{0,200}\b(?:oven|roast|bake)\b)[^.]{0,200}\b(?:cool|cold|dissolv|reduc|chill)/i;

/** What goes into what was made. */
const INTO_IT = /\b(?:submerg|fridge|refrigerat|brin(?:e|ed) it|put (?:it|them) in|in goes?)\w*/i;
/** "12-18 hours cold." */
const COLD_HOURS = /\b(?:hours?|hrs?|h)\s+(?:in the )?cold\b/i;
/** "4 days at 3 °C, then straight to the oven." */
const COLD_AT = /\bat (?:about )?[0-8]\s*°?\s*C\b/;
/** Left shut after the oven. */
const IN_CRUST = /\bin (?:the|its) crust\b(?![^.]{0,80}\boven\b)/i;

/** An oven that is lit is not yet a cook. */
const PREHEAT =
  /\bpre-?heat\b|\b(?:heat|light|turn on|set) (?:the|your|an?) oven\b(?![^.]*\b(?:put|in go|roast|bake)\b)/i;

/** "Oven: 160C", "Oven 200 °C (fan 180)": said of the whole, before the steps. */
const LABEL =
  /^\W*(?:\w+\W+\d+\W+)?(?:oven|temperature|temp|heat|time|cooking time)\W*(?::|\*|\s)\s*(?:gas(?: mark)? |about )?\d/i;

/** A roasting tray roasts nothing. */
const withoutTins = (text: string): string =>
  text.replace(
    /\b(?:roasting|baking|cooking|oven|grill)[- ]?(?:tray|tin|pan|sheet|dish|foil|paper|rack|powder|soda)s?\b/gi,
    " ",
  );

/** @param hot the same sentence sets an oven hotter than any core */
function isCore(heat: SaidTemperature, sentence: string, hot: boolean): boolean {
  if (heat.celsius > CORE_MOST_C || heat.celsius < CORE_LEAST_C) return false;
  const ahead = before(sentence, heat.at);
  // "Steam at 85C or until 52C": what it is held at is no core where another figure is what it comes to.
  if (
    /\bat\s+(?:about\s+|around\s+)?$/i.test(ahead) &&
    UNTIL_FIGURE.test(sentence.slice(heat.at + heat.text.length))
  )
    return false;
  if (hot && /\b(?:to|till|until)\s+(?:about\s+|around\s+)?$/i.test(ahead)) return true;
  // "Roast for 22 minutes, to 58C": no oven is brought to that.
  if (
    /\b(?:to|till|until)\s+(?:about\s+|around\s+)?$/i.test(ahead) &&
    !/\b(?:oven|heat|set)\w*\b[^,;]{0,30}$/i.test(ahead)
  )
    return true;
  return CORE.test(sentence) || !OVEN_SET.test(sentence) || /\buntil\b/i.test(before(sentence, heat.at));
}

const UNTIL_FIGURE = /\b(?:until|till|to|reads?|shows?)\b[^.;]{0,24}\b\d{2,3}\s*(?:°|º|C\b|F\b|degrees)/i;

interface Clause {
  text: string;
  at: number;
}

/** A sentence may say several things: each clause is judged by its own verbs. */
function clausesOf(told: string): Clause[] {
  // "Total time in the oven: 2 h 30" is one thing said.
  const sentence = told.replace(/(\btotal\b[^.:;]{0,30}):(?=[^.;,]{0,24}\.?$)/i, "$1 ");
  const clauses: Clause[] = [];
  let from = 0;
  for (const match of sentence.matchAll(
    /(?:,|;|:)?\s+(?:then|and then|after that|before(?! (?:I|you|we|any|carv|slic|cutt|open|serv))|and let|and leave|and rest)\s+|[;:]\s+|,\s+(?=\d+ min(?:ute)?s? (?:shut|wrapped)\b|rest\b|let\b|bake\b|roast\b|grill\b|broil\b|barbecue\b|fry\b|sear\b|until\b|and (?:[\w'’]+ ){1,3}?rest\b)/gi,
  )) {
    clauses.push({ text: sentence.slice(from, match.index), at: from });
    from = match.index;
  }
  clauses.push({ text: sentence.slice(from), at: from });
  return clauses;
}

function kindOf(clause: string, cooking: boolean, heated: boolean): SaidStage["kind"] {
  const soaking =
    /\b(?:brin|marinat|refrigerat|fridge|larder|soak|worktop|counter|room temp|cool ?box)/i.test(clause);
  if (REST.test(clause) && (cooking || !soaking) && !/\b(?:dough|batter)\b/i.test(clause)) {
    if (cooking || !SOAK.test(clause.replace(/\blet\b/i, "")))
      return cooking ? "rest" : soaking ? "soak" : "rest";
  }
  if ((COOK.test(withoutTins(clause)) || heated) && !soaking) return "cook";
  if (soaking || SOAK.test(clause)) return cooking ? "other" : "soak";
  return "other";
}
