import type { z } from "zod";
import type { vesselSchema } from "./vessel-schema";

export type Vessel = z.infer<typeof vesselSchema>;
export type VesselShape = Vessel["shape"];
export type VesselMaterial = Vessel["material"];

/** The free room of one fridge shelf, mm. */
export interface Fridge {
  widthMm: number;
  depthMm: number;
  heightMm: number;
}

/** Wall of a vessel, mm. *Practice*: foam in a cooler, sheet or plastic elsewhere. */
const WALL_MM: Record<VesselShape, number> = { cylinder: 4, pail: 4, box: 4, cooler: 30, tray: 3, bag: 1 };

/** Outer size of a vessel standing, mm. A bag is taken as lying filled: as high as it is said to be. */
export function outsideMm(vessel: Vessel): { lengthMm: number; widthMm: number; heightMm: number } {
  const wall = WALL_MM[vessel.shape];
  const round = vessel.shape === "cylinder" || vessel.shape === "pail";
  return {
    lengthMm: vessel.lengthMm + 2 * wall,
    widthMm: (round ? vessel.lengthMm : vessel.widthMm) + 2 * wall,
    heightMm: vessel.heightMm + wall,
  };
}

/** How far a vessel is too large for a fridge shelf, mm each way; undefined when it fits. */
export function fridgeMiss(
  vessel: Vessel,
  fridge: Fridge,
): { floorMm: number; heightMm: number } | undefined {
  const out = outsideMm(vessel);
  const [long, short] = [Math.max(out.lengthMm, out.widthMm), Math.min(out.lengthMm, out.widthMm)];
  const [deep, narrow] = [Math.max(fridge.widthMm, fridge.depthMm), Math.min(fridge.widthMm, fridge.depthMm)];
  const floorMm = Math.max(0, long - deep, short - narrow);
  const heightMm = Math.max(0, out.heightMm - fridge.heightMm);
  return floorMm > 0 || heightMm > 0 ? { floorMm, heightMm } : undefined;
}
