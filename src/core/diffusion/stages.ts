import { err, ok, type Result } from "../result";
import type { BodyShape } from "./grid";

/** The piece as salt sees it: one distance, one shape. */
export interface Body {
  shape: BodyShape;
  /** Centre (or sealed face) to the open face, m. A slab with one face blocked takes its whole thickness here. */
  halfThicknessM: number;
}

interface StageCommon {
  durationS: number;
  /** Diffusivity of salt in the flesh at this stage's temperature, m²/s. */
  diffusivityM2PerS: number;
  /** Mass transfer through skin or still water, m/s; leave out for an open, stirred face. */
  surfaceTransferMPerS?: number;
}

/** Water masses are relative to the water in the flesh: 2 means two grams of bath water to each gram inside. */
export type Stage =
  | (StageCommon & {
      kind: "bath";
      /** Bath water per flesh water; Infinity for a bath that never weakens. */
      waterRatio: number;
      /** Strength at the start, g salt per g water; left out, the bath of the stage before carries on. */
      saltPerWater?: number;
    })
  | (StageCommon & {
      kind: "drySalt";
      /** Salt on the face, g per g of flesh water. */
      saltPerFleshWater: number;
      /** What the dissolving film holds, g salt per g water. */
      saturatedPerWater: number;
    })
  | (StageCommon & { kind: "freshWater"; waterRatio: number; changes: number })
  | (StageCommon & { kind: "rest" });

export interface SoakError {
  code: "out_of_range" | "nothing_to_soak" | "no_bath_before";
  field: string;
  unit: string;
  value: number;
  min: number;
  max: number;
}

const RANGES = {
  halfThicknessM: { unit: "m", min: 1e-5, max: 1 },
  durationS: { unit: "s", min: 0, max: 1e8 },
  diffusivityM2PerS: { unit: "m²/s", min: 1e-14, max: 1e-6 },
  surfaceTransferMPerS: { unit: "m/s", min: 1e-14, max: Infinity },
  waterRatio: { unit: "g/g", min: 1e-6, max: Infinity },
  saltPerWater: { unit: "g/g", min: 0, max: 0.4 },
  saltPerFleshWater: { unit: "g/g", min: 0, max: 100 },
  saturatedPerWater: { unit: "g/g", min: 1e-6, max: 0.4 },
  changes: { unit: "times", min: 1, max: 1000 },
} as const;

type Ranged = keyof typeof RANGES;

/**
 * Looks over a soak before it is computed.
 * @returns the first input that is out of its range, named with its unit
 */
export function checkProgram(body: Body, stages: readonly Stage[]): Result<true, SoakError> {
  if (stages.length === 0)
    return err({ code: "nothing_to_soak", field: "stages", unit: "", value: 0, min: 1, max: Infinity });
  const bodyProblem = outOfRange("halfThicknessM", body.halfThicknessM, "body");
  if (bodyProblem) return err(bodyProblem);
  let bathBefore = false;
  for (const [i, stage] of stages.entries()) {
    for (const [field, value] of Object.entries(stage)) {
      if (typeof value !== "number" || !(field in RANGES)) continue;
      const problem = outOfRange(field as Ranged, value, `stages[${i}]`);
      if (problem) return err(problem);
    }
    if (stage.kind === "bath" && stage.saltPerWater === undefined && !bathBefore) {
      const field = `stages[${i}].saltPerWater`;
      return err({ code: "no_bath_before", field, unit: "g/g", value: NaN, min: 0, max: 0.4 });
    }
    bathBefore ||= stage.kind === "bath";
  }
  return ok(true);
}

function outOfRange(field: Ranged, value: number, where: string): SoakError | undefined {
  const { unit, min, max } = RANGES[field];
  // Written so that NaN fails too.
  if (value >= min && value <= max) return undefined;
  return { code: "out_of_range", field: `${where}.${field}`, unit, value, min, max };
}
