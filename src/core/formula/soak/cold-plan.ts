import type { Formulation } from "../../formulation";
import type { FrozenBathCurve } from "../../heat/frozen-bath";
import type { Formulated } from "../formulate";
import { frozenInBath } from "./thawing";

const LEAST_HOURS = 12;
const MOST_HOURS = 72;

export interface ColdPlan {
  hours: number;
  curve: FrozenBathCurve;
  /** Ice in the bath that keeps it cold for all that time, g; undefined when even a bath full of ice does not. */
  safeIceG: number | undefined;
}

/** Frozen food put straight into the bath: how warm it gets, and the ice that would keep it cold. */
export function coldPlan(input: Formulation, sheet: Formulated, roomC: number, iceG: number): ColdPlan {
  const hours = Math.min(MOST_HOURS, Math.max(LEAST_HOURS, input.pullH));
  const run = (iceKg: number, until?: "warm") =>
    frozenInBath(
      input,
      {
        food: sheet.food,
        foodG: sheet.foodG,
        thicknessMm: input.pieces.thicknessMm,
        waterFraction: sheet.soaked.waterFraction,
        bathWaterG: sheet.waterG,
        saltG: sheet.naclG,
      },
      { aboutC: roomC, hours, iceG: 1000 * iceKg, until },
    );
  const curve = run(Math.min(iceG, sheet.waterG * 0.95) / 1000);
  return {
    hours,
    curve,
    safeIceG: safeIce(sheet.waterG, (iceKg) => run(iceKg, "warm").warmFromH === undefined),
  };
}

/** The least ice that keeps the bath cold, by halving; ice is part of the brine's own water. @param cold whether so many kg do */
export function safeIce(waterG: number, cold: (iceKg: number) => boolean): number | undefined {
  let [low, high] = [0, (waterG * 0.9) / 1000];
  if (!cold(high)) return undefined;
  if (cold(0)) return 0;
  for (let i = 0; i < 6; i++) {
    const middle = (low + high) / 2;
    if (cold(middle)) high = middle;
    else low = middle;
  }
  return high * 1000;
}
