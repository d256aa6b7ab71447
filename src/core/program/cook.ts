import { stagesOf } from "../formula/cook/cook";
import { isOven } from "../formula/cook/cook-stages";
import type { CookStage, Cover } from "../formulation";
import { preheatMin } from "../heat/oven";
import { degrees, lasting } from "../quantity/said";
import { bedding, glazing } from "./beside";
import { isCrust, type WorkedDish } from "./dish";
import type { Exit } from "./exits";
import { climbText, probing, takeOut } from "./probing";
import { tie } from "./soak";
import { begun, byHand, byItself, inHeat, TEND_SLACK_MIN, type Step, type Tie } from "./step";

/** An oven is heated for so long, and may wait so long for what goes in. *Practice*. */
const HEATED_WAITS_MIN = 15;
/** Nothing is basted or turned in a stage's last minutes. */
const TEND_BEFORE_END_MIN = 5;
/** The probe is looked at so long before the end. */
const PROBE_BEFORE_MIN = 15;
/** A rest may be drawn out so long under foil and a cloth. *Practice*. */
const HOLD_MIN = 30;
const COVERED: Record<Cover, string> = {
  open: "open",
  lid: "under a lid",
  foil: "under foil",
  pouch: "in a sealed pouch",
  crust: "in its crust",
};

const TENDED: Record<NonNullable<CookStage["action"]>, [string, string]> = {
  baste: ["Baste", "Each opening costs the oven two to four minutes: be quick."],
  turn: ["Turn it", "Both sides alike."],
  sear: ["Seared all round?", "Colour now; it will not come later under cover."],
  tent: ["Tent it with foil", "The outside is brown enough; the inside is not done yet."],
};

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
  const cooked = trays.map((exit, i) => tray(dish, exit, apart ? `p${i + 1}_` : ""));
  const held = apart ? [] : dish.exits.slice(1);
  const [first] = cooked;
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
      crust ? "Resting in its crust" : "Resting, loosely tented",
      "Juice settles; the middle still climbs.",
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
  return { steps, ties, first: steps[0].id, rest: rest.id, ovenMin: atMin - ovenFrom };
}

/** A usual pan, mm² of its floor; pieces lie with a little air between. *Practice*: 28 cm. */
const PAN_MM2 = Math.PI * 140 ** 2;
const PACKED = 0.75;

function searing({ input, sheet }: WorkedDish, stage: CookStage, id: string): Step {
  const { count } = input.pieces;
  if (stage.on === "flame")
    return byHand(
      id,
      "sear",
      Math.max(1, Math.round(stage.minutes)),
      `Over a flame, ${lasting(stage.minutes)}, turning`,
      "Char now, at the outside only.",
      {
        occupies: [{ what: "ring" }],
        look: "Blistered all round.",
      },
    );
  const { lengthMm, widthMm } = sheet.pieceSize;
  const fits = Math.max(1, Math.floor((PACKED * PAN_MM2) / (lengthMm * widthMm)));
  const perPan = Math.min(count, stage.perPan ?? fits);
  const pans = Math.ceil(count / perPan);
  const skin = (stage.skinDown ?? input.pieces.skin) ? "skin down first, " : "";
  const some = pans > 1 ? `${pans} panfuls of ${perPan}, ` : "";
  return byHand(
    id,
    "sear",
    Math.round(stage.minutes * pans),
    `Sear in a hot pan: ${skin}${some}${lasting(stage.minutes)} ${pans > 1 ? "each" : "in all"}`,
    "A crowded pan steams. Colour now; it will not come later under cover.",
    {
      occupies: [{ what: "ring" }],
      look: "Brown, and it lets go of the pan by itself.",
      figures: [
        { what: "panfuls", value: pans, unit: "pans" },
        { what: "each", value: stage.minutes, unit: "min" },
      ],
    },
  );
}

