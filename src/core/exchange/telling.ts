import { cookOf, stagesOf } from "../formula/cook/cook";
import { isOven } from "../formula/cook/cook-stages";
import type { Formulated } from "../formula/formulate";
import type { CookStage, Cover, Formulation } from "../formulation";
import { choiceOf, described } from "../preparations";
import { exitsOf } from "../program/exits";
import { programOf } from "../program/program";
import type { Program, Step } from "../program/step";
import { capital, oneDigit } from "../quantity/said";
import { PREPARATION_NAME } from "./names";
import * as words from "@/words/core/exchange/telling";

/** One thing to do, as a recipe for others says it: a sentence any reader knows, what is worth knowing beside it, and how long. */
export interface Told {
  section: "prepare" | "stand" | "cook" | "serve";
  title: string;
  text: string;
  tip: string;
  /** How long it takes, or what it begins goes on, min. */
  lastsMin: number;
  /** Weighed for it, g, by what. */
  weighed: string[];
}

/** Minutes as anybody reads them: "1 hour 50 minutes". */
export function spelled(minutes: number): string {
  const whole = Math.max(1, Math.round(minutes));
  const [h, min] = [Math.floor(whole / 60), whole % 60];
  return words.spelled(h, min);
}

/** Everything that is done, in its order; what goes on by itself stands in it too, for it takes the most time. */
export function tellingOf(f: Formulation, sheet: Formulated): Told[] {
  const exits = exitsOf(f, sheet);
  const program = programOf(f, sheet, { exits });
  const turns = program.steps.filter((s) => s.kind === "turn");
  const opening: Told = {
    section: "prepare",
    title: capital(PREPARATION_NAME[choiceOf(f.preparation)]),
    text: words.thisIs(PREPARATION_NAME[choiceOf(f.preparation)]),
    tip: "",
    lastsMin: 0,
    weighed: [],
  };
  return [
    opening,
    ...program.steps.flatMap((step): Told[] => {
      if (step.kind === "turn") return step === turns[0] ? [turned(step, turns)] : [];
      const text = textOf(f, sheet, step);
      return text === undefined ? [] : [told(step, program, text)];
    }),
  ];
}

function told(step: Step, program: Program, text: string): Told {
  return {
    section: sectionOf(step, program),
    title: step.title,
    text,
    tip: [step.why, step.look].filter(Boolean).map(sentence).join(" "),
    lastsMin: Math.max(step.minutes.likely, step.handsMin),
    weighed: step.figures.flatMap(({ what, value, unit }) =>
      unit === "g" ? [`${Math.round(value)} g ${what}`] : [],
    ),
  };
}

/** What lies under its own hour of going in, of coming out, or at the table. */
function sectionOf(step: Step, program: Program): Told["section"] {
  const firstCook = program.steps.find((s) => s.kind === "cook" || s.kind === "preheat");
  if (step.kind === "serve" || step.kind === "store") return "serve";
  if (step.kind === "soak" || step.kind === "goIn")
    return step.id === "go_in" && !program.steps.some((s) => s.kind === "soak") ? "cook" : "stand";
  if (step.atMin < 0) return "prepare";
  return firstCook && step.atMin >= firstCook.atMin ? "cook" : "stand";
}

function turned(first: Step, turns: readonly Step[]): Told {
  const [, second] = turns;
  const every = second ? second.atMin - first.atMin : first.atMin;
  const text = words.turnItEveryTimesIn(turns.length, spelled(every));
  return {
    section: "stand",
    title: first.title,
    text,
    tip: sentence(first.why),
    lastsMin: first.handsMin,
    weighed: [],
  };
}

/** @returns undefined for what only this app's own screens need */
function textOf(f: Formulation, sheet: Formulated, step: Step): string | undefined {
  const cook = cookOf(f, sheet.food);
  if (step.forOthers) return step.forOthers;
  switch (step.kind) {
    case "soak":
      return words.leaveItFor({
        stands: described(f.preparation).words.stands,
        amount: placeOf(f),
        likely: spelled(step.minutes.likely),
      });
    case "goIn":
      return step.minutes.likely > step.handsMin ? heated(stageOf(f, sheet, 0), step) : sentence(step.title);
    case "cook": {
      const stage = stageOf(f, sheet, Number(/(\d+)$/.exec(step.id)?.[1] ?? 1) - 1);
      return heated(stage, step);
    }
    case "probe":
      return step.part ? sentence(step.title) : words.theCoreShallEndAt(cook.toC);
    case "ovenOut":
      return step.part ? sentence(step.title) : undefined;
    case "rest":
      return words.restItForInIts(spelled(step.minutes.likely), f.preparation.kind === "saltCrust");
    default:
      return sentence(step.title);
  }
}

function placeOf({ holding: { place, temperatureC, covered } }: Formulation): string {
  const at = `${oneDigit(temperatureC)} °C`;
  const how = words.covered(covered);
  return words.inACoolBoxAt({ place, how, at });
}

const COVER: Record<Cover, string> = words.cover;

const stageOf = (f: Formulation, sheet: Formulated, i: number): CookStage | undefined =>
  stagesOf(f, cookOf(f, sheet.food))[i];

const heated = (stage: CookStage | undefined, step: Step): string =>
  stage && isOven(stage) && !step.part
    ? words.bakeItInTheOven({
        ovenC: Math.round(stage.ovenC),
        cover: COVER[stage.cover],
        likely: spelled(step.minutes.likely),
      })
    : sentence(step.title);

export const sentence = (text: string | undefined): string =>
  text ? (/[.!?]$/.test(text) ? text : `${text}.`) : "";
