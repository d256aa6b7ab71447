import { temperaturesIn, type SaidTemperature } from "./temperatures";
import { timesIn, type SaidTime } from "./times";

export interface SaidStage extends SaidTime {
  kind: "soak" | "cook" | "rest" | "other";
  sentence: string;
}

export interface SaidHeat {
  celsius: number;
  text: string;
  sentence: string;
  /** The sentence says it is turned up or down to this. */
  changes: boolean;
}

/** One stretch of the cook as the recipe gives it. */
export interface CookSaidStage {
  ovenC?: number;
  minutes?: SaidTime;
  cover?: "open" | "covered" | "foil";
}

export interface ReadMethod {
  stages: SaidStage[];
  ovens: SaidHeat[];
  cores: SaidHeat[];
  cook: CookSaidStage[];
  rest: SaidTime | undefined;
  rinse: boolean | undefined;
  place: "fridge" | "room" | "cooler" | undefined;
  /** Time in the oven the recipe says it takes in all. */
  ovenTotal: SaidStage | undefined;
  /** Two settings for one stretch, with nothing that says the oven is changed. */
  ovenConflict: [SaidHeat, SaidHeat] | undefined;
}

const SOAK =
  /\b(?:brin(?:e|ed|es|ing)|marinat(?:e|ed|es|ing)|marinade|soak|submerg|steep|cur(?:e|ed|ing)\b|refrigerat|fridge|larder|chill|cool ?box|esky|worktop|counter|room temp|salt(?:ed)? (?:overnight|for)|leave|left|keep it\b|in on \w+day\b|stands?\b|sits?\b|bathe?s?\b|go(?:es)? in\b|keep covered|put .*\baway)\w*/i;
const COOK =
  /\b(?:roast|bak(?:e|es|ed|ing)|cook|grill|broil|simmer|sear|fry|braise|smoke|barbecue|bbq|oven|griddle|skillet|hot coals|hot pan|frying pan|rack)\w*/i;
const REST =
  /(?<!\bthe )\brest(?:s|ed|ing)?\b(?! of| all| goes| into| over| lives)|\btent\b|\bsettle\b|\blet (?:it|them|the \w+) (?:sit|stand|settle|be)\b|\bleave (?:it|them) (?:be|alone|for \d|\d)\b|\bleave (?:for )?\d|\bleave (?:it |them )?shut\b|\bmin(?:ute)?s? (?:shut|wrapped)\b|\blet stand\b|\bsits? for\b|\bbefore (?:anybody|anyone|cracking|carving|slicing|cutting|opening|you (?:carve|cut|slice|pull))\b/i;
