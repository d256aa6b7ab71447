import { bodyShapeOf } from "../diffusion/piece-form";
import { USUAL_OVEN_C } from "../formula/cook/cook";
import type { Formulated } from "../formula/formulate";
import { forecastDone, type Forecast } from "../heat/forecast";
import type { Exit } from "./exits";

const MIN_MS = 60_000;
const MOST_READINGS = 40;
/** What a probe is in that has nothing in an oven. */
const USUAL_OVEN = [{ airC: USUAL_OVEN_C, minutes: 60, cover: "open" as const }];

export interface Sample {
  channel: string;
  atMs: number;
  value: number;
}

/** What a part's own probe read since it went into the heat, and what that foresees. */
export interface Foreseen {
  readings: { atMin: number; coreC: number }[];
  /** Undefined while too little has been read. */
  forecast: Forecast | undefined;
}

/** @param inMs when it went into the heat  @param samples of every channel, oldest first */
export function foreseeDone(
  sheet: Pick<Formulated, "food">,
  exit: Exit,
  inMs: number,
  samples: readonly Sample[],
): Foreseen {
  const readings = samples
    .filter((s) => s.channel === exit.channel && s.atMs >= inMs)
    .map((s) => ({ atMin: (s.atMs - inMs) / MIN_MS, coreC: s.value }));
  const forecast = forecastDone({
    shape: bodyShapeOf(sheet.food),
    // Heat comes from all sides, also where salt does not.
    halfThicknessMm: exit.thicknessMm / 2,
    stretches: exit.heated.length > 0 ? exit.heated : USUAL_OVEN,
    skin: sheet.food.skin,
    targetC: exit.outC,
    readings: thinned(readings, exit.outC),
  });
  return { readings, forecast };
}

/** Enough readings to fit, evenly taken: more only cost time. That it was at its exit is kept, when it first was. */
function thinned<T extends { coreC: number }>(readings: readonly T[], outC: number): T[] {
  const every = Math.max(1, Math.ceil(readings.length / MOST_READINGS));
  const reached = readings.findIndex((r) => r.coreC >= outC);
  return readings.filter((_, i) => i % every === 0 || i === reached || i === readings.length - 1);
}
