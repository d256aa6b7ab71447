import { newFormulation, piecesOffered } from "../formula/offer/defaults";
import { standingIn, withPreparation } from "../formula/offer/offered";
import { withOwn } from "../formula/offer/with-own";
import { LINES_MAX, NAME_MAX, NOTES_MAX, RANGES } from "../quantity/ranges";
import { likelyThicknessMm } from "../formula/weigh/flesh";
import type { Companion, CompanionLine, Formulation, FormulaLine, SaltGiven } from "../formulation";
import { pantryOf, type OwnMaterials, type Pantry } from "../materials/pantry";
import type { Food } from "../materials/types";
import { PREPARATIONS, type PreparationChoice } from "../preparations";
import { shortened } from "../shortened";
import { seasoned } from "./preparation-said";
import { between, EGG_WHITE, isWater, saltOf, sumOf, type SettledLine, type SettledRecipe } from "./settled";

/**
 * A formulation of a confirmed recipe: its salt, its water and every line to the gram as they were confirmed. What is
 * wanted on the plate stays as practice offers it, to judge the recipe by.
 * @returns undefined where the food is not known
 */
export function formulationFrom(settled: SettledRecipe, own: OwnMaterials = {}): Formulation | undefined {
  const pantry = pantryOf(own);
  const food = pantry.food(settled.foodId);
  if (!food) return undefined;
  const main = settled.lines.filter((l) => l.part === undefined || l.part === "main");
  const crust = settled.choice === "crust";
  const [salt, ...moreSalts] = main.filter((l) => l.kind === "salt");
  const plainG = sumOf(main.filter((l) => isWater(l.id)));
  const base = withPreparation({ ...newFormulation(food), lines: [] }, settled.choice);
  const { lies, brined } = PREPARATIONS[settled.choice];
  const isBath = lies === "bath";
  const others = [...main.filter((l) => l.kind === "ingredient"), ...moreSalts].filter(
    // The water of a brine and a crust, and a crust's egg whites, are worked out.
    (l) => !((brined || crust) && isWater(l.id)) && !(crust && l.id === EGG_WHITE),
  );
  const sugar = sugarApart(settled, salt, others, pantry);
  const kept = keptBackOf(settled, main);
  return withOwn(
    {
      ...base,
      name: shortened(settled.name, NAME_MAX),
      notes: shortened(settled.notes, NOTES_MAX),
      pieces: piecesFor(food, settled),
      ...(salt && { saltId: salt.id }),
      // A crust without salt said follows from its thickness.
      salt: crust && !salt ? base.salt : saltSaid(salt),
      preparation: seasoned(base.preparation, { ...settled, salt, plainG, main }, pantry),
      water: isBath && plainG >= RANGES.waterG.min ? { mode: "chosen", massG: plainG } : base.water,
      sugarPerSalt: sugar?.perSalt ?? (PREPARATIONS[settled.choice].sugarBySalt ? 0 : base.sugarPerSalt),
      ...(sugar && { sugarId: sugar.line.id }),
      lines: others
        .filter((l) => l !== sugar?.line)
        .slice(0, LINES_MAX)
        .map((l) => lineOf(l, isBath ? plainG / 1000 : 0, settled.foodG / 1000))
        // What is kept back is made over and above; the list has it in it.
        .map((l) => (l.where ? l : { ...l, amountG: l.amountG * (1 - (kept.reserve?.share ?? 0)) })),
      ...besideOf(settled),
      ...kept,
      pullH: pullOf(settled, base.pullH),
      ...rinsed(settled.choice, settled.rinseMin),
      ...(settled.place && { holding: standingIn(base.holding, settled.place) }),
      ...(settled.cook && { cook: settled.cook }),
      portions: settled.portions,
    },
    own,
  );
}

/** A crust stands as long as it bakes. */
function pullOf({ choice, cook, pullH }: SettledRecipe, usual: number): number {
  const said = choice === "crust" && cook ? cook.minutes / 60 : pullH;
  return said === undefined ? usual : between(said, RANGES.pullH);
}