const CORE =
  /\b(?:internal|inside|core|centre|center|middle|heart|thermometer|probe|thickest|thick part|reads?|registers?|shows?|says?|reach(?:es)?|against the bone|bone end|until (?:it is|it's|they are)?\s*\d|thigh|taken to|cooked to|up to temperature|degrees)\b/i;
const OVEN_SET = /\b(?:oven|roast|bake|baking|preheat|broil|grill|set (?:the|your)|gas mark)\w*/i;
const CHANGE =
  /\b(?:reduce|lower|turn (?:it |the (?:oven|heat) )?(?:up|down)|turn(?:ed)? (?:up|down)|increase|raise|drop|bring (?:it |the \w+ )?(?:up|down)|crank|whack|then|finish|up to|down to|blast|after that|second)\b/i;
/** Times that are no stretch of their own: how often, how late, or in all. */
const PASSING =
  /\b(?:every|at(?: the)?|out(?: of the oven)? for|after(?: the)?(?: first)?|for the last|in the last|the last|last|halfway|half[- ]way|turn(?:ing|ed)? (?:it |them )?(?:at|after)|of which)\s+(?:about\s+)?$/i;
const IN_ALL = /\b(?:altogether|all told|in all|in total|total|all in)\b/i;
const PER_SIDE = /^\s*(?:\/|(?:a|per|each|on each|on the first|on the other)\s+)side/i;
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
    rinse: rinseSaid(sentences),
    place: undefined,
    ovenTotal: undefined,
    ovenConflict: undefined,
  };
  let cooking = false;
  let meta: SaidHeat | undefined;
  for (const told of sentences) {
    // A roasting tray roasts nothing.
    const sentence = told;
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
  if (!cooking && COLD_HOURS.test(clause)) return "soak";
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
/** Left shut after the oven. */
const IN_CRUST = /\bin (?:the|its) crust\b(?![^.]{0,80}\boven\b)/i;

/** An oven that is lit is not yet a cook. */
const PREHEAT =
  /\bpre-?heat\b|\b(?:heat|light|turn on|set) (?:the|your|an?) oven\b(?![^.]*\b(?:put|in go|roast|bake)\b)/i;

/** "Oven: 160C", "Oven 200 °C (fan 180)": said of the whole, before the steps. */
const LABEL =
  /^\W*(?:\w+\W+\d+\W+)?(?:oven|temperature|temp|heat|time|cooking time)\W*(?::|\*|\s)\s*(?:gas(?: mark)? |about )?\d/i;

const withoutTins = (text: string): string =>
  text.replace(
    /\b(?:roasting|baking|cooking|oven|grill)[- ]?(?:tray|tin|pan|sheet|dish|foil|paper|rack)s?\b/gi,
    " ",
  );

/** The label's setting is that of a stretch without one; another than the steps' is a disagreement. */
function againstLabel(read: ReadMethod, meta: SaidHeat): void {
  const first = read.cook.find((s) => s.ovenC !== undefined);
  if (!first) {
    if (read.cook.length === 0) read.cook.push({ ovenC: meta.celsius });
    for (const stage of read.cook) stage.ovenC ??= meta.celsius;
    read.ovens.unshift(meta);
  } else if (
    first.ovenC !== undefined &&
    Math.abs(first.ovenC - meta.celsius) > (/\bfan\b/i.test(meta.sentence) ? FAN_APART_C : 9)
  ) {
    const [other] = read.ovens;
    read.ovenConflict ??= [meta, other ?? meta];
  }
}
/** A fan oven is set so much lower, °C: that far apart they may mean one heat. */
const FAN_APART_C = 22;

const before = (sentence: string, at: number): string => sentence.slice(0, at);

/** @param hot the same sentence sets an oven hotter than any core */
function isCore(heat: SaidTemperature, sentence: string, hot: boolean): boolean {
  if (heat.celsius > CORE_MOST_C || heat.celsius < CORE_LEAST_C) return false;
  const ahead = before(sentence, heat.at);
  if (hot && /\b(?:to|till|until)\s+(?:about\s+|around\s+)?$/i.test(ahead)) return true;
  // "Roast for 22 minutes, to 58C": no oven is brought to that.
  if (
    /\b(?:to|till|until)\s+(?:about\s+|around\s+)?$/i.test(ahead) &&
    !/\b(?:oven|heat|set)\w*\b[^,;]{0,30}$/i.test(ahead)
  )
    return true;
  return CORE.test(sentence) || !OVEN_SET.test(sentence) || /\buntil\b/i.test(before(sentence, heat.at));
}

interface Clause {
  text: string;
  at: number;
}

/** A sentence may say several things: each clause is judged by its own verbs. */
function clausesOf(sentence: string): Clause[] {
  const clauses: Clause[] = [];
  let from = 0;
  for (const match of sentence.matchAll(
    /(?:,|;|:)?\s+(?:then|and then|after that|before|and let|and leave|and rest)\s+|[;:]\s+|,\s+(?=\d+ min(?:ute)?s? (?:shut|wrapped)\b|rest\b|let\b|bake\b|roast\b|grill\b|broil\b|barbecue\b|fry\b|sear\b|until\b|and (?:[\w'’]+ ){1,3}?rest\b)/gi,
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

/** Ovens and times of one sentence, in the order they stand, into stretches of the cook. */
function stagesFrom(
  read: ReadMethod,
  sentence: string,
  ovens: readonly SaidTemperature[],
  cooking: boolean,
): void {
  const times = read.stages.filter(
    (s) =>
      s.sentence === sentence && (s.kind === "cook" || (s.kind === "other" && cooking && ovens.length > 0)),
  );
  const tokens = [
    ...ovens.map((oven) => ({ at: oven.at, oven, time: undefined })),
    ...times.map((time) => ({ at: time.at, oven: undefined, time })),
  ].sort((a, b) => a.at - b.at);
  for (const [i, { oven, time, at }] of tokens.entries()) {
    const last = read.cook.at(-1);
    // "20 minutes at gas 7": the heat behind a time is that time's.
    const next = tokens[i + 1]?.oven;
    const own =
      time && next && /^\s*(?:at|in an?)\s*$/i.test(sentence.slice(at + time.text.length, next.at))
        ? next.celsius
        : undefined;
    if (oven && last?.ovenC === oven.celsius && last.minutes && tokens[i - 1]?.time) continue;
    if (oven) {
      if (last?.ovenC !== undefined && !last.minutes && Math.abs(last.ovenC - oven.celsius) > 9) {
        if (!CHANGE.test(before(sentence, at))) {
          const [first] = read.ovens;
          read.ovenConflict ??= [first, { ...oven, sentence, changes: false }];
        }
        last.ovenC = oven.celsius;
      } else if (last && last.minutes && last.ovenC === undefined && cooking) last.ovenC = oven.celsius;
      else if (!last || last.minutes || last.ovenC === undefined) {
        if (last && last.minutes && last.ovenC === oven.celsius) continue;
        if (last && !last.minutes) last.ovenC = oven.celsius;
        else read.cook.push({ ovenC: oven.celsius });
      }
      continue;
    }
    if (!time || PASSING.test(before(sentence, at))) continue;
    if (PER_SIDE.test(sentence.slice(at + time.text.length))) continue;
    const cover = coverOf(sentence, at, time.text.length);
    if (last && !last.minutes) Object.assign(last, { minutes: time, ...(cover && { cover }) });
    else
      read.cook.push({
        ...((own ?? last?.ovenC) !== undefined && { ovenC: own ?? last?.ovenC }),
        minutes: time,
        ...(cover && { cover }),
      });
  }
}

const OPEN =
  /\b(?:uncovered|unwrap(?:ped)?|naked|bare|open|without (?:the |its )?(?:lid|foil)|lid off|foil off|uncover)\b/i;

/** How it is covered for a stretch, by the words nearest behind its time, or before it. */
function coverOf(sentence: string, at: number, length: number): CookSaidStage["cover"] {
  const behind = sentence.slice(at + length).split(/[,;]|\bthen\b|\band (?=half|\d|a )/i)[0];
  const ahead =
    sentence
      .slice(0, at)
      .split(/[,;]|\bthen\b/i)
      .at(-1) ?? "";
  const whole = timesIn(sentence).length === 1 ? [sentence] : [];
  for (const words of [behind, ahead, ...whole]) {
    if (OPEN.test(words)) return "open";
    if (/\bfoil\b/i.test(words)) return "foil";
    if (/\b(?:covered|with (?:the |its |a )?lid|lid on|under (?:a )?lid)\b/i.test(words)) return "covered";
  }
  return undefined;
}

function placeOf(text: string): ReadMethod["place"] {
  if (/\b(?:bring|come|warm)\w*\b[^.]*\bto room temp/i.test(text)) return undefined;
  if (/\bcool ?box\b|\besky\b|\bcooler\b|\bice chest\b/i.test(text)) return "cooler";
  // No room stands so cold.
  if (/\b(?:at|to)\s+[0-5]\s*°\s*C\b/i.test(text)) return "fridge";
  const out =
    /\b(?:worktop|work surface|counter|room temp(?:erature)?|kitchen table|on the side|on the bench|in the kitchen|out of the fridge)\b/i;
  const cold = /\b(?:fridge|refrigerat\w*|larder|cold room|chill(?:ed|er)?)\b/i;
  if (out.test(text) && !/\bout of the fridge\b[^.]*\b(?:before|an hour|\d+ min)/i.test(text)) {
    return cold.test(text) && text.search(cold) < text.search(out) ? "fridge" : "room";
  }
  return cold.test(text) ? "fridge" : undefined;
}

const NO_RINSE =
  /\b(?:no|not|without|don[’']?t|do not|never|nor|skip the)\b[^.;,]*\b(?:rins(?:e|ing|ed)|wash(?:ing)?)\b|\brins(?:e|ing)\b[^.;,]*\b(?:not needed|unnecessary|no need)\b/i;

/** The shortest cure that is rinsed off, min. */
const SOAK_LEAST_MIN = 10;

/** Whether it is rinsed after its soak; a "do not" anywhere decides. */
function rinseSaid(sentences: readonly string[]): boolean | undefined {
  if (sentences.some((s) => NO_RINSE.test(s))) return false;
  const soaked = sentences.findIndex((s) => timesIn(s).some((t) => t.high >= SOAK_LEAST_MIN) && SOAK.test(s));
  const rinsed = sentences.findIndex(
    (s, i) => /\brins(?:e|es|ed|ing)\b|\bwash(?:ed)? (?:off|the salt)/i.test(s) && i >= Math.max(0, soaked),
  );
  return rinsed >= 0 && soaked >= 0 ? true : undefined;
}

/** Out of the cold to lose its chill: no soak. */
const OUT_BEFORE = /\b(?:out of|from) the (?:fridge|refrigerator)\b[^.]*\bbefore\b|\bto room temperature\b/i;

const FURTHER = /\b(?:further|another|more) (?:\d|few|couple|night|half|hour)/i;

/** "Ten minutes, no longer, drain them": where no other word says so, what is drained or lifted out after so long was soaked. */
function drainedAfter(read: ReadMethod): SaidStage | undefined {
  const found = read.stages.find((s) => s.kind !== "soak");
  return found?.kind === "other" && /\b(?:drain|lift(?:ed)? (?:it |them )?out)\b/i.test(found.sentence)
    ? found
    : undefined;
}

/** The longest soak the method names; a shorter one that will do stretches it downward. */
export function soakOf(read: ReadMethod): SaidStage | undefined {
  const soaks = read.stages.filter(
    (s) => s.kind === "soak" && !OUT_BEFORE.test(s.sentence) && !/\b(?:every|stir|turn)/i.test(s.text),
  );
  const [first] = soaks;
  // A dough that sits half an hour is no soak where a longer one follows.
  const longest = first && first.high < 60 ? [...soaks].sort((a, b) => b.high - a.high)[0] : first;
  if (!longest) return drainedAfter(read);
  // "A further ten hours": what comes after adds to it.
  const further = soaks.filter((s) => s !== longest && FURTHER.test(s.sentence));
  if (further.length > 0)
    return {
      ...longest,
      low: longest.low + further.reduce((sum, s) => sum + s.low, 0),
      high: longest.high + further.reduce((sum, s) => sum + s.high, 0),
    };
  const also = soaks.find(
    (s) =>
      s !== longest &&
      s.high < longest.low &&
      /\b(?:ok|enough|will do|hurry|pushed|short of time|at least|minimum)\b/i.test(s.sentence),
  );
  return also ? { ...longest, low: also.low } : longest;
}
