import type { CompanionKind, FormulaLine, LineLaw, LinePlace, ScalingLaw } from "../../formulation";
import type { Pantry } from "../../materials/pantry";
import type { Ingredient, Salt } from "../../materials/types";
import { ofKey } from "../../own-key";
import * as words from "@/words/core/formula/weigh/lines";

export type LineRole = "water" | "salt" | "sugar" | "aromatic" | "mixture" | "binder" | "egg";

/** Which part of the dish a line belongs to: the preparation itself, or what goes beside it. */
export type LinePart = "main" | CompanionKind | "secondSalting";

/** One thing to weigh out. */
export interface SheetLine {
  id: string;
  name: string;
  role: LineRole;
  part: LinePart;
  /** What goes on the scale, g, unrounded. */
  massG: number;
  scalesWith: ScalingLaw;
  /** Spoon density, g/mL; undefined where the thing is only weighed. */
  densityGPerMl: number | undefined;
  /** Spread of that density between makers, relative; what a spoon is in doubt by. */
  densityDoubt: number;
  /** Counted things: how much one weighs and what one is called. */
  each: { massG: number; unit: string } | undefined;
  optional: boolean;
  allergens: string[];
  /** Sodium chloride it brings, g. */
  naclG: number;
  /** A word on how: "inside", "set aside 40 g first". */
  note?: string | undefined;
  /** Where it goes; left out, into the mixture or bath. */
  where?: LinePlace;
  /** Which of the parts beside it, counted from 0: there may be three saltings. */
  companion?: number;
  /** Pure salt taken off this line because other lines bring it, and which. */
  less?: { naclG: number; from: string[] };
}

/** It becomes part of the mixture or bath, or lies on the flesh with it. */
export const joins = (where: LinePlace | undefined): boolean => where === undefined || where === "underSkin";

/** Salt of lines that go elsewhere: eaten with the food, or left on the tray, g. */
export interface Apart {
  insideG: number;
  leftG: number;
}

export function apartOf(lines: readonly SheetLine[]): Apart {
  const salt = (is: (where: LinePlace) => boolean) =>
    lines.reduce((sum, l) => sum + (l.where && !joins(l.where) && is(l.where) ? l.naclG : 0), 0);
  return { insideG: salt((w) => w === "cavity"), leftG: salt((w) => w !== "cavity") };
}

/** Names of the lines that bring salt worth speaking of, saltiest first. */
export const hidingIn = (lines: readonly SheetLine[]): string[] =>
  lines
    .filter((l) => l.naclG > LEAST_LESS_G && joins(l.where))
    .sort((a, b) => b.naclG - a.naclG)
    .map((l) => l.name);

/** A salt line with what was taken off it. */
export const lessHidden = (line: SheetLine, lessG: number, from: readonly string[]): SheetLine =>
  lessG > LEAST_LESS_G ? { ...line, less: { naclG: lessG, from: [...from] } } : line;
/** Less than a scale shows, g. */
const LEAST_LESS_G = 0.05;

const saltDoubt = (salt: Salt) => (salt.densityHighGPerMl - salt.densityLowGPerMl) / (2 * salt.densityGPerMl);

/** Salt as it is weighed: moist or mixed salts need more grams for the same sodium chloride. */
export function saltLine(salt: Salt, naclG: number, scalesWith: ScalingLaw): SheetLine {
  return {
    id: salt.id,
    name: salt.name,
    role: "salt",
    part: "main",
    massG: salt.naclFraction > 0 ? naclG / salt.naclFraction : 0,
    scalesWith,
    densityGPerMl: salt.densityGPerMl,
    densityDoubt: saltDoubt(salt),
    each: undefined,
    optional: false,
    allergens: [],
    naclG,
  };
}

