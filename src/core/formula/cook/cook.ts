import type { Cook, CookStage, Formulation, HeatHere, Pieces } from "../../formulation";
import { cookMinutesFor, type CookMinutes } from "../../heat/cook-minutes";
import type { Food } from "../../materials/types";
import { isBaked } from "../../preparations";
import { CRUST_OVEN_C } from "../weigh/salt-crust";
import { isOven } from "./cook-stages";

/** Oven air where none was named, °C. *Practice*. */
export const USUAL_OVEN_C = 180;

/** Whole minutes to half an hour, then by five: what a cook would say. */
const asSaid = (minutes: number): number =>
  minutes < 30 ? Math.max(1, Math.round(minutes)) : Math.round(minutes / 5) * 5;

interface HeatAsked {
  /** By the dial, °C; and how far this kitchen's oven is known to lie over it. */
  ovenC: number;
  ovenOffC?: number | undefined;
  cover?: CookStage["cover"];
  endC: number;
  restMin: number;
  startC?: number;
}

/** How long these pieces take at an oven and to a core. */
export function minutesOf(
  food: Food,
  pieces: Pick<Pieces, "totalMassG" | "count" | "thicknessMm">,
  heat: HeatAsked,
): CookMinutes {
  const { cover = "open", endC, restMin, startC = 4, ovenOffC = 0 } = heat;
  const ovenC = heat.ovenC + ovenOffC;
  const piece = { massG: pieces.totalMassG / pieces.count, thicknessMm: pieces.thicknessMm, startC };
  return cookMinutesFor(food, piece, { ovenC, cover, endC, restMin });
}

/** A cook to start from when none has been entered: the food's own target, and minutes by its kind, weight and thickness. */
export function cookOffered(
  food: Food,
  pieces: Pick<Pieces, "totalMassG" | "count" | "thicknessMm">,
  { ovenOffC }: HeatHere = {},
): Cook {
  const restMin = Math.max(5, food.safeRestMin ?? 5);
  const { minutes } = minutesOf(food, pieces, { ovenC: USUAL_OVEN_C, ovenOffC, endC: food.targetC, restMin });
  return { toC: food.targetC, minutes: asSaid(minutes), restMin };
}

/** The cook of a formulation: what was entered, or what is offered for its food. */
export const cookOf = (input: Formulation, food: Food): Cook =>
  input.cook ?? cookOffered(food, input.pieces, input.heatHere);

/** A cook as its stages: those written down, or the one that its figures say. A crust bakes for its own hours. */
export function stagesOf(input: Formulation, cook: Cook): CookStage[] {
  const crust = isBaked(input);
  if (cook.stages && cook.stages.length > 0 && !crust) return cook.stages;
  return [
    {
      ovenC: cook.stages?.[0]?.ovenC ?? cook.ovenC ?? (crust ? CRUST_OVEN_C : USUAL_OVEN_C),
      minutes: crust ? Math.max(1, Math.round(input.pullH * 60)) : cook.minutes,
      cover: crust ? "crust" : "open",
    },
  ];
}

/** Minutes in the oven: pans and flames come before it. */
export const ovenMinutes = (stages: readonly CookStage[]): number =>
  stages.filter(isOven).reduce((sum, s) => sum + s.minutes, 0);

export const cookMinutes = (stages: readonly CookStage[]): number =>
  stages.reduce((sum, s) => sum + s.minutes, 0);

export type StagePreset = "one" | "hotThenLow" | "lowThenHot" | "searFirst" | "pouch";

/**
 * Usual ways to divide a cook, *practice*: hot first then tented, covered low then open and hot, seared in a pan first, in a
 * pouch. The time in the oven stays.
 */
export function presetStages(preset: StagePreset, ovenC: number, minutes: number): CookStage[] | undefined {
  const part = (share: number) => Math.max(1, Math.round(minutes * share));
  const rest = (share: number) => Math.max(1, minutes - part(share));
  switch (preset) {
    case "one":
      return undefined;
    case "hotThenLow":
      return [
        { ovenC: ovenC + 40, minutes: part(0.25), cover: "open" },
        { ovenC: ovenC - 20, minutes: rest(0.25), cover: "foil", action: "tent" },
      ];
    case "lowThenHot":
      return [
        { ovenC: ovenC - 20, minutes: part(0.75), cover: "lid" },
        { ovenC: ovenC + 40, minutes: rest(0.75), cover: "open", action: "baste", everyMin: 15 },
      ];
    case "searFirst":
      return [
        { ovenC: SEAR_C, minutes: SEAR_MIN, cover: "open", action: "sear", on: "pan" },
        { ovenC, minutes, cover: "open" },
      ];
    case "pouch":
      return [{ ovenC, minutes, cover: "pouch" }];
  }
}

/** A hot pan, °C, and a panful's minutes, both sides. *Practice*. */
const SEAR_C = 220;
const SEAR_MIN = 6;
