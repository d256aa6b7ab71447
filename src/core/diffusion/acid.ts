import type { Body } from "./stages";
import { perWaterAt } from "./read-moment";
import { simulateSoak } from "./simulate";

/** Acid travels about a tenth as fast as salt, because flesh buffers it. *Practice*, estimate. */
export const ACID_OVER_SALT = 0.1;
/** Acid counts as arrived at this share of the bath's: where flesh begins to turn opaque. *Practice*, estimate. */
export const ACID_ARRIVED_SHARE = 0.1;
const UNIT = 0.1;
const SCAN = 400;

/**
 * How deep acid has gone: a second solute in the same body, by the same engine, from a bath that does not weaken.
 * @param saltDiffusivityM2PerS salt's, at the soak's temperature  @param seconds 0 to 1e8
 * @returns depth below the open face at which acid has arrived, mm; the whole way when it has reached the middle
 */
export function acidDepthMm(
  body: Body & { surfaceTransferMPerS?: number },
  saltDiffusivityM2PerS: number,
  seconds: number,
): number {
  const ran = simulateSoak(
    body,
    [
      {
        kind: "bath",
        durationS: seconds,
        diffusivityM2PerS: saltDiffusivityM2PerS * ACID_OVER_SALT,
        surfaceTransferMPerS: body.surfaceTransferMPerS,
        waterRatio: Infinity,
        saltPerWater: UNIT,
      },
    ],
    { cells: 100, stepTolerance: 1e-5 },
  );
  if (!ran.ok) return 0;
  const { grid, moments } = ran.value;
  const end = moments[moments.length - 1];
  for (let i = 0; i <= SCAN; i++) {
    const depth = i / SCAN;
    if (perWaterAt(grid, end, 1 - depth) < ACID_ARRIVED_SHARE * UNIT)
      return depth * body.halfThicknessM * 1000;
  }
  return body.halfThicknessM * 1000;
}
