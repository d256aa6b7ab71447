import { err, ok, type Result } from "../../result";
import { saltPerWater, saturationFraction } from "../../solution/sodium-chloride";
import { equilibriumPerWater, perWaterForTarget } from "../equilibrium";
import { ingredientLine, saltLine, unitsOf, WHERE_NOTE, type Bases, type SheetLine } from "../lines";
import { mixOf, type Mix, type MixPart } from "../mix";
import type { FormulaLine, SaltSchool } from "../model";
import type { Contact, FormulationError, PrepareContext, Prepared } from "./prepared";

/** The lines of a mixture, weighed for what meets the food; the reserve comes on top. */
export interface Weighed {
  parts: (MixPart & { line: FormulaLine })[];
  mix: Mix;
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
  const bases: Bases = {
    foodG: c.foodG,
    surfaceDm2: c.surfaceDm2,
    liquidMl: allParts > 0 ? wantedMl : 0,
    saltG: c.input.preparation.targetFraction * c.flesh.massG,
    pieces: input.pieces.count,
  };
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
  const ownMl = allParts > 0 ? wantedMl : mixOf(weigh(0)).volumeMl;
  const parts = weigh(ownMl).filter((p) => p.massG > 0);
  return ok({ parts, mix: mixOf(parts) });
}

/** How much more is made than meets the food, because part of it is set aside first. */
export const madeOver = (c: PrepareContext): number => 1 / (1 - (c.input.reserve?.share ?? 0));

/** The weigh-out lines of a mixture, made large enough for the reserve too. */
export function mixtureLines(c: PrepareContext, { parts }: Weighed): SheetLine[] {
  const times = madeOver(c);
  return parts.map(({ line, ingredient, massG }) =>
    ingredientLine(
      ingredient,
      massG * times,
      ingredient.group === "spice" || ingredient.group.endsWith("herb") ? "aromatic" : "mixture",
      line.parts === undefined ? line.scalesWith : "bath",
      {
        optional: line.optional,
        ...(line.where && { note: WHERE_NOTE[line.where] }),
      },
    ),
  );
}

/** Salt for a food that lies in, or is coated with, a mixture. */
export interface MixtureSalt {
  naclG: number;
  loadG: number;
  waterG: number;
  targetPerWater: number;
  contact: Contact;
  line: SheetLine | undefined;
}

/**
 * In the mixture: salt so that flesh and mixture end at one salt per water, less what hides in the mixture's own
 * lines. On the food first: a dose by edible weight, straight on the flesh; what hides in the mixture stays over it.
 */
export function saltMixture(
  c: PrepareContext,
  school: SaltSchool,
  targetFraction: number,
  mix: Mix,
): Result<MixtureSalt, FormulationError> {
  const { flesh, salt } = c;
  if (school === "onFoodFirst") {
    const naclG = targetFraction * flesh.massG;
    return ok({
      naclG: naclG + mix.naclG,
      loadG: naclG,
      waterG: 0,
      targetPerWater: equilibriumPerWater(flesh, 0, naclG),
      contact: { kind: "drySalt" },
      line: { ...saltLine(salt, naclG, "foodMass"), note: "on the food, before the rest" },
    });
  }
  const heldFraction = flesh.nativeSaltFraction;
  if (targetFraction <= heldFraction) return err({ code: "already_salty", heldFraction, targetFraction });
  const targetPerWater = perWaterForTarget(targetFraction, flesh.waterFraction, "finishedFlesh");
  const wantedG =
    targetPerWater * (flesh.massG * flesh.waterFraction + mix.waterG) - flesh.massG * heldFraction;
  const ownG = Math.max(0, wantedG - mix.naclG);
  const loadG = ownG + mix.naclG;
  const saturated = saltPerWater(saturationFraction(c.input.holding.temperatureC));
  // Too little water to dissolve it: then it lies on the face as dry salt does.
  const dissolves = mix.waterG > 0 && loadG / mix.waterG <= saturated;
  return ok({
    naclG: loadG,
    loadG,
    waterG: dissolves ? mix.waterG : 0,
    targetPerWater,
    contact: dissolves ? { kind: "bath" } : { kind: "drySalt" },
    line: ownG > 0 ? saltLine(salt, ownG * madeOver(c), "foodMass") : undefined,
  });
}

/** What the mixture's figures add to any preparation made with one. */
export const mixFigures = (c: PrepareContext, mix: Mix): Pick<Prepared, "mix" | "citricPerKgG"> => ({
  mix,
  citricPerKgG: (mix.citricG / c.foodG) * 1000,
});
