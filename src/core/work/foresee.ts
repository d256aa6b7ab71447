import { bodyShapeOf } from "../diffusion/flesh-body";
import type { Formulated } from "../formula/formulate";
import type { Formulation } from "../formula/model";
import { cookOffered } from "../formula/plate";
import { forecastDone, type Forecast } from "../heat/forecast";
import type { CookedPart } from "./cook-parts";
import { stagesOf } from "./cook-stages";

const MIN_MS = 60_000;
const MOST_READINGS = 60;

/** What a part's own probe read since it went into the heat, and what that foresees. */
export interface Foreseen {
  readings: { atMin: number; coreC: number }[];
  /** Undefined while too little has been read. */
  forecast: Forecast | undefined;
}

/** @param inMs when it went into the heat  @param samples of every channel, oldest first */
export function foreseeDone(
  input: Formulation,
  sheet: Formulated,
  part: CookedPart,
  inMs: number,
  samples: readonly { channel: string; atMs: number; value: number }[],
): Foreseen {
  const cook = input.cook ?? cookOffered(sheet.load, input.pieces.thicknessMm);
  const readings = samples
    .filter((s) => s.channel === part.channel && s.atMs >= inMs)
    .map((s) => ({ atMin: (s.atMs - inMs) / MIN_MS, coreC: s.value }));
  const forecast = forecastDone({
    shape: bodyShapeOf(sheet.food),
    halfThicknessMm: part.channel === "probe" ? sheet.soak.body.pathMm : part.thicknessMm / 2,
    ovenC: stagesOf(input, cook)[0].ovenC,
    targetC: part.pullC,
    readings: thinned(readings),
  });
  return { readings, forecast };
}

/** Enough readings to fit, evenly taken: more only cost time. */
function thinned<T>(readings: readonly T[]): T[] {
  const every = Math.max(1, Math.ceil(readings.length / MOST_READINGS));
  return readings.filter((_, i) => i % every === 0 || i === readings.length - 1);
}
