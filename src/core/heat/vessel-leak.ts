import { outsideMm, type Vessel } from "../vessel/vessel";
import { leakWPerK, type Wall } from "./cooler";

const wallOf = (vessel: Vessel): Wall =>
  vessel.shape === "cooler"
    ? "cooler"
    : vessel.shape === "bag"
      ? "bag"
      : vessel.shape === "pail"
        ? "pail"
        : "box";

/** Heat a vessel lets through, W per K. */
export function vesselLeakWPerK(vessel: Vessel): number {
  const { lengthMm: l, widthMm: w, heightMm: h } = outsideMm(vessel);
  return leakWPerK(wallOf(vessel), 2 * (l * w + l * h + w * h));
}
