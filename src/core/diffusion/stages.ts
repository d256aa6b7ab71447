import { err, ok, type Result } from "../result";
import type { SolidAxis } from "./field/axis";
import type { BodyShape } from "./grid";
import type { PaceProfile } from "./pace";

/** The piece as salt sees it: one distance, one shape. */
export interface Body {
  shape: BodyShape;
  /** Centre (or sealed face) to the open face, m. A slab with one face blocked takes its whole thickness here. */
  halfThicknessM: number;
  /** For an equivalent body, in place of the shape's own: its surface grows as r to this power. */
  exponent?: number;
  /** Its directions, where one does not tell all: wetted at its ends and sides, or with faces that differ. */
  solid?: readonly SolidAxis[] | undefined;
  /** What lies on its face, as metres of flesh; left out, it is bare. Of a solid its directions say it. */
  barrierM?: number;
  /** Of a round: a share of its face that lies behind so many metres of flesh, the rest bare. */
  veiled?: { share: number; barrierM: number } | undefined;
}

interface StageCommon {
  durationS: number;
  /** Diffusivity of salt in the flesh at this stage's temperature, m²/s. */
  diffusivityM2PerS: number;
  /** Mass transfer through skin or still water, m/s; leave out for an open, stirred face. */
  surfaceTransferMPerS?: number | undefined;
  /** Warmth that changes within the stage, as diffusivity over the stage's own. */
  pace?: PaceProfile;
}

/** Water masses are relative to the water in the flesh: 2 means two grams of bath water to each gram inside. */
export type Stage =
  | (StageCommon & {
      kind: "bath";
      /** Bath water per flesh water; Infinity for a bath that never weakens. */
      waterRatio: number;
      /** Strength at the start, g salt per g water; left out, the bath of the stage before carries on. */
      saltPerWater?: number | undefined;
      /** Salt that lies undissolved in a saturated bath and feeds it, g per g of flesh water. */
      undissolvedPerFleshWater?: number;
    })
  | (StageCommon & {
      kind: "drySalt";
      /** Salt on the face, g per g of flesh water. */
      saltPerFleshWater: number;
      /** What the dissolving film holds, g salt per g water. */
      saturatedPerWater: number;
      /** Share of the salt on the barest of two faces; left out, both draw from one lot. Of a plane with two ends alone. */
      upperShare?: number;
    })
  | (StageCommon & { kind: "freshWater"; waterRatio: number; changes: number })
  | (StageCommon & { kind: "rest" });

export interface SoakError {
  code: "out_of_range" | "nothing_to_soak" | "no_bath_before" | "impossible_order";
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
  undissolvedPerFleshWater: { unit: "g/g", min: 0, max: 100 },
  saltPerFleshWater: { unit: "g/g", min: 0, max: 100 },
  saturatedPerWater: { unit: "g/g", min: 1e-6, max: 0.4 },
  upperShare: { unit: "", min: 0, max: 1 },
  changes: { unit: "times", min: 1, max: 1000 },
} as const;

type Ranged = keyof typeof RANGES;

/**
 * Looks over a soak before it is computed.
 * @returns the first input that is out of its range, named with its unit
 */
export function checkProgram(bodies: readonly Body[], stages: readonly Stage[]): Result<true, SoakError> {
  if (stages.length === 0)
    return err({ code: "nothing_to_soak", field: "stages", unit: "", value: 0, min: 1, max: Infinity });
  for (const body of bodies) {
    const problem = outOfRange("halfThicknessM", body.halfThicknessM, "body");
    if (problem) return err(problem);
  }
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
    const pace = paceProblem(stage, `stages[${i}]`);
    if (pace) return err(pace);
    // Dry salt lies on one piece; it is not shared as a bath is.
    if (stage.kind === "drySalt" && bodies.length > 1) {
      const field = `stages[${i}].kind`;
      return err({ code: "impossible_order", field, unit: "bodies", value: bodies.length, min: 1, max: 1 });
    }
    bathBefore ||= stage.kind === "bath";
  }
  return ok(true);
}

function paceProblem({ pace }: Stage, where: string): SoakError | undefined {
  if (!pace) return undefined;
  const bad = (name: string, value: number, unit: string, min: number): SoakError => ({
    code: "out_of_range",
    field: `${where}.pace.${name}`,
    unit,
    value,
    min,
    max: Infinity,
  });
  const { timesS, factors } = pace;
  if (timesS.length < 1 || timesS.length !== factors.length)
    return bad("factors.length", factors.length, "", 1);
  for (let i = 0; i < timesS.length; i++) {
    const from = i === 0 ? 0 : timesS[i - 1];
    if (!(i === 0 ? timesS[0] === 0 : timesS[i] > from)) return bad(`timesS[${i}]`, timesS[i], "s", from);
    if (!(factors[i] >= 1e-6 && factors[i] < 1e6)) return bad(`factors[${i}]`, factors[i], "", 1e-6);
  }
  return undefined;
}

function outOfRange(field: Ranged, value: number, where: string): SoakError | undefined {
  const { unit, min, max } = RANGES[field];
  // Written so that NaN fails too.
  if (value >= min && value <= max) return undefined;
  return { code: "out_of_range", field: `${where}.${field}`, unit, value, min, max };
}
