import { cookOf, minutesOf, ovenMinutes, stagesOf } from "../formula/cook/cook";
import { isOven, tendedAt } from "../formula/cook/cook-stages";
import type { Formulated } from "../formula/formulate";
import type { Cook, CookPart, CookStage, Formulation } from "../formulation";
import { heatedPiece } from "../heat/cook-minutes";
import type { HeatedStretch } from "../heat/covering";
import { courseToEnd, type Climb, type CoursePoint } from "../heat/course";
import { engineMinutes } from "../heat/engine-minutes";
import { timeAtTemperature, type TimeAtTemperature } from "../heat/time-at-temperature";
import { lethalitySecondsC, lethalityTableFor } from "../materials/lethality";
import type { Food } from "../materials/types";
import { firstOf } from "../sequence";

/** The probes there are, the first for the whole. */
export const PROBES = ["probe", "probe2", "probe3", "probe4"] as const;
export type ProbeChannel = (typeof PROBES)[number];

/** One thing with a middle of its own: the whole, or a part that comes out by itself. Out at, ends at: one convention. */
export interface Exit {
  channel: ProbeChannel;
  /** Empty for the whole. */
  name: string;
  /** Where the middle shall end, °C, and when to take it out of the heat so that it does. */
  endC: number;
  outC: number;
  /** How far it climbs out of the heat. */
  climb: Climb;
  thicknessMm: number;
  /** One piece of it, g. */
  massG: number;
  stages: CookStage[];
  /** Its stages in an oven, as hot as this kitchen's gets them. */
  heated: HeatedStretch[];
  /** Minutes in the oven, and out at rest. */
  minutes: number;
  restMin: number;
  /** The middle by the minute, as foretold. */
  course: CoursePoint[];
  /** Where the end lies under the one-moment minimum: what the published table asks, and what this cook gives. */
  time?: TimeAtTemperature;
}

/** To be taken out a degree early is nothing; ten early asks for trust the sums do not have, °C. *Practice*. */
const EARLIEST_OUT_C = 12;

/** The whole and its parts, each with its own end, exit and time. */
export function exitsOf(input: Formulation, sheet: Formulated): Exit[] {
  const { food } = sheet;
  const cook = cookOf(input, food);
  const stages = stagesOf(input, cook);
  const pieceG = input.pieces.totalMassG / input.pieces.count;
  const whole: Omit<PartToCook, "channel"> = {
    name: "",
    endC: cook.toC,
    thicknessMm: sheet.crust?.food.heightMm ?? input.pieces.thicknessMm,
    massG: pieceG,
    stages,
    restMin: cook.restMin,
  };
  const parts = (cook.parts ?? []).map((part) =>
    cook.apart ? apartFrom(input, food, cook, part, pieceG) : heldIn(input, food, cook, part, stages, pieceG),
  );
  const all = cook.apart && parts.length > 0 ? parts : [whole, ...parts];
  return PROBES.flatMap((channel, i) => {
    const part = all[i];
    return part ? [exitOf(input, food, { ...part, channel })] : [];
  });
}

interface PartToCook {
  channel: ProbeChannel;
  name: string;
  endC: number;
  thicknessMm: number;
  massG: number;
  stages: CookStage[];
  restMin: number;
}

/** A part on a tray of its own. */
function apartFrom(
  input: Formulation,
  food: Food,
  cook: Cook,
  part: CookPart,
  pieceG: number,
): Omit<PartToCook, "channel"> {
  const massG = pieceG * (part.share ?? 1 / (cook.parts?.length ?? 1));
  const restMin = part.restMin ?? cook.restMin;
  const main = firstOf(stagesOf(input, { ...cook, stages: cook.stages?.filter(isOven) }));
  const own = () => {
    const heat = {
      ovenC: main.ovenC,
      ovenOffC: input.heatHere?.ovenOffC,
      cover: main.cover,
      endC: part.toC,
      restMin,
    };
    const { engineMin, minutes } = minutesOf(
      food,
      { totalMassG: massG, count: 1, thicknessMm: part.thicknessMm },
      heat,
    );
    // The trade's count is for the whole joint: a part of it goes by its own thickness.
    return [{ ...main, minutes: Math.max(1, Math.round(engineMin ?? minutes)), action: undefined }];
  };
  return {
    name: part.name,
    endC: part.toC,
    thicknessMm: part.thicknessMm,
    massG,
    stages: part.stages ?? own(),
    restMin,
  };
}

