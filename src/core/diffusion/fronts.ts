import { rootBetween } from "../root-between";
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
/** What flesh does not bind: sucrose over salt, 0.52 to 1.5 ·10⁻⁹ m²/s in water at 25 °C (CRC Handbook, *from memory*). */
export const SUGAR_OVER_SALT = 0.35;
/** Counts as arrived at this share of the bath's: of acid, where flesh begins to turn opaque. *Practice*, estimate. */
export const ARRIVED_SHARE = 0.1;
const UNIT = 0.1;

type OpenBody = Body & { surfaceTransferMPerS?: number };

/**
 * How deep acid has gone: a second solute in the same body, by the same engine, from a bath that does not weaken. What
 * flesh binds of it holds its front back, a weak bath's more than a strong one's: D ÷ (1 + bound ÷ strength).
 * @param saltDiffusivityM2PerS salt's, at the soak's temperature  @param seconds 0 to 1e8
 * @param acidEqPerL titratable acid in the water of the bath, eq/L, > 0
 * @returns depth below the open face at which acid has arrived, mm; the whole way when it has reached the middle
 */
export const acidDepthMm = (
  body: OpenBody,
  saltDiffusivityM2PerS: number,
  seconds: number,
  acidEqPerL: number,
): number =>
  frontMm(body, (saltDiffusivityM2PerS * ACID_OVER_SALT) / (1 + BOUND_EQ_PER_KG / acidEqPerL), seconds);

/**
 * How deep sugar has gone: a solute that nothing holds back, but its own size.
 * @param saltDiffusivityM2PerS salt's, at the soak's temperature  @param seconds 0 to 1e8
 * @returns depth below the open face at which a tenth of the bath's has arrived, mm; the whole way when the middle has it
 */
export const sugarDepthMm = (body: OpenBody, saltDiffusivityM2PerS: number, seconds: number): number =>
  frontMm(body, saltDiffusivityM2PerS * SUGAR_OVER_SALT, seconds);

function frontMm(body: OpenBody, diffusivityM2PerS: number, seconds: number): number {
  const ran = simulateSoak(
    body,
    [
      {
        kind: "bath",
        durationS: seconds,
        diffusivityM2PerS,
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
  const over = (depth: number) => perWaterAt(grid, end, 1 - depth) - ARRIVED_SHARE * UNIT;
  const depth = over(0) < 0 ? 0 : over(1) >= 0 ? 1 : rootBetween(over, 0, 1, { relative: 1e-6 });
  return depth * body.halfThicknessM * 1000;
}
