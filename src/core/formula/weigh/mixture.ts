import type { FormulaLine, SaltSchool } from "../../formulation";
import type { IngredientGroup } from "../../materials/facts";
import { err, ok, type Result } from "../../result";
import { equilibriumPerWater, perWaterForTarget, saltForWaterPhase } from "./equilibrium";
import { aimPerWater, doseFor, givenOf } from "./given-salt";
import {
  apartOf,
  ingredientLine,
  joins,
  lessHidden,
  saltLine,
  unitsOf,
  WHERE_NOTE,
  type Apart,
  type SheetLine,
} from "./lines";
import { mixOf, type Mix, type MixPart } from "./mix";
import {
  basesOf,
  type Contact,
  type Dose,
  type FormulationError,
  type PrepareContext,
  type Prepared,
} from "./prepared";
import * as words from "@/words/core/formula/weigh/mixture";

type WeighedPart = MixPart & { line: FormulaLine };

/** The lines of a mixture, weighed for what meets the food; the reserve comes on top. */
export interface Weighed {
  /** What is mixed and meets the flesh. */
  parts: WeighedPart[];
  /** What goes into the cavity, over and under, or on the tray. */
  elsewhere: WeighedPart[];
  mix: Mix;
  apart: Apart;
}

/**
 * Weighs a mixture's lines. Lines in parts share out the wanted volume; the others go by their own law, "by liquid"
 * meaning the lines in parts, or failing those every wet line.
 * @param wantedMl liquid to make from the lines in parts, mL
 */
export function weighMixture(c: PrepareContext, wantedMl: number): Result<Weighed, FormulationError> {
  const { input, pantry } = c;
  const used = input.lines.filter((l) => !l.off);
  const found: { line: FormulaLine; ingredient: MixPart["ingredient"] }[] = [];
  for (const line of used) {
    const ingredient = pantry.ingredient(line.ingredientId);
    if (!ingredient) return err({ code: "unknown_ingredient", id: line.ingredientId });
    found.push({ line, ingredient });
  }
  const allParts = used.reduce((sum, l) => sum + (l.parts ?? 0), 0);
  const bases = basesOf(c, {
    liquidMl: allParts > 0 ? wantedMl : 0,
    saltG: (givenOf(c) ?? doseFor(c.flesh, input.preparation.targetFraction)) / c.salt.naclFraction,
  });
  const massOf = (l: FormulaLine, density: number, liquidMl: number) =>
    l.parts === undefined
      ? l.amountG * unitsOf(l.scalesWith, { ...bases, liquidMl })
      : allParts > 0
        ? (l.parts / allParts) * wantedMl * density
        : 0;
  const weigh = (liquidMl: number) =>
    found.map(({ line, ingredient }) => ({
      line,
      ingredient,
      massG: massOf(line, ingredient.densityGPerMl ?? 1, liquidMl),
    }));
  // Without parts the liquid is what the wet lines make; lines by liquid then follow it.
  const mixed = (all: readonly WeighedPart[]) => all.filter((p) => joins(p.line.where));
  const ownMl = allParts > 0 ? wantedMl : mixOf(mixed(weigh(0))).volumeMl;
  const all = weigh(ownMl).filter((p) => p.massG > 0);
  const elsewhere = all.filter((p) => !joins(p.line.where));
  return ok({
    parts: mixed(all),
    elsewhere,
    mix: mixOf(mixed(all)),
    apart: apartOf(elsewhere.map((p) => weighedLine(p, 1))),
  });
}

/** How much more is made than meets the food, because part of it is set aside first. */
export const madeOver = (c: PrepareContext): number => 1 / (1 - (c.input.reserve?.share ?? 0));

/** The weigh-out lines of a mixture, made large enough for the reserve too; what goes elsewhere is no part of that. */
export function mixtureLines(c: PrepareContext, { parts, elsewhere }: Weighed): SheetLine[] {
  const times = madeOver(c);
  return [...parts.map((p) => weighedLine(p, times)), ...elsewhere.map((p) => weighedLine(p, 1))];
}

const weighedLine = ({ line, ingredient, massG }: WeighedPart, times: number): SheetLine =>
  ingredientLine(
    ingredient,
    massG * times,
    AROMATIC_GROUPS.has(ingredient.group) ? "aromatic" : "mixture",
    line.parts === undefined ? line.scalesWith : "bath",
    { optional: line.optional, ...(line.where && { note: WHERE_NOTE[line.where], where: line.where }) },
  );

const AROMATIC_GROUPS: ReadonlySet<IngredientGroup> = new Set(["spice", "fresh_herb", "dried_herb"]);

/** Salt for a food that lies in, or is coated with, a mixture. */
export interface MixtureSalt {
  naclG: number;
  loadG: number;
  waterG: number;
  targetPerWater: number;
  contact: Contact;
  dose: Dose;
  line: SheetLine | undefined;
}

/**
 * In the mixture: salt so that flesh and mixture end at one salt per water, less what hides in the mixture's own
 * lines. On the food first: straight on the flesh; what hides in the mixture stays over it. Salt the cook gave stands
 * in either.
 */
export function saltMixture(
  c: PrepareContext,
  school: SaltSchool,
  targetFraction: number,
  mix: Mix,
  hiding: readonly string[] = [],
): MixtureSalt {
  const { flesh, salt } = c;
  const given = givenOf(c);
  if (school === "onFoodFirst") {
    const naclG = given ?? doseFor(flesh, targetFraction);
    return {
      naclG: naclG + mix.naclG,
      loadG: naclG,
      waterG: 0,
      targetPerWater: equilibriumPerWater(flesh, 0, naclG),
      contact: { kind: "drySalt" },
      dose: { wantedG: naclG, hiddenG: 0, ownG: naclG },
      line: naclG > 0 ? { ...saltLine(salt, naclG, "foodMass"), note: words.onTheFoodBeforeThe } : undefined,
    };
  }
  const wantedPerWater = perWaterForTarget(targetFraction, flesh.waterFraction, "finishedFlesh");
  const wantedG = saltForWaterPhase(flesh, mix.waterG, targetFraction, "finishedFlesh");
  // What the cook gave is for all that is made; the reserve takes its share of it.
  const ownG = given === undefined ? Math.max(0, wantedG - mix.naclG) : given / madeOver(c);
  const loadG = ownG + mix.naclG;
  const waterG = mix.waterG > LEAST_WATER * flesh.massG ? mix.waterG : 0;
  const lessG = given === undefined ? Math.max(0, wantedG) - ownG : 0;
  return {
    naclG: loadG,
    loadG,
    waterG,
    targetPerWater: aimPerWater(c, wantedPerWater, { waterG, loadG }),
    // What its water does not dissolve lies in it and feeds it; without any water it lies on the face.
    contact: waterG > 0 ? { kind: "bath" } : { kind: "drySalt" },
    dose: { wantedG: given === undefined ? wantedG : ownG, hiddenG: mix.naclG, ownG },
    line:
      ownG > 0
        ? lessHidden(saltLine(salt, ownG * madeOver(c), "foodMass"), lessG * madeOver(c), hiding)
        : undefined,
  };
}

/** Water under this share of the flesh is none: oil and dry spice. */
const LEAST_WATER = 1e-5;

/** What the mixture's figures add to any preparation made with one. */
export const mixFigures = (c: PrepareContext, mix: Mix): Pick<Prepared, "mix" | "citricPerKgG"> => ({
  mix,
  citricPerKgG: (mix.citricG / c.foodG) * 1000,
});