/** A part that stays on the joint and comes out, or is done, by its own reading: its minutes stand to the whole's as the engine's do. */
function heldIn(
  input: Formulation,
  food: Food,
  cook: Cook,
  part: CookPart,
  stages: readonly CookStage[],
  pieceG: number,
): Omit<PartToCook, "channel"> {
  const first = stages.find(isOven) ?? firstOf(stages);
  const at = (thicknessMm: number, endC: number) =>
    engineMinutes(
      heatedPiece(food, { thicknessMm, startC: input.holding.temperatureC }),
      first.ovenC + (input.heatHere?.ovenOffC ?? 0),
      first.cover,
      cook.restMin,
      endC,
    );
  const { thicknessMm } = input.pieces;
  const [own, all] = [at(part.thicknessMm, part.toC), at(thicknessMm, cook.toC)];
  const ratio = own && all ? own / all : (part.thicknessMm / thicknessMm) ** 2;
  const minutes = Math.max(1, Math.round(ovenMinutes(stages) * ratio));
  return {
    name: part.name,
    endC: part.toC,
    thicknessMm: part.thicknessMm,
    massG: pieceG * (part.share ?? 1),
    stages: cutTo(stages, minutes),
    restMin: part.restMin ?? cook.restMin,
  };
}

/** Stages up to so many minutes in the oven; the last one drawn out where they are fewer. */
function cutTo(stages: readonly CookStage[], minutes: number): CookStage[] {
  let left = minutes;
  const cut: CookStage[] = [];
  const ovens = stages.filter(isOven);
  ovens.forEach((stage, i) => {
    if (left <= 0) return;
    const own = i === ovens.length - 1 ? left : Math.min(left, stage.minutes);
    cut.push({ ...stage, minutes: own });
    left -= own;
  });
  return cut;
}

function exitOf(input: Formulation, food: Food, part: PartToCook): Exit {
  const { ovenOffC = 0, climb: climbsHere = 1 } = input.heatHere ?? {};
  const heated = part.stages.filter(isOven).map((stage) => inTheHeat(stage, ovenOffC));
  const body = heatedPiece(food, { thicknessMm: part.thicknessMm, startC: input.holding.temperatureC });
  const minutes = ovenMinutes(part.stages);
  // Nothing in an oven: what a pan does to a thin piece is the cook's eye alone.
  if (heated.length === 0)
    return {
      ...part,
      outC: part.endC,
      climb: { low: 0, likely: 0, high: 0 },
      heated,
      minutes,
      course: [],
    };
  const { climb: found, points } = courseToEnd(body, heated, part.restMin, part.endC);
  const climb = {
    low: Math.min(found.low * climbsHere, EARLIEST_OUT_C),
    likely: found.likely * climbsHere,
    high: found.high * climbsHere,
  };
  const time = timeFor(food, part.endC, points);
  return {
    ...part,
    // The least it may climb: then the likely climb ends at or above what is wanted, never under it.
    outC: Math.round(part.endC - climb.low),
    climb,
    heated,
    minutes,
    course: points,
    ...(time && { time }),
  };
}

/** @param ovenOffC how far this kitchen's oven lies over its dial, °C */
function inTheHeat(stage: CookStage, ovenOffC: number): HeatedStretch {
  const { ovenC, minutes, cover } = stage;
  const atMin = tendedAt(stage);
  const opened = atMin.length > 0 && { opened: { atMin, basted: stage.action === "baste" } };
  return { airC: ovenC + ovenOffC, minutes, cover, ...opened };
}

function timeFor(food: Food, endC: number, points: readonly CoursePoint[]): TimeAtTemperature | undefined {
  const table = lethalityTableFor(food);
  if (!table || food.safeMinC === null || endC >= food.safeMinC) return undefined;
  return timeAtTemperature(points, (c) => lethalitySecondsC(table, c), endC);
}

/** The least any part of it is cooked to, °C: what the official minimum is held against. */
export const coolestEndC = (cook: Cook): number =>
  Math.min(...(cook.apart && cook.parts ? [] : [cook.toC]), ...(cook.parts ?? []).map((part) => part.toC));
