import type { BodyShape } from "../diffusion/grid";
import { firstReach } from "../diffusion/readiness";
import type { SoakMoment, SoakRun } from "../diffusion/run";
import { simulateSoak } from "../diffusion/simulate";
import type { SoakError, Stage } from "../diffusion/stages";
import { err, ok, type Result } from "../result";

/**
 * Heat into a piece by the soak engine: Fourier's law has Fick's form, with thermal diffusivity for diffusivity and
 * convection for the surface resistance. Constant properties, no evaporation.
 */

/** What heat meets. */
export interface HeatBody {
  shape: BodyShape;
  /** Surface to centre, mm, 1 to 500. */
  halfThicknessMm: number;
  /** Thermal diffusivity, m²/s; lean flesh 1.3 to 1.5e-7, *from memory*. */
  alphaM2PerS: number;
  /** Conductivity, W/(m K); lean flesh about 0.48, *from memory*. */
  conductivityWPerMK: number;
}

export interface HeatStage {
  surroundingsC: number;
  durationS: number;
  /** Heat transfer, W/(m² K); null where the surface stands at the surroundings' temperature. */
  filmWPerM2K: number | null;
}

/** Temperatures at one moment, °C. */
export interface HeatMoment {
  timeS: number;
  centreC: number;
  meanC: number;
  surfaceC: number;
}

/** The engine counts salt to 0.4 g/g: temperatures are laid into a part of that. */
const SPAN = 0.3;

interface Scale {
  coldestC: number;
  perDegree: number;
}

function scaleOf(startC: number, stages: readonly HeatStage[]): Scale {
  const all = [startC, ...stages.map((s) => s.surroundingsC)];
  const coldestC = Math.min(...all);
  return { coldestC, perDegree: SPAN / Math.max(1e-6, Math.max(...all) - coldestC) };
}

const laid = (scale: Scale, temperatureC: number) => (temperatureC - scale.coldestC) * scale.perDegree;
const read = (scale: Scale, value: number) => scale.coldestC + value / scale.perDegree;

function asSoak(body: HeatBody, scale: Scale, stage: HeatStage): Stage {
  return {
    kind: "bath",
    durationS: stage.durationS,
    diffusivityM2PerS: body.alphaM2PerS,
    // Bi = h·L/k in heat is kS·L/D in salt.
    ...(stage.filmWPerM2K !== null && {
      surfaceTransferMPerS: (stage.filmWPerM2K * body.alphaM2PerS) / body.conductivityWPerMK,
    }),
    waterRatio: Infinity,
    saltPerWater: laid(scale, stage.surroundingsC),
  };
}

export interface HeatRun {
  moments: HeatMoment[];
  /** Seconds until the centre first reaches a temperature; undefined when it does not within the stages. */
  reachS: (temperatureC: number) => number | undefined;
  at: (timeS: number) => HeatMoment;
}

/** Runs a piece through its stages. @param outputs how many evenly spaced moments to keep, 2 to 2000 */
export function heatRun(
  body: HeatBody,
  startC: number,
  stages: readonly HeatStage[],
  outputs = 240,
): Result<HeatRun, SoakError> {
  const scale = scaleOf(startC, stages);
  const totalS = stages.reduce((sum, s) => sum + s.durationS, 0);
  const ran = simulateSoak(
    { shape: body.shape, halfThicknessM: body.halfThicknessMm / 1000 },
    stages.map((stage) => asSoak(body, scale, stage)),
    {
      initialPerWater: laid(scale, startC),
      outputTimesS: Array.from({ length: outputs }, (_, i) => (totalS * (i + 1)) / outputs),
      cells: 120,
      stepTolerance: 1e-6,
    },
  );
  if (!ran.ok) return err(ran.error);
  return ok(readRun(ran.value, scale));
}

function readRun(run: SoakRun, scale: Scale): HeatRun {
  const say = (m: SoakMoment): HeatMoment => ({
    timeS: m.timeS,
    centreC: read(scale, m.centre),
    meanC: read(scale, m.mean),
    surfaceC: read(scale, m.surface),
  });
  const moments = run.moments.map(say);
  return {
    moments,
    reachS: (temperatureC) => firstReach(run, (m) => m.centre, laid(scale, temperatureC)),
    at: (timeS) => between(moments, timeS),
  };
}

function between(moments: readonly HeatMoment[], timeS: number): HeatMoment {
  const after = moments.findIndex((m) => m.timeS >= timeS);
  if (after <= 0) return moments[after === 0 ? 0 : moments.length - 1];
  const [a, b] = [moments[after - 1], moments[after]];
  const part = (timeS - a.timeS) / (b.timeS - a.timeS);
  const mix = (x: number, y: number) => x + part * (y - x);
  return {
    timeS,
    centreC: mix(a.centreC, b.centreC),
    meanC: mix(a.meanC, b.meanC),
    surfaceC: mix(a.surfaceC, b.surfaceC),
  };
}
