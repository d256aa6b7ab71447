import { BAG_FILM_MM, bagCapacityMl } from "./bag";
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
  /** A film of liquid over every piece, mL: what a bag pressed round them needs. */
  filmMl: number;
}

/** Inside floor, mm²: where the pieces lie. */
export function floorAreaMm2(vessel: Vessel): number {
  switch (vessel.shape) {
    case "cylinder":
      return disc(vessel.lengthMm);
    case "pail":
      return disc(vessel.widthMm);
    default:
      return vessel.lengthMm * vessel.widthMm;
  }
}

const disc = (diameterMm: number) => (Math.PI / 4) * diameterMm ** 2;

/** Diameter of a pail so high above its floor, mm; it widens evenly to the rim, and past it in thought. */
const pailAt = (vessel: Vessel, heightMm: number) =>
  vessel.widthMm + ((vessel.lengthMm - vessel.widthMm) * heightMm) / vessel.heightMm;

/** Room below a height, mL: a prism, or the frustum of a pail. */
export function roomBelowMl(vessel: Vessel, heightMm: number): number {
  if (vessel.shape !== "pail") return (floorAreaMm2(vessel) * heightMm) / 1000;
  const [a, b] = [vessel.widthMm, pailAt(vessel, heightMm)];
  return (Math.PI * heightMm * (a * a + a * b + b * b)) / 12 / 1000;
}

/** Height up to which a volume fills a vessel, mm. */
function heightOfMl(vessel: Vessel, ml: number): number {
  if (vessel.shape !== "pail") return (ml * 1000) / floorAreaMm2(vessel);
  let [low, high] = [0, 4 * vessel.heightMm];
  for (let i = 0; i < 50; i++) {
    const middle = (low + high) / 2;
    if (roomBelowMl(vessel, middle) < ml) low = middle;
    else high = middle;
  }
  return (low + high) / 2;
}

/**
 * How pieces lie in a vessel: side by side in layers, or stood on end when they are too long to lie.
 * First model: pieces are rigid and alike.
 */
export function fitPieces(vessel: Vessel, size: PieceSize, count: number): VesselFit {
  const floorMm2 = floorAreaMm2(vessel);
  const longestMm =
    vessel.shape === "cylinder" || vessel.shape === "pail"
      ? vessel.lengthMm
      : Math.max(vessel.lengthMm, vessel.widthMm);
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
    capacityMl:
      vessel.shape === "bag"
        ? bagCapacityMl(vessel.lengthMm, vessel.widthMm)
        : roomBelowMl(vessel, vessel.heightMm),
    perLayer: Math.min(perLayer, count),
    layers,
    standing,
    foodHeightMm,
    foodMl,
    filmMl: (count * skinMm2(size) * BAG_FILM_MM) / 1000,
  };
}

/** Outer surface of a piece taken as a box, mm². */
const skinMm2 = ({ lengthMm: l, widthMm: w, heightMm: h }: PieceSize) => 2 * (l * w + l * h + w * h);

/** Liquid that brings the level just over the food, mL; in a bag, a film about it. */
export function liquidToCoverMl(vessel: Vessel, fit: VesselFit, coverMm = COVER_MM): number {
  if (vessel.shape === "bag") return fit.filmMl;
  return roomBelowMl(vessel, fit.foodHeightMm + coverMm) - fit.foodMl;
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
  const overflowMl = Math.max(0, totalMl - fit.capacityMl);
  if (vessel.shape === "bag") {
    // Pressed flat, the liquid goes all about the food as long as there is enough for a film.
    const covered = Math.min(1, liquidMl / fit.filmMl);
    const levelMm = covered * (fit.foodHeightMm + BAG_FILM_MM);
    return { levelMm, headspaceMm: 0, overflowMl, exposedMm: Math.max(0, fit.foodHeightMm - levelMm) };
  }
  const levelMm = Math.min(heightOfMl(vessel, totalMl), vessel.heightMm);
  return {
    levelMm,
    headspaceMm: vessel.heightMm - levelMm,
    overflowMl,
    exposedMm: Math.max(0, fit.foodHeightMm - levelMm),
  };
}
