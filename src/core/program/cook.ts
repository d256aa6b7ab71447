import { stagesOf } from "../formula/cook/cook";
import { isOven } from "../formula/cook/cook-stages";
import { preheatMin } from "../heat/oven";
import { degrees } from "../quantity/said";
import { bedding, glazing } from "./beside";
import { isCrust, type WorkedDish } from "./dish";
import type { Exit } from "./exits";
import { staged, tending } from "./oven-stage";
import { climbText, probing, takeOut } from "./probing";
import { searing } from "./searing";
import { tie } from "./soak";
import { begun, byHand, byItself, TEND_SLACK_MIN, type Step, type Tie } from "./step";
import * as words from "@/words/core/program/cook";
import { firstOf } from "../sequence";

/** An oven is heated for so long, and may wait so long for what goes in. *Practice*. */
const HEATED_WAITS_MIN = 15;
/** The probe is looked at so long before the end. */
const PROBE_BEFORE_MIN = 15;
/** A rest may be drawn out so long under foil and a cloth. *Practice*. */
const HOLD_MIN = 30;
interface Cooked {
  steps: Step[];
  ties: Tie[];
  /** The first step of the heat, and the last of the rest, of each exit. */
  firsts: string[];
  rests: string[];
}

/** Every exit's pan, oven, tending, exit and rest, and the oven heated before the first of them. */
export function cookSteps(dish: WorkedDish): Cooked {
  const { cook } = dish;
  const apart = cook.apart === true && (cook.parts?.length ?? 0) > 0;
  const trays = apart ? dish.exits : dish.exits.slice(0, 1);
  const cooked = levelled(trays.map((exit, i) => tray(dish, exit, apart ? `p${i + 1}_` : "")));
  const held = apart ? [] : dish.exits.slice(1);
  const first = firstOf(cooked);
  const steps = cooked.flatMap((c) => c.steps);
  const ties = cooked.flatMap((c) => c.ties);
  for (const exit of held) {
    const found = partProbe(dish, exit);
    steps.push(found.step);
    ties.push(found.tie);
  }
  const bed = apart ? { steps: [], ties: [] } : bedding(dish, first);
  steps.push(...bed.steps);
  ties.push(...bed.ties);
  return {
    ...heated(dish, steps, ties),
    firsts: cooked.map((c) => c.first),
    rests: cooked.map((c) => c.rest),
  };
}

interface Tray {
  steps: Step[];
  ties: Tie[];
  first: string;
  rest: string;
  /** Minutes in the oven. */
  ovenMin: number;
  /** When it has rested. */
  restedMin: number;
}

/** Parts that are done sooner go in later: all have rested for one table. */
function levelled(trays: readonly Tray[]): Tray[] {
  const longest = Math.max(...trays.map((t) => t.restedMin));
  return trays.map((t) => {
    const laterMin = longest - t.restedMin;
    return { ...t, steps: t.steps.map((s) => ({ ...s, atMin: s.atMin + laterMin })) };
  });
}