function staged(
  dish: WorkedDish,
  exit: Exit,
  stage: CookStage,
  before: CookStage | undefined,
  id: string,
): Step {
  const first = before === undefined;
  const crust = isCrust(dish);
  const cover = COVERED[stage.cover];
  const what = exit.name ? `${capital(exit.name)}: ` : "";
  const into = dish.cook.inColdDish && first ? "In its dish into the oven" : "Into the oven";
  const lid =
    before && before.cover !== stage.cover ? (stage.cover === "open" ? ", uncovered" : `, ${cover}`) : "";
  const title = first
    ? `${what}${into}, ${degrees(stage.ovenC)} °C, ${cover}, ${lasting(stage.minutes)}`
    : before.ovenC === stage.ovenC
      ? `${what}${capital(lid.replace(/^, /, "") || "On as it is")}, ${lasting(stage.minutes)} more`
      : `${what}Oven ${stage.ovenC > before.ovenC ? "up" : "down"} to ${degrees(stage.ovenC)} °C${lid}, ${lasting(stage.minutes)}`;
  return begun(
    id,
    crust && first ? "goIn" : "cook",
    stage.minutes,
    title,
    first
      ? "The middle decides, the clock only reminds."
      : stage.ovenC > before.ovenC
        ? "A hotter oven for the outside."
        : "A gentler one for the middle.",
    {
      occupies: inHeat(stage.ovenC),
      figures: [
        { what: "oven", value: stage.ovenC, unit: "°C" },
        { what: "for", value: stage.minutes, unit: "min" },
      ],
      ends: { by: "core", channel: exit.channel, outC: exit.outC, endC: exit.endC },
    },
  );
}

function tending(
  stage: CookStage,
  id: string,
  under: string,
  fromMin: number,
): { steps: Step[]; ties: Tie[] } {
  if (!stage.action || stage.action === "sear") return { steps: [], ties: [] };
  const [title, why] = TENDED[stage.action];
  const { minutes } = stage;
  const every = stage.everyMin ?? (stage.action === "turn" ? minutes / 2 : minutes);
  const steps: Step[] = [];
  const ties: Tie[] = [];
  if (stage.action === "tent") {
    steps.push({ ...byHand(`${id}_1`, "tend", 2, title, why), atMin: fromMin });
    ties.push(tie(under, "start", `${id}_1`, "start", 0, TEND_SLACK_MIN, { wantedMin: 0 }));
    return { steps, ties };
  }
  // A stage too short for its baste has none.
  for (let m = every, n = 1; m <= minutes - TEND_BEFORE_END_MIN; m += every, n++) {
    steps.push({ ...byHand(`${id}_${n}`, "tend", 2, title, why), atMin: fromMin + m });
    ties.push(
      tie(under, "start", `${id}_${n}`, "start", Math.max(0, m - TEND_SLACK_MIN), m + TEND_SLACK_MIN, {
        wantedMin: m,
      }),
    );
  }
  return { steps, ties };
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
      `Probe the ${exit.name}: out at ${exit.outC} °C`,
      `It comes out by itself, and climbs ${climbText(exit)} while the others go on.`,
      {
        ...(safeMinC !== null && { look: `Official minimum ${degrees(safeMinC)} °C.` }),
        figures: [
          { what: "out at", value: exit.outC, unit: "°C" },
          { what: "ends at", value: exit.endC, unit: "°C" },
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
  const lead = dish.exits[0].stages.find(isOven) ?? stagesOf(dish.input, dish.cook)[0];
  const airC = first.part
    ? (dish.exits.find((e) => e.name === first.part)?.stages.find(isOven)?.ovenC ?? lead.ovenC)
    : lead.ovenC;
  const heatsUpMin = preheatMin(dish.input.heatHere?.heatUp);
  const preheat: Step = {
    ...begun(
      "preheat",
      "preheat",
      heatsUpMin,
      `Heat the oven to ${degrees(airC)} °C`,
      "An oven takes longer than its lamp says.",
      {
        handsMin: 1,
        occupies: [{ what: "oven", airC }],
        figures: [{ what: "oven", value: airC, unit: "°C" }],
      },
    ),
    atMin: first.atMin - heatsUpMin,
  };
  return {
    steps: [preheat, ...steps],
    ties: [tie("preheat", "end", first.id, "start", 0, HEATED_WAITS_MIN), ...ties],
  };
}

const capital = (text: string): string => text.charAt(0).toUpperCase() + text.slice(1);
