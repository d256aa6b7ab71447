import type { Formulation } from "../../formulation";
import { brineHeatCapacity, chill, splitHotAndIce, type Chilled, type HotAndIce } from "../../solution/chill";
import type { Formulated } from "../formulate";

const ROUNDS = 6;

export interface BrineToChill {
  /** All the plain water of the brine, ice included, and its salt, g. */
  waterG: number;
  saltG: number;
  /** Of the brine when it is mixed, mass fraction. */
  saltFraction: number;
  hotC: number;
  iceC: number;
  wantedC: number;
  /** Other liquid that goes in as it stands: cider, stock, juice. */
  cold?: { massG: number; temperatureC: number };
  /** Ice there is, g; left out, as much as is needed. */
  iceG?: number | undefined;
}

/** How the water divides into hot and ice, and where it ends with the ice there is. Masses in g. */
export function chillBrine(b: BrineToChill): HotAndIce & { iceG: number; end: Chilled; shortG: number } {
  const waterKg = b.waterG / 1000;
  const saltKg = b.saltG / 1000;
  const cold = {
    massKg: (b.cold?.massG ?? 0) / 1000,
    temperatureC: b.cold?.temperatureC ?? b.wantedC,
  };
  const splitAt = (saltFraction: number) => {
    const hot = { temperatureC: b.hotC, heatCapacityKJPerKgK: brineHeatCapacity(saltFraction) };
    return { hot, split: splitHotAndIce(waterKg, saltKg, hot, b.iceC, b.wantedC, cold) };
  };
  // How much heat the concentrate holds goes by its strength, and that by how much of the water is hot: a few rounds.
  let { hot, split } = splitAt(2 * b.saltFraction);
  for (let i = 0; i < ROUNDS && split.hotWaterKg > 0; i++)
    ({ hot, split } = splitAt(split.concentrateFraction));
  const iceG = b.iceG ?? split.iceKg * 1000;
  const massKg = waterKg + saltKg - iceG / 1000;
  const end = chill(
    { ...hot, massKg, saltFraction: saltKg / massKg },
    { massKg: iceG / 1000, temperatureC: b.iceC },
    cold,
  );
  return { ...split, iceG, end, shortG: split.iceKg * 1000 - iceG };
}

/** Salt dissolved in water near the boil, ice out of a freezer's drawer, °C. *Practice*. */
export const HOT_C = 95;
export const ICE_C = -5;
/** A brine is chilled to this where its own start is not colder, °C. *Practice*: fridge cold. */
const CHILL_TO_C = 4;

/**
 * A sheet's brine made hot and chilled with ice; its other liquids go in as cold as the soak.
 * @returns undefined where there is no brine, or no plain water in it
 */
export function chillOf(
  input: Formulation,
  sheet: Pick<Formulated, "brine" | "liquids" | "naclG">,
  own: Partial<Pick<BrineToChill, "hotC" | "iceC" | "wantedC" | "iceG">> = {},
) {
  const { brine, liquids } = sheet;
  if (!brine || !liquids || liquids.plainG <= 0) return undefined;
  return chillBrine({
    waterG: liquids.plainG,
    saltG: sheet.naclG,
    saltFraction: brine.saltFraction,
    cold: { massG: liquids.otherG, temperatureC: input.holding.temperatureC },
    hotC: HOT_C,
    iceC: ICE_C,
    wantedC: chilledToC(input),
    ...own,
  });
}

export const chilledToC = (input: Pick<Formulation, "holding">): number =>
  Math.min(CHILL_TO_C, input.holding.brineStartC);
