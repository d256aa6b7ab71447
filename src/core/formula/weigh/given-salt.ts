import type { Formulation } from "../../formulation";
import type { Salt } from "../../materials/types";
import { equilibriumPerWater, type Flesh } from "./equilibrium";
import type { PrepareContext } from "./prepared";

/** How the salt is given; left out, it follows from what is wanted. */
export const saltModeOf = (input: Pick<Formulation, "salt">): NonNullable<Formulation["salt"]>["mode"] =>
  input.salt?.mode ?? "wanted";

/**
 * Pure salt the cook gives outright, g; undefined where it follows from what is wanted.
 * @param salt the salt chosen: its purity, and its spoon density for measures
 */
export function givenNaclG(
  input: Pick<Formulation, "salt">,
  salt: Pick<Salt, "naclFraction" | "densityGPerMl">,
  flesh: Pick<Flesh, "massG">,
): number | undefined {
  const given = input.salt;
  switch (given?.mode) {
    case undefined:
    case "wanted":
      return undefined;
    case "percent":
      return given.fraction * flesh.massG;
    case "grams":
      return given.massG * salt.naclFraction;
    case "measure":
      return given.volumeMl * salt.densityGPerMl * salt.naclFraction;
    case "pinch":
      return given.count * given.eachG * salt.naclFraction;
    case "none":
      return 0;
  }
}

export const givenOf = (c: PrepareContext): number | undefined => givenNaclG(c.input, c.salt, c.flesh);

/**
 * Pure salt to put straight on flesh so that it ends at a share of the finished flesh, its own salt counted: from
 * t = (S + own) / (M + S + own). Model: mass balance, nothing lost.
 * @returns g, 0 where it holds that much already
 */
export function doseFor(flesh: Flesh, targetFraction: number): number {
  const ownG = flesh.massG * flesh.nativeSaltFraction;
  return Math.max(0, (flesh.massG * targetFraction) / (1 - targetFraction) - ownG);
}

/** What the soak is judged ready by: the wanted salt, or where what was given will end when that is less. */
export function aimPerWater(
  c: PrepareContext,
  wantedPerWater: number,
  end: { waterG: number; loadG: number },
): number {
  return givenOf(c) === undefined
    ? wantedPerWater
    : Math.min(wantedPerWater, equilibriumPerWater(c.flesh, end.waterG, end.loadG));
}
