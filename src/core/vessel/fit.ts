import type { PieceSize } from "./piece-size";
import type { Vessel } from "./vessel";

/** Brine above the topmost piece when water is poured to cover, mm. *Practice*. */
export const COVER_MM = 15;
/** Share of a vessel's floor that lying pieces can use. *Practice*, estimate. */
const FLOOR_USE = 0.8;

export interface VesselFit {
  floorMm2: number;
  capacityMl: number;
  /** Pieces side by side in one layer, and layers. */
  perLayer: number;
  layers: number;
  standing: boolean;
  /** Top of the topmost piece, mm from the floor. */
  foodHeightMm: number;
  foodMl: number;
}

/** Inside floor, mm². */
export function floorAreaMm2(vessel: Vessel): number {
  return vessel.shape === "cylinder"
    ? (Math.PI / 4) * vessel.lengthMm ** 2
    : vessel.lengthMm * vessel.widthMm;
}

/**
 * How pieces lie in a vessel: side by side in layers, or stood on end when they are too long to lie.
 * First model: pieces are rigid and alike.
 */
export function fitPieces(vessel: Vessel, size: PieceSize, count: number): VesselFit {
  const floorMm2 = floorAreaMm2(vessel);
  const longestMm = vessel.shape === "cylinder" ? vessel.lengthMm : Math.max(vessel.lengthMm, vessel.widthMm);
  const standing = size.lengthMm > longestMm;
  const footprintMm2 = standing ? size.widthMm * size.heightMm : size.lengthMm * size.widthMm;
  const perLayer = Math.max(1, Math.floor((floorMm2 * FLOOR_USE) / footprintMm2));
  const layers = Math.ceil(count / perLayer);
  const foodMl = size.volumeMl * count;
  const pieceHeightMm = standing ? size.lengthMm : size.heightMm;
  // Food cannot lie lower than its own volume spread over the whole floor.
  const foodHeightMm = Math.max(layers * pieceHeightMm, (foodMl * 1000) / floorMm2);
  return {
    floorMm2,
    capacityMl: (floorMm2 * vessel.heightMm) / 1000,
    perLayer: Math.min(perLayer, count),
    layers,
    standing,
    foodHeightMm,
    foodMl,
  };
}

/** Liquid that brings the level just over the food, mL. */
export function liquidToCoverMl(fit: VesselFit, coverMm = COVER_MM): number {
  return (fit.floorMm2 * (fit.foodHeightMm + coverMm)) / 1000 - fit.foodMl;
}

export interface LiquidLevel {
  /** Surface of the liquid above the floor, mm; at most the rim. */
  levelMm: number;
  headspaceMm: number;
  overflowMl: number;
  /** Food standing out of the liquid, mm; 0 when covered. */
  exposedMm: number;
}

/** Where the liquid stands with the food in it. */
export function liquidLevel(vessel: Vessel, fit: VesselFit, liquidMl: number): LiquidLevel {
  const totalMl = liquidMl + fit.foodMl;
  const fullMm = (totalMl * 1000) / fit.floorMm2;
  const levelMm = Math.min(fullMm, vessel.heightMm);
  return {
    levelMm,
    headspaceMm: vessel.heightMm - levelMm,
    overflowMl: Math.max(0, totalMl - fit.capacityMl),
    exposedMm: Math.max(0, fit.foodHeightMm - levelMm),
  };
}
