import type { ReactNode } from "react";
export const to = (low: string, high: string) => `, ${low} to ${high}`;
export const inTheFlesh = (low: string | boolean, verdict: ReactNode) => (
  <>
    in the flesh{low}: {verdict}
  </>
);
export const outsideAsWanted = ", outside as wanted";
export const sodiumAPortion = "sodium a portion";
export const brineSal = (gPerLitreWater: string, salometerDegrees: string) =>
  `brine · ${gPerLitreWater} g/L · ${salometerDegrees}° sal`;
export const saltToFoodPacked = (shellMl: string) => `salt to food · ${shellMl} packed`;
export const coatGDm = (perDm2G: string) => `coat · ${perDm2G} g/dm²`;
export const acidGKgAsCitric = (citricPerKgG: string) => `acid ${citricPerKgG} g/kg, as citric`;
export const ifAllOfItWent = "if all of it went in";
export const none = "none";
