import { saltFractionFromPerWater, WATER_DENSITY_G_PER_ML } from "./sodium-chloride";

/**
 * A brine said by the cup: a volume of one certain salt in a volume of water at 20 °C.
 * Two salts by the same cup differ by a factor of two, so the salt's own spoon density decides.
 * @param saltMl level volume of salt, mL
 * @param saltDensityGPerMl spoon density of that salt, g/mL
 * @param waterMl volume of water, mL, > 0
 */
export function cupBrine(saltMl: number, saltDensityGPerMl: number, waterMl: number) {
  const saltG = saltMl * saltDensityGPerMl;
  const perWater = saltG / (waterMl * WATER_DENSITY_G_PER_ML);
  return {
    saltG,
    saltFraction: saltFractionFromPerWater(perWater),
    gPerLitreWater: perWater * WATER_DENSITY_G_PER_ML * 1000,
  };
}

/** The volume of another salt that weighs the same, mL. */
export function swapSaltVolumeMl(volumeMl: number, fromDensity: number, toDensity: number): number {
  return (volumeMl * fromDensity) / toDensity;
}
