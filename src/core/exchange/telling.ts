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

/** One thing to do, as a recipe for others says it: a sentence any reader knows, what is worth knowing beside it, and how long. */
export interface Told {
  section: "Getting ready" | "Standing" | "Cooking" | "To the table";
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
  const of = (n: number, unit: string) => (n === 0 ? [] : [`${n} ${unit}${n === 1 ? "" : "s"}`]);
  return [...of(h, "hour"), ...of(min, "minute")].join(" ");
}

/** Everything that is done, in its order; what goes on by itself stands in it too, for it takes the most time. */
export function tellingOf(f: Formulation, sheet: Formulated): Told[] {
  const exits = exitsOf(f, sheet);
  const program = programOf(f, sheet, { exits });
  const turns = program.steps.filter((s) => s.kind === "turn");
  const opening: Told = {
    section: "Getting ready",
    title: capital(PREPARATION_NAME[choiceOf(f.preparation)]),
    text: `This is ${article(PREPARATION_NAME[choiceOf(f.preparation)])}.`,
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
  if (step.kind === "serve" || step.kind === "store") return "To the table";
  if (step.kind === "soak" || step.kind === "goIn")
    return step.id === "go_in" && !program.steps.some((s) => s.kind === "soak") ? "Cooking" : "Standing";
  if (step.atMin < 0) return "Getting ready";
  return firstCook && step.atMin >= firstCook.atMin ? "Cooking" : "Standing";
}

function turned(first: Step, turns: readonly Step[]): Told {
  const every = turns.length > 1 ? turns[1].atMin - first.atMin : first.atMin;
  const text =
    turns.length > 1
      ? `Turn it every ${spelled(every)}, ${turns.length} times in all, and press it under again.`
      : `Turn it once, after ${spelled(every)}, and press it under again.`;
  return {
    section: "Standing",
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
  const beside = /^Into the oven beside it: (.*), (\d+ (?:min|h)(?: \d+)?)$/.exec(step.title);
  if (beside) return `Beside it in the oven, for the last ${beside[2]}: ${beside[1]}.`;
  switch (step.kind) {
    case "soak":
      return `Leave it ${described(f.preparation).words.stands}, ${placeOf(f)}, for ${spelled(step.minutes.likely)}.`;
    case "goIn":
      return step.minutes.likely > step.handsMin ? heated(stageOf(f, sheet, 0), step) : sentence(step.title);
    case "cook": {
      const stage = stageOf(f, sheet, Number(/(\d+)$/.exec(step.id)?.[1] ?? 1) - 1);
      return heated(stage, step);
    }
    case "probe":
      return step.part ? sentence(step.title) : `The core shall end at ${cook.toC} °C.`;
    case "ovenOut":
      return step.part ? sentence(step.title) : undefined;
    case "rest":
      return `Rest it for ${spelled(step.minutes.likely)}${step.title.includes("crust") ? " in its crust" : ", loosely tented"}.`;
    case "tend":
      return tended(step.title);
    default:
      return sentence(step.title);
  }
}

function placeOf({ holding: { place, temperatureC, covered } }: Formulation): string {
  const at = `${oneDigit(temperatureC)} °C`;
  const how = covered ? "covered" : "uncovered";
  return place === "cooler"
    ? `${how} in a cool box at ${at}`
    : place === "fridge"
      ? `${how} in the fridge at ${at}`
      : `${how} on the worktop`;
}

const COVER: Record<Cover, string> = {
  open: "open",
  lid: "covered with a lid",
  foil: "under foil",
  pouch: "in a closed pouch",
  crust: "in its crust",
};

const stageOf = (f: Formulation, sheet: Formulated, i: number): CookStage | undefined =>
  stagesOf(f, cookOf(f, sheet.food))[i];

const heated = (stage: CookStage | undefined, step: Step): string =>
  stage && isOven(stage) && !step.part
    ? `Bake it in the oven at ${Math.round(stage.ovenC)} °C, ${COVER[stage.cover]}, for ${spelled(step.minutes.likely)}.`
    : sentence(step.title);

/** How often and how late is no stretch of its own. */
const tended = (title: string): string => {
  const late = /^(.*), (\d+) min before the end$/.exec(title);
  return late
    ? `For the last ${late[2]} minutes: ${late[1].charAt(0).toLowerCase()}${late[1].slice(1)}.`
    : sentence(title);
};
const article = (name: string): string => `${/^[aeiou]/.test(name) ? "an" : "a"} ${name}`;
export const sentence = (text: string | undefined): string =>
  text ? (/[.!?]$/.test(text) ? text : `${text}.`) : "";
