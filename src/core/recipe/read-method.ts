import { temperaturesIn } from "./temperatures";
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

export interface ReadMethod {
  stages: SaidStage[];
  ovens: SaidHeat[];
  cores: SaidHeat[];
}

const SOAK =
  /\b(?:brin(?:e|ed|ing)|marinat(?:e|ed|ing)|marinad|soak|submerg|cur(?:e|ed|ing)|refrigerat|fridge|chill|steep|salt(?:ed)? (?:overnight|for)|leave|let (?:it )?(?:sit|stand)|stand)\w*/i;
const COOK = /\b(?:roast|bak(?:e|ing)|cook|grill|broil|simmer|sear|fry|braise|smoke|barbecue|oven)\w*/i;
const REST = /\brest(?:ing|s)?\b|\btent\b/i;
const CORE = /\b(?:internal|core|centre|center|thermometer|probe|thickest|reads?|registers?)\b/i;
const OVEN = /\b(?:oven|roast|bake|baking|preheat|heat|broil|grill)\w*/i;
const CHANGE =
  /\b(?:reduce|lower|turn (?:it |the (?:oven|heat) )?(?:up|down)|increase|raise|drop|bring (?:it )?down)\b/i;
/** No core of meat is cooked beyond this, and no oven roasts below it, °C. *Practice*. */
const CORE_MOST_C = 100;
const FRIDGE_MOST_C = 12;

/** Times and temperatures of a method, each with the sentence that says it. */
export function readMethod(sentences: readonly string[]): ReadMethod {
  const read: ReadMethod = { stages: [], ovens: [], cores: [] };
  let cooking = false;
  for (const sentence of sentences) {
    // A sentence may say two things: each half is judged by its own verbs.
    for (const clause of sentence.split(/,?\s+(?:then|and then|after that|before)\s+/i)) {
      const kind = stageOf(clause, cooking);
      for (const time of timesIn(clause)) read.stages.push({ ...time, kind, sentence });
      if (kind === "cook") cooking = true;
    }
    for (const heat of temperaturesIn(sentence)) {
      if (heat.celsius <= FRIDGE_MOST_C) continue;
      const found = { ...heat, sentence, changes: CHANGE.test(sentence) };
      const core = heat.celsius < CORE_MOST_C && (CORE.test(sentence) || !OVEN.test(sentence));
      (core ? read.cores : read.ovens).push(found);
    }
  }
  return read;
}

function stageOf(clause: string, cooking: boolean): SaidStage["kind"] {
  if (REST.test(clause) && !SOAK.test(clause.replace(/\blet\b/i, ""))) return "rest";
  if (COOK.test(clause) && !/\b(?:brin|marinat|refrigerat|fridge|soak)/i.test(clause)) return "cook";
  if (REST.test(clause) && cooking) return "rest";
  if (SOAK.test(clause)) return "soak";
  return "other";
}

/** The longest soak the method names; undefined where it names none. */
export const soakOf = (read: ReadMethod): SaidStage | undefined =>
  read.stages.filter((s) => s.kind === "soak").sort((a, b) => b.high - a.high)[0];
