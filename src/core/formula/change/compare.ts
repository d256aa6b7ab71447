import { perWaterAt } from "../../diffusion/read-moment";
import type { Formulation } from "../../formulation";
import { choiceOf, described } from "../../preparations";
import { outcomeAt } from "../account/outcome";
import { formulate } from "../formulate";
import { AS_WANTED, preparationOffered } from "../offer/defaults";
import { HOUR_S } from "../soak/window";
import { shareOfFinishedFlesh } from "../weigh/equilibrium";

/** One soak as two lines: salt by depth at the pull, and mean salt by the hour. Shares of finished flesh. */
export interface SoakCurve {
  byDepth: { depthMm: number; fraction: number }[];
  byHour: { hours: number; fraction: number }[];
}

const DEPTHS = 40;
const FIRST_H = 0.15;

/** The curves of one soak; undefined where the sums refuse it. */
export function soakCurve(input: Formulation, rateFactor = 1): SoakCurve | undefined {
  const result = formulate(input, { rateFactor });
  if (!result.ok) return undefined;
  const { soak, soaked } = result.value;
  const { moment } = outcomeAt(result.value, input.pullH, input.portions);
  const share = (perWater: number) => shareOfFinishedFlesh(perWater, soaked.waterFraction);
  return {
    byDepth: Array.from({ length: DEPTHS + 1 }, (_, i) => ({
      depthMm: (i / DEPTHS) * soak.body.halfThicknessM * 1000,
      fraction: share(perWaterAt(soak.run.grid, moment, 1 - i / DEPTHS)),
    })),
    byHour: soak.run.moments
      .filter((m) => m.timeS >= FIRST_H * HOUR_S)
      .map((m) => ({ hours: m.timeS / HOUR_S, fraction: share(m.mean) })),
  };
}

/** Something else that could be done with the same food. */
export interface WhatIf {
  id: "as_is" | "equilibrium" | "timed" | "dry" | "slashed" | "unslashed" | "half_thick";
  input: Formulation;
}

/** The what-ifs worth drawing beside a formulation, itself first. */
export function whatIfsFor(input: Formulation): WhatIf[] {
  const { pieces, preparation } = input;
  const choice = choiceOf(preparation);
  const others = (["equilibrium", "timed", "dry"] as const).filter((s) => s !== choice);
  // Salt that is put in knows no thickness.
  const byTheFace = described(preparation).enters === "face";
  const deep = Math.round(pieces.thicknessMm * 0.3);
  const slashes =
    pieces.slashDepthMm > 0
      ? { id: "unslashed" as const, depth: 0 }
      : { id: "slashed" as const, depth: deep };
  return [
    { id: "as_is", input },
    ...others.map((id) => ({
      id,
      input: {
        ...input,
        salt: AS_WANTED,
        preparation: preparationOffered(id, preparation.targetFraction),
      },
    })),
    ...(byTheFace
      ? [
          {
            id: slashes.id,
            input: { ...input, pieces: { ...pieces, slashDepthMm: slashes.depth, slashSpacingMm: 20 } },
          },
          {
            id: "half_thick" as const,
            input: {
              ...input,
              pieces: { ...pieces, count: pieces.count * 2, thicknessMm: pieces.thicknessMm / 2 },
            },
          },
        ]
      : []),
  ];
}
