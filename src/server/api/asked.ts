import type { z } from "zod";
import type { brineRequest, crustRequest, marinadeRequest, rubRequest } from "@/contracts/compute";
import { newFormulation, piecesOffered } from "@/core/formula/offer/defaults";
import { withPreparation } from "@/core/formula/offer/offered";
import { RANGES } from "@/core/quantity/ranges";
import { likelyThicknessMm } from "@/core/formula/weigh/flesh";
import type { Formulation, Preparation } from "@/core/formulation";
import { findFood } from "@/core/materials/lookup";
import type { PreparationChoice } from "@/core/preparations";
import { Refusal } from "../problem";
import * as words from "@/words/server/api/asked";

type Brine = z.infer<typeof brineRequest>;
type Marinade = z.infer<typeof marinadeRequest>;
type Rub = z.infer<typeof rubRequest>;
type Crust = z.infer<typeof crustRequest>;
type Short<T> = Exclude<T, { formulation: unknown }>;
type Base = Omit<Short<Rub>, "surface">;

/** What is asked for in a few words as a whole formulation: what was not said is as the Bench offers it. */
function offered(asked: Base, choice: PreparationChoice): Formulation {
  const food = findFood(asked.food);
  if (!food) throw new Refusal(422, words.unknownFood, words.foodThereIsNoIn(asked.food));
  const count = asked.count ?? 1;
  const thicknessMm = asked.thicknessMm ?? Math.round(likelyThicknessMm(food, asked.massG / count));
  if (thicknessMm > RANGES.thicknessMm.max)
    throw new Refusal(
      422,
      words.noSuchPiece,
      words.countOfGInAll({ count, massG: asked.massG, thicknessMm }),
      { issues: [{ path: "count", message: words.howManyPiecesOrTheir }] },
    );
  const base = withPreparation(newFormulation(food), choice);
  return {
    ...base,
    pieces: {
      ...piecesOffered(food, count),
      totalMassG: asked.massG,
      thicknessMm,
    },
    saltId: asked.salt ?? base.saltId,
    salt: asked.saltG === undefined ? { mode: "wanted" } : { mode: "grams", massG: asked.saltG },
    preparation:
      asked.targetPercent === undefined
        ? base.preparation
        : { ...base.preparation, targetFraction: asked.targetPercent / 100 },
    lines:
      asked.lines?.map(({ ingredient, gPerKg }) => ({
        ingredientId: ingredient,
        amountG: gPerKg,
        scalesWith: "foodMass" as const,
        optional: false,
      })) ?? base.lines,
    holding: { ...base.holding, temperatureC: asked.temperatureC ?? base.holding.temperatureC },
    pullH: asked.hours ?? base.pullH,
    portions: asked.portions ?? base.portions,
  };
}

const withDetail = (f: Formulation, detail: Partial<Preparation>): Formulation => ({
  ...f,
  preparation: { ...f.preparation, ...detail } as Preparation,
});

export function brineAsked(asked: Brine): Formulation {
  if ("formulation" in asked) return asked.formulation;
  const f = offered(asked, asked.as);
  const detail: Partial<Preparation> =
    asked.as === "timed" && asked.strengthPercent !== undefined
      ? { strength: { basis: "percent", saltFraction: asked.strengthPercent / 100 } }
      : asked.as === "cure" && asked.dosePercent !== undefined
        ? { doseFraction: asked.dosePercent / 100 }
        : asked.as === "injection" && asked.pickupPercent !== undefined
          ? { pickupFraction: asked.pickupPercent / 100 }
          : {};
  return {
    ...withDetail(f, detail),
    water: asked.waterG === undefined ? f.water : { mode: "chosen", massG: asked.waterG },
    sugarPerSalt: asked.sugarPerSalt ?? f.sugarPerSalt,
  };
}

export const marinadeAsked = (asked: Marinade): Formulation =>
  "formulation" in asked ? asked.formulation : offered(asked, asked.as);

export const rubAsked = (asked: Rub): Formulation =>
  "formulation" in asked ? asked.formulation : withDetail(offered(asked, "rub"), { surface: asked.surface });

export const crustAsked = (asked: Crust): Formulation =>
  "formulation" in asked ? asked.formulation : withDetail(offered(asked, "crust"), { school: asked.school });
