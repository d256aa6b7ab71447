import type { Food } from "../materials/types";
import type { Body } from "./stages";
import type { BodyShape } from "./grid";

/** What the cook measured of the piece; only what changes the way salt must go. */
export interface PieceShape {
  thicknessMm: number;
  /** Whether salt gets in from both sides, or one is blocked by skin and fat, bone or a tray. */
  faces: "both" | "one";
  skin: boolean;
  /** Slashes; depth 0 means none. */
  slashDepthMm: number;
  slashSpacingMm: number;
}

/** Flesh that would slow salt as much as a skin does, mm. *Practice*, estimate: published skin values scatter widely. */
export const SKIN_EQUIVALENT_MM = 4;

/** Activation energy of salt diffusion in flesh, J/mol; published range about 20 to 25 kJ/mol, *from memory*. */
const ACTIVATION_J_PER_MOL = 22_500;
const GAS_CONSTANT = 8.314462618;
const REFERENCE_K = 277.15;

/**
 * Diffusivity at a temperature, by Arrhenius from its value at 4 °C.
 * @param at4C m²/s at 4 °C  @param temperatureC −5 to 100 °C
 */
export function diffusivityAt(at4C: number, temperatureC: number): number {
  const kelvin = temperatureC + 273.15;
  return at4C * Math.exp((-ACTIVATION_J_PER_MOL / GAS_CONSTANT) * (1 / kelvin - 1 / REFERENCE_K));
}

/**
 * The shape the sums use. An irregular roast is taken as a cylinder, an irregular smaller piece as a slab: a bird's
 * wall or a cut piece is wetted from two sides.
 */
export function bodyShapeOf(food: Pick<Food, "shape" | "form">): BodyShape {
  if (food.shape !== "irregular") return food.shape;
  return /roast/.test(food.form) ? "cylinder" : "slab";
}

/**
 * Farthest flesh from a wetted face when slashed: min(L, √((s/2)² + (L − d)²)).
 * @param pathMm L, distance to the middle (or to the blocked face), mm
 */
export function slashedPathMm(pathMm: number, depthMm: number, spacingMm: number): number {
  if (depthMm <= 0) return pathMm;
  const beneath = Math.max(0, pathMm - depthMm);
  return Math.min(pathMm, Math.hypot(spacingMm / 2, beneath));
}

export interface FleshBody extends Body {
  /** Distance to the deepest flesh before slashes, mm. */
  pathMm: number;
  /** Mass transfer through the skin, m/s; Infinity for a bare face. */
  surfaceTransferMPerS: number;
}

/** The body the soak engine sees, from what was measured. */
export function fleshBody(shape: BodyShape, piece: PieceShape, diffusivityM2PerS: number): FleshBody {
  // Only a slab can have one face blocked; a round piece is wetted all about.
  const oneFace = piece.faces === "one" && shape === "slab";
  const pathMm = oneFace ? piece.thicknessMm : piece.thicknessMm / 2;
  const skinInTheWay = piece.skin && !oneFace;
  return {
    shape,
    pathMm,
    halfThicknessM: slashedPathMm(pathMm, piece.slashDepthMm, piece.slashSpacingMm) / 1000,
    surfaceTransferMPerS: skinInTheWay ? diffusivityM2PerS / (SKIN_EQUIVALENT_MM / 1000) : Infinity,
  };
}