/** Fresh water after a brine or dry salt; a cure has a finish of its own, and what is wiped off needs none. */
function rinsed(choice: PreparationChoice, minutes: number | undefined): Pick<Formulation, "rinse"> {
  if (minutes === undefined || PREPARATIONS[choice].rinses !== "often") return {};
  return { rinse: minutes > 0 ? { minutes: between(minutes, RANGES.rinseMin) } : undefined };
}

/** What is kept back of a mixture, as a share of it. */
function keptBackOf(
  { choice, keptBack }: SettledRecipe,
  main: readonly SettledLine[],
): Pick<Formulation, "reserve"> {
  const madeG = sumOf(main);
  if (!keptBack || !PREPARATIONS[choice].setsAside || madeG <= 0) return {};
  return { reserve: { share: Math.min(0.8, Math.max(0.05, keptBack.grams / madeG)), use: keptBack.use } };
}

/** Glaze, sauce, butter, dressing and bed are parts of their own; nothing of them goes into the preparation. */
function besideOf(settled: SettledRecipe): Pick<Formulation, "companions"> {
  const companions = BESIDE.flatMap((kind): Companion[] => {
    const lines = settled.lines.filter((l) => l.part === kind);
    if (lines.length === 0) return [];
    return [
      {
        kind,
        name: "",
        ...(kind === "glaze" &&
          settled.glazeLastMin !== undefined && {
            lastMin: Math.round(between(settled.glazeLastMin, RANGES.bakeMin)),
          }),
        lines: lines.slice(0, LINES_MAX).map((l) => besideLineOf(l, settled.foodG / 1000)),
      },
    ];
  });
  return companions.length > 0 ? { companions } : {};
}
const BESIDE = ["glaze", "sauce", "butter", "dressing", "bed"] as const;

/** The grams confirmed are the grams weighed out; a recipe without salt is one without salt. */
const saltSaid = (salt: SettledLine | undefined): SaltGiven =>
  salt ? { mode: "grams", massG: between(salt.grams, RANGES.givenG) } : { mode: "none" };

/** Sugar that a brine, dry brine or cure keeps by its salt: so much to one of salt that the grams come out as confirmed. */
function sugarApart(
  settled: SettledRecipe,
  salt: SettledLine | undefined,
  others: readonly SettledLine[],
  pantry: Pantry,
) {
  const line = PREPARATIONS[settled.choice].sugarBySalt ? others.find((l) => isSugar(l.id)) : undefined;
  const naclG = saltOf([...(salt ? [salt] : []), ...others.filter((l) => l !== line)], pantry);
  if (naclG <= 0) return undefined;
  const perSalt = line && line.grams / naclG;
  return line && perSalt !== undefined && perSalt <= RANGES.sugarPerSalt.max ? { line, perSalt } : undefined;
}

const isSugar = (id: string): boolean => id.startsWith("sugar_");

function piecesFor(food: Food, { foodG, count, thicknessMm, slashes }: SettledRecipe): Formulation["pieces"] {
  return {
    ...piecesOffered(food, count),
    ...(slashes && {
      slashDepthMm: between(slashes.depthMm, RANGES.slashDepthMm),
      slashSpacingMm: between(slashes.spacingMm, RANGES.slashSpacingMm),
    }),
    totalMassG: foodG,
    thicknessMm:
      thicknessMm === undefined
        ? Math.round(likelyThicknessMm(food, foodG / count))
        : between(thicknessMm, RANGES.thicknessMm),
  };
}

/** In a bath a line grows with the liquid; elsewhere with the food. */
function lineOf(l: SettledLine, litres: number, foodKg: number): FormulaLine {
  const per = litres > 0 ? litres : foodKg;
  return {
    ingredientId: l.id,
    amountG: between(l.grams / per, RANGES.lineG),
    scalesWith: litres > 0 ? "bath" : "foodMass",
    optional: l.optional,
    ...(l.where && { where: l.where }),
  };
}

/** The same beside it: what bakes there says for how long. */
function besideLineOf(l: SettledLine, foodKg: number): CompanionLine {
  const { ingredientId, amountG, scalesWith, optional } = lineOf(l, 0, foodKg);
  return {
    ingredientId,
    amountG,
    scalesWith,
    optional,
    ...(l.bakeMin !== undefined && { bakeMin: l.bakeMin }),
  };
}
