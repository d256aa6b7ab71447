import { diffusivityAt, fleshBody, type FleshBody } from "../diffusion/flesh-body";
import { railTimesS } from "../diffusion/moment";
import { windowOf, type Aim } from "../diffusion/readiness";
import { simulateSoak, type SoakOptions, type SoakRun } from "../diffusion/simulate";
import type { SoakError, Stage } from "../diffusion/stages";
import { rawStorageLimitH, soakPracticeFor } from "../materials/lookup";
import type { Food } from "../materials/types";
import { ok, type Result } from "../result";
import { saltPerWater, saturationFraction } from "../solution/sodium-chloride";
import type { Flesh } from "./equilibrium";
import type { Formulation } from "./model";

/** The soak rail: 10 minutes to 4 days. */
export const RAIL_FROM_H = 1 / 6;
export const RAIL_TO_H = 96;
const HOUR_S = 3600;
const FIRST_MOMENT_S = 30;
const MOMENTS_PER_DECADE = 36;
/** One standard deviation of a measured thickness, mm. *Practice*: a thumb and a ruler on uneven food. */
const THICKNESS_DOUBT_MM = 2;
/** A coarser run for the two soft edges: they mark doubt, not figures. */
const EDGE = { cells: 50, stepTolerance: 5e-5 };

/** An hour that is known within a range; undefined where it does not come within the rail. */
export interface SoftHour {
  early?: number;
  likely?: number;
  late?: number;
}

export interface SoakWindow {
  ready: SoftHour;
  /** When the soak is past it, and why. */
  past: SoftHour;
  pastReason: "over_salted" | "texture_limit" | "storage_limit";
  /** The hours the practice table or the storage chart allows. */
  keepLimitH: number;
}

export interface Soak {
  body: FleshBody;
  diffusivityM2PerS: number;
  run: SoakRun;
  aim: Aim;
  window: SoakWindow;
}

/** What the soak starts from, already weighed: salt and water are grams of NaCl and of water. */
export interface SoakLoad {
  food: Food;
  flesh: Flesh;
  saltG: number;
  waterG: number;
  targetPerWater: number;
}

/** Runs the soak and finds its window with soft edges. Doubt: thickness ± 2 mm, diffusivity half-way to its limits. */
export function computeSoak(input: Formulation, load: SoakLoad): Result<Soak, SoakError> {
  const { food } = load;
  const aim: Aim = {
    targetPerWater: load.targetPerWater,
    readiness: input.readiness,
    dry: input.preparation.kind === "dryBrine",
  };
  // Low and high are read as about two standard deviations, so half-way (in the logarithm) is one.
  const quick = Math.sqrt(food.diffusivityM2PerS * food.diffusivityHighM2PerS);
  const slow = Math.sqrt(food.diffusivityM2PerS * food.diffusivityLowM2PerS);
  const likely = runOnce(input, load, food.diffusivityM2PerS, 0);
  if (!likely.ok) return likely;
  const early = runOnce(input, load, quick, -THICKNESS_DOUBT_MM, EDGE);
  if (!early.ok) return early;
  const late = runOnce(input, load, slow, THICKNESS_DOUBT_MM, EDGE);
  if (!late.ok) return late;
  return ok({
    ...likely.value,
    aim,
    window: softWindow(input, food, [early.value.run, likely.value.run, late.value.run], aim),
  });
}

function runOnce(
  input: Formulation,
  load: SoakLoad,
  diffusivityAt4C: number,
  thickerMm: number,
  precision: Pick<SoakOptions, "cells" | "stepTolerance"> = {},
): Result<Pick<Soak, "body" | "diffusivityM2PerS" | "run">, SoakError> {
  const { pieces, holding, preparation } = input;
  const oneFace = preparation.kind === "dryBrine" && preparation.salted === "oneFace";
  const thicknessMm = Math.max(pieces.thicknessMm / 2, pieces.thicknessMm + thickerMm);
  const piece = { ...pieces, thicknessMm, faces: oneFace ? ("one" as const) : pieces.faces };
  const d = diffusivityAt(diffusivityAt4C, holding.temperatureC);
  const body = fleshBody(pieces.shape, piece, d);
  const stage = stageFor(load, preparation.kind, holding.temperatureC, {
    durationS: RAIL_TO_H * HOUR_S,
    diffusivityM2PerS: d,
    surfaceTransferMPerS: body.surfaceTransferMPerS,
  });
  const run = simulateSoak(body, [stage], {
    ...precision,
    initialPerWater: load.flesh.nativeSaltFraction / load.flesh.waterFraction,
    outputTimesS: railTimesS(FIRST_MOMENT_S, RAIL_TO_H * HOUR_S, MOMENTS_PER_DECADE),
  });
  return run.ok ? ok({ body, diffusivityM2PerS: d, run: run.value }) : run;
}

function stageFor(
  load: SoakLoad,
  kind: Formulation["preparation"]["kind"],
  temperatureC: number,
  common: { durationS: number; diffusivityM2PerS: number; surfaceTransferMPerS: number },
): Stage {
  const fleshWaterG = load.flesh.massG * load.flesh.waterFraction;
  const saturatedPerWater = saltPerWater(saturationFraction(temperatureC));
  if (kind === "dryBrine")
    return { kind: "drySalt", ...common, saltPerFleshWater: load.saltG / fleshWaterG, saturatedPerWater };
  // More salt than dissolves stays on the bottom; the bath cannot be stronger than saturated.
  const strength = Math.min(load.saltG / load.waterG, saturatedPerWater);
  return { kind: "bath", ...common, waterRatio: load.waterG / fleshWaterG, saltPerWater: strength };
}

function softWindow(input: Formulation, food: Food, runs: SoakRun[], aim: Aim): SoakWindow {
  const windows = runs.map((run) => windowOf(run, aim));
  const hours = (seconds: (number | undefined)[]): SoftHour => {
    const [early, likely, late] = seconds.map((s) => (s === undefined ? undefined : s / HOUR_S));
    return { early, likely, late };
  };
  const over = hours(windows.map((w) => w.overS));
  const { keepLimitH, pastReason } = keepLimit(food, aim.dry);
  const overFirst = over.early !== undefined && over.early < keepLimitH;
  const capped = (h: number | undefined) => Math.min(h ?? keepLimitH, keepLimitH);
  return {
    ready: hours(windows.map((w) => w.readyS)),
    past: { early: capped(over.early), likely: capped(over.likely), late: capped(over.late) },
    pastReason: overFirst ? "over_salted" : pastReason,
    keepLimitH,
  };
}

function keepLimit(food: Food, dry: boolean): Pick<SoakWindow, "keepLimitH" | "pastReason"> {
  const textureH = soakPracticeFor(food, dry ? "dry" : "wet").maxH;
  const storageH = rawStorageLimitH(food) ?? Infinity;
  return storageH < textureH
    ? { keepLimitH: storageH, pastReason: "storage_limit" }
    : { keepLimitH: textureH, pastReason: "texture_limit" };
}
