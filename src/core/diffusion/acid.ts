import { perWaterAt } from "./read-moment";
import { simulateSoak } from "./simulate";
import type { Body } from "./stages";

/** Free acid over salt, by their diffusivities in water: acetic 1.2, lactic 1.0, citric 0.7, salt 1.5 ·10⁻⁹ m²/s (CRC Handbook, *from memory*). */
export const ACID_OVER_SALT = 0.6;
/**
 * Acid that flesh binds before it turns opaque, eq for each kg: about 50 mmol for each unit of pH (Puolanne and Kivikari
 * 2000, beef and pork), over a good unit. *From memory*; fish binds more.
 */
export const BOUND_EQ_PER_KG = 0.06;
/** Acid counts as arrived at this share of the bath's: where flesh begins to turn opaque. *Practice*, estimate. */
export const ACID_ARRIVED_SHARE = 0.1;
const UNIT = 0.1;
const SCAN = 400;

/**
 * How deep acid has gone: a second solute in the same body, by the same engine, from a bath that does not weaken. What
 * flesh binds of it holds its front back, a weak bath's more than a strong one's: D ÷ (1 + bound ÷ strength).
 * @param saltDiffusivityM2PerS salt's, at the soak's temperature  @param seconds 0 to 1e8
 * @param acidEqPerL titratable acid in the water of the bath, eq/L, > 0
 * @returns depth below the open face at which acid has arrived, mm; the whole way when it has reached the middle
 */
export function acidDepthMm(
  body: Body & { surfaceTransferMPerS?: number },
  saltDiffusivityM2PerS: number,
  seconds: number,
  acidEqPerL: number,
): number {
  const ran = simulateSoak(
    body,
    [
      {
        kind: "bath",
        durationS: seconds,
        diffusivityM2PerS: (saltDiffusivityM2PerS * ACID_OVER_SALT) / (1 + BOUND_EQ_PER_KG / acidEqPerL),
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