/** One thing with a middle of its own, from the pan to its rest. Its minutes are counted from its own start. */
function tray(dish: WorkedDish, exit: Exit, prefix: string): Tray {
  const crust = isCrust(dish);
  const part = exit.name === "" ? {} : { part: exit.name };
  const steps: Step[] = [];
  const ties: Tie[] = [];
  const before = exit.stages.filter((s) => !isOven(s));
  const inOven = exit.stages.filter(isOven);
  let atMin = 0;
  let last: string | undefined;
  before.forEach((stage, i) => {
    const step = { ...searing(dish, stage, `${prefix}sear_${i + 1}`), ...part, atMin };
    steps.push(step);
    if (last) ties.push(tie(last, "end", step.id, "start", 0, 10));
    last = step.id;
    atMin += step.minutes.likely;
  });
  const ovenFrom = atMin;
  let opened: Step | undefined;
  inOven.forEach((stage, i) => {
    const id = crust && i === 0 ? "go_in" : `${prefix}stage_${i + 1}`;
    const step: Step = { ...staged(dish, exit, stage, inOven[i - 1], id), ...part, atMin };
    steps.push(step);
    if (last) ties.push(i === 0 ? tie(last, "end", id, "start", 0, 10) : tie(last, "end", id, "start", 0, 0));
    const tended = tending(stage, `${prefix}tend_${i + 1}`, id, atMin);
    steps.push(...tended.steps.map((s) => ({ ...s, ...part })));
    ties.push(...tended.ties);
    last = id;
    opened = step;
    atMin += stage.minutes;
  });
  const out = { ...takeOut(dish, exit, `${prefix}oven_out`), ...part, atMin };
  const rest: Step = {
    ...byItself(
      `${prefix}rest`,
      "rest",
      exit.restMin,
      words.restingInItsCrust(crust),
      words.juiceSettlesTheMiddleStill,
      {
        minutes: { least: exit.restMin, likely: exit.restMin, most: exit.restMin + (crust ? 10 : HOLD_MIN) },
      },
    ),
    ...part,
    atMin,
  };
  if (inOven.length === 0) {
    steps.push(rest);
    if (last) ties.push(tie(last, "end", rest.id, "start", 0, 0));
  } else {
    const probe: Step = {
      ...probing(dish, exit, `${prefix}probe`),
      ...part,
      atMin: atMin - Math.min(PROBE_BEFORE_MIN, (atMin - ovenFrom) / 3),
    };
    steps.push(probe, out, rest);
    const first = steps.find((s) => s.kind === "cook" || s.id === "go_in")?.id ?? out.id;
    ties.push(
      tie(opened?.id ?? out.id, "end", out.id, "start", 0, 0),
      tie(out.id, "start", rest.id, "start", 0, 0),
      tie(
        first,
        "start",
        probe.id,
        "start",
        Math.max(0, probe.atMin - ovenFrom - TEND_SLACK_MIN),
        probe.atMin - ovenFrom + TEND_SLACK_MIN,
        {
          wantedMin: probe.atMin - ovenFrom,
        },
      ),
    );
    const glaze = glazing(dish, inOven, prefix, out.id, atMin);
    steps.push(...glaze.steps.map((s) => ({ ...s, ...part })));
    ties.push(...glaze.ties);
  }
  return {
    steps,
    ties,
    first: firstOf(steps).id,
    rest: rest.id,
    ovenMin: atMin - ovenFrom,
    restedMin: atMin + exit.restMin,
  };
}

function partProbe(dish: WorkedDish, exit: Exit): { step: Step; tie: Tie } {
  const under = isCrust(dish) ? "go_in" : "stage_1";
  const at = Math.max(1, exit.minutes - 5);
  const { safeMinC } = dish.sheet.food;
  const step: Step = {
    ...byHand(
      `part_${exit.channel}`,
      "probe",
      2,
      words.probeTheOutAt(exit.name, exit.outC),
      words.itComesOutByItself(climbText(exit)),
      {
        ...(safeMinC !== null && { look: words.officialMinimum(degrees(safeMinC)) }),
        figures: [
          { what: words.outAt, value: exit.outC, unit: "°C" },
          { what: words.endsAt, value: exit.endC, unit: "°C" },
        ],
      },
    ),
    part: exit.name,
    ends: { by: "core", channel: exit.channel, outC: exit.outC, endC: exit.endC },
    atMin: searMinutes(dish) + at,
  };
  return {
    step,
    tie: tie(under, "start", step.id, "start", Math.max(0, at - TEND_SLACK_MIN), at + TEND_SLACK_MIN, {
      wantedMin: at,
    }),
  };
}

const searMinutes = (dish: WorkedDish): number =>
  (dish.exits[0]?.stages ?? [])
    .filter((s) => !isOven(s))
    .reduce((sum, s, i) => sum + searing(dish, s, `sear_${i + 1}`).minutes.likely, 0);

/** The oven comes to its heat before the first thing that needs it: the food, or a bed that goes in first. */
function heated(dish: WorkedDish, steps: Step[], ties: Tie[]): { steps: Step[]; ties: Tie[] } {
  const inOven = steps.filter((s) => s.kind === "cook" || s.id === "go_in" || s.id.startsWith("bed_"));
  if (inOven.length === 0) return { steps, ties };
  const first = inOven.reduce((a, b) => (b.atMin < a.atMin ? b : a));
  const lead = firstOf(dish.exits).stages.find(isOven) ?? firstOf(stagesOf(dish.input, dish.cook));
  const airC = first.part
    ? (dish.exits.find((e) => e.name === first.part)?.stages.find(isOven)?.ovenC ?? lead.ovenC)
    : lead.ovenC;
  const heatsUpMin = preheatMin(dish.input.heatHere?.heatUp);
  const preheat: Step = {
    ...begun(
      "preheat",
      "preheat",
      heatsUpMin,
      words.heatTheOvenTo(degrees(airC)),
      words.anOvenTakesLongerThan,
      {
        handsMin: 1,
        occupies: [{ what: "oven", airC }],
        figures: [{ what: words.oven, value: airC, unit: "°C" }],
      },
    ),
    atMin: first.atMin - heatsUpMin,
  };
  return {
    steps: [preheat, ...steps],
    ties: [tie("preheat", "end", first.id, "start", 0, HEATED_WAITS_MIN), ...ties],
  };
}
