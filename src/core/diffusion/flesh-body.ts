import { wedgeDeepest } from "../wedge";
import { equivalentBody } from "./equivalent";
import type { SolidAxis } from "./field/axis";
import type { PieceForm } from "./piece-form";
import type { Body } from "./stages";

/** What the cook measured of the piece; only what changes the way salt must go. */
export interface PieceShape {
  thicknessMm: number;
  /** Whether salt gets in from both sides, or one is blocked by skin and fat, bone or a tray. */
  faces: "both" | "one";
  skin: boolean;
  /** A whole animal has its skin all about; a cut piece on the face it was cut with, and salt enters by the others. */
  skinOn?: "allFaces" | "oneFace";
  /** Its two faces do not fare alike, though neither is blocked: more salt lies on one. Of what lies flat. */
  facesApart?: boolean;
  /** Slashes; depth 0 means none. */
  slashDepthMm: number;
  slashSpacingMm: number;
}

/** Flesh that would slow salt as much as a skin does, mm. *Practice*, estimate: published skin values scatter widely. */
export const SKIN_EQUIVALENT_MM = 4;

/** How much of a round its skin covers where it lies on one side, as the rind of a joint does. *Practice*, estimate. */
const ONE_SIDE_OF_A_ROUND = 0.5;

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
 * Farthest flesh from a wetted face when slashed: min(L, √((s/2)² + (L − d)²)).
 * @param pathMm L, distance to the middle (or to the blocked face), mm
 */
export function slashedPathMm(pathMm: number, depthMm: number, spacingMm: number): number {
  if (depthMm <= 0) return pathMm;
  const beneath = Math.max(0, pathMm - depthMm);
  return Math.min(pathMm, Math.hypot(spacingMm / 2, beneath));
}

/** Still water against the food, as a film through which salt must pass, m. *Practice*, estimate: about a millimetre. */
const STILL_FILM_M = 0.001;
/** Salt in plain water at 4 °C, m²/s; CRC Handbook, *from memory*. */
const WATER_DIFFUSIVITY_M2_PER_S = 8e-10;

export interface FleshBody extends Body {
  /** Distance to the deepest flesh before slashes, mm. */
  pathMm: number;
  /** Mass transfer through skin and still water, m/s; Infinity for a bare face in a stirred bath. */
  surfaceTransferMPerS: number;
  /** The nearest body of one distance, for whoever must run hundreds; only where the piece has more to it. */
  standIn?: Body;
}

export interface BodyOptions {
  /** Outer size of a block, a short log or an oval, mm; other forms have one distance only. */
  size?: { lengthMm: number; widthMm: number };
  /** A bath that nobody stirs, at this temperature, °C. */
  stillAtC?: number | undefined;
}

/** The body the soak engine sees, from what was measured. */
export function fleshBody(
  form: PieceForm,
  piece: PieceShape,
  diffusivityM2PerS: number,
  options: BodyOptions = {},
): FleshBody {
  // Only what lies flat can have one face blocked; any other form is wetted all about.
  const oneFace = piece.faces === "one" && (form === "slab" || form === "block");
  const throughMm = oneFace ? 2 * piece.thicknessMm : piece.thicknessMm;
  const pathMm =
    form === "wedge" ? wedgeDeepest(throughMm, sizeOf(throughMm, options.size).widthMm) : throughMm / 2;
  const shortened = slashedPathMm(pathMm, piece.slashDepthMm, piece.slashSpacingMm) / pathMm;
  const skinM = piece.skin && !oneFace ? SKIN_EQUIVALENT_MM / 1000 : 0;
  const onOneFace = skinM > 0 && piece.skinOn === "oneFace";
  const apart = !oneFace && (onOneFace || piece.facesApart === true);
  const solid = solidOf(form, throughMm * shortened, options.size, apart, onOneFace ? skinM : 0);
  const body = bodyOf(form, throughMm, options.size);
  // Skin on one face is that face's own, on one side of a round that side's; all about it is one more resistance before all.
  const ownFace = form === "slab" || form === "block" || form === "wedge";
  const veiled = onOneFace && !ownFace ? { share: ONE_SIDE_OF_A_ROUND, barrierM: skinM } : undefined;
  const skin = onOneFace && (solid || veiled) ? 0 : skinM / diffusivityM2PerS;
  const film =
    options.stillAtC === undefined
      ? 0
      : STILL_FILM_M / diffusivityAt(WATER_DIFFUSIVITY_M2_PER_S, options.stillAtC);
  const half = { ...body, halfThicknessM: body.halfThicknessM * shortened, ...(veiled && { veiled }) };
  return {
    ...(solid
      ? {
          shape: "slab" as const,
          halfThicknessM: (pathMm / 1000) * shortened,
          solid,
          ...(veiled && { veiled }),
        }
      : half),
    ...(solid && { standIn: half }),
    pathMm,
    // Resistances in a row add up.
    surfaceTransferMPerS: skin + film > 0 ? 1 / (skin + film) : Infinity,
  };
}

/**
 * The piece's own directions, where more than one counts or its two faces differ; undefined where one distance tells all.
 * @param throughMm from face to face; twice the way from an open face to one that is blocked, which is a mirror
 */
function solidOf(
  form: PieceForm,
  throughMm: number,
  size: BodyOptions["size"],
  apart: boolean,
  skinM: number,
): SolidAxis[] | undefined {
  const bare = (mm: number, kind: SolidAxis["kind"] = "half"): SolidAxis => ({
    kind,
    halfM: mm / 2000,
    barrierM: 0,
  });
  const long = sizeOf(throughMm, size);
  const thickness = bare(throughMm);
  const upright: SolidAxis = apart ? { ...thickness, kind: "full", otherBarrierM: skinM } : thickness;
  if (form === "block") return [upright, bare(long.widthMm), bare(long.lengthMm)];
  if (form === "shortLog") return [bare(throughMm, "radius"), bare(long.lengthMm)];
  if (form === "wedge") {
    const back = { ...thickness, deepM: long.widthMm / 1000, otherBarrierM: skinM };
    return [{ ...back, kind: "wedge" }, bare(long.lengthMm)];
  }
  if (form === "oval") return [throughMm, long.widthMm, long.lengthMm].map((mm) => bare(mm, "oval"));
  return form === "slab" && apart ? [upright] : undefined;
}

const sizeOf = (throughMm: number, size: BodyOptions["size"]) =>
  size ?? { lengthMm: 4 * throughMm, widthMm: throughMm };

function bodyOf(form: PieceForm, throughMm: number, size: BodyOptions["size"]): Body {
  const long = sizeOf(throughMm, size);
  switch (form) {
    case "block":
      return equivalentBody({ kind: "brick", edgesMm: [throughMm, long.widthMm, long.lengthMm] });
    case "shortLog":
      return equivalentBody({ kind: "finiteCylinder", diameterMm: throughMm, lengthMm: long.lengthMm });
    case "wedge":
      return equivalentBody({
        kind: "wedge",
        backMm: throughMm,
        deepMm: long.widthMm,
        lengthMm: long.lengthMm,
      });
    case "oval":
      return equivalentBody({ kind: "ellipsoid", axesMm: [throughMm, long.widthMm, long.lengthMm] });
    default:
      return { shape: form, halfThicknessM: throughMm / 2000 };
  }
}