/** Water as a line. */
export function waterLine(massG: number, scalesWith: ScalingLaw, name = words.waterCold): SheetLine {
  return {
    id: "water",
    name,
    role: "water",
    part: "main",
    massG,
    scalesWith,
    densityGPerMl: 0.9982,
    densityDoubt: 0,
    each: undefined,
    optional: false,
    allergens: [],
    naclG: 0,
  };
}

/** An ingredient, weighed. */
export function ingredientLine(
  found: Ingredient,
  massG: number,
  role: LineRole,
  scalesWith: ScalingLaw,
  extra: Partial<Pick<SheetLine, "optional" | "part" | "note" | "where" | "companion">> = {},
): SheetLine {
  return {
    id: found.id,
    name: found.name,
    role,
    part: "main",
    massG,
    scalesWith,
    densityGPerMl: found.densityGPerMl ?? undefined,
    densityDoubt: found.uncertainty,
    each: eachOf(found),
    optional: false,
    allergens: found.allergens,
    naclG: massG * found.saltFraction,
    ...extra,
  };
}

/** Juices are counted in the fruit they come from; what is sold by the piece, in pieces. */
function eachOf(found: Ingredient): SheetLine["each"] {
  if (found.gEach) return { massG: found.gEach, unit: found.eachUnit };
  const fruit = ofKey(FRUIT_OF, found.id);
  return fruit && found.densityGPerMl
    ? { massG: fruit.juiceMl * found.densityGPerMl, unit: words.itsJuice(fruit.name) }
    : undefined;
}

/** Juice of one fruit of common size, mL: USDA FoodData Central, *from memory*, as in the ingredients table. */
const FRUIT_OF: Record<string, { name: string; juiceMl: number }> = {
  lemon_juice: { name: words.lemon, juiceMl: 45 },
  lime_juice: { name: words.lime, juiceMl: 28 },
  orange_juice: { name: words.orange, juiceMl: 80 },
  grapefruit_juice: { name: words.grapefruit, juiceMl: 180 },
  bitter_orange_juice: { name: words.bitterOrange, juiceMl: 50 },
  yuzu_juice: { name: words.yuzu, juiceMl: 18 },
};

/** What lines can grow with, for this batch. */
export interface Bases {
  foodG: number;
  surfaceDm2: number;
  /** Liquid of the bath or the mixture, mL. */
  liquidMl: number;
  /** Salt as weighed, g. */
  saltG: number;
  pieces: number;
}

/** How many of a law's units there are: kg of food, dm², litres, hundreds of grams of salt, pieces, batches. */
export function unitsOf(law: LineLaw, bases: Bases): number {
  switch (law) {
    case "foodMass":
      return bases.foodG / 1000;
    case "surface":
      return bases.surfaceDm2;
    case "bath":
      return bases.liquidMl / 1000;
    case "salt":
      return bases.saltG / 100;
    case "piece":
      return bases.pieces;
    case "batch":
      return 1;
  }
}

/** Grams of a line for this batch, by its own law; nothing when it is left out. */
export const lineMassG = (line: Pick<FormulaLine, "amountG" | "scalesWith" | "off">, bases: Bases): number =>
  line.off ? 0 : line.amountG * unitsOf(line.scalesWith, bases);

export const WHERE_NOTE: Record<LinePlace, string> = words.whereNote;

/** Every line of a formula that has its own amount, weighed; those left out do not appear. */
export function weighedLines(
  lines: readonly FormulaLine[],
  bases: Bases,
  pantry: Pantry,
  role: LineRole = "aromatic",
): { ingredient: Ingredient; line: SheetLine }[] {
  return lines.flatMap((l) => {
    const ingredient = pantry.ingredient(l.ingredientId);
    if (!ingredient || l.off) return [];
    const line = ingredientLine(ingredient, lineMassG(l, bases), role, l.scalesWith, {
      optional: l.optional,
      ...(l.where && { note: WHERE_NOTE[l.where], where: l.where }),
    });
    return [{ ingredient, line }];
  });
}
