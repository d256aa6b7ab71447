import { newFormulation, piecesOffered, type PreparationChoice } from "../formula/defaults";
import { NO_BINDER } from "../formula/prepare/paste";
import type { LinePartSaid } from "./parts";
import type { SaidCrust, SaidKeptBack, SaidSlashes } from "./work-said";
import type {
  Companion,
  CompanionLine,
  Cook,
  CrustPreparation,
  Formulation,
  FormulaLine,
  LinePlace,
  Preparation,
  SaltGiven,
} from "../formula/model";
import { withPreparation } from "../formula/offered";
import { LINES_MAX, NAME_MAX, NOTES_MAX, RANGES } from "../formula/ranges";
import { likelyThicknessMm } from "../formula/flesh";
import { withOwn } from "../formula/with-own";
import { pantryOf, type OwnMaterials, type Pantry } from "../materials/pantry";
import type { Food } from "../materials/types";

/** A line as the cook confirmed it. */
export interface SettledLine {
  kind: "ingredient" | "salt";
  id: string;
  grams: number;
  optional: boolean;
  /** Which part of the dish it belongs to; left out, the preparation itself. */
  part?: LinePartSaid;
  /** Where it goes; left out, into the mixture. */
  where?: LinePlace;
  /** So long beside the food in the oven, min. */
  bakeMin?: number;
}

/** A recipe as the cook confirmed it, all of it. */
export interface SettledRecipe {
  name: string;
  notes: string;
  foodId: string;
  foodG: number;
  count: number;
  choice: PreparationChoice;
  lines: SettledLine[];
  /** How long it lies, h; undefined keeps what practice offers. */
  pullH?: number;
  /** Thickest part of one piece, mm, where it is said. */
  thicknessMm?: number;
  cook?: Cook;
  slashes?: SaidSlashes;
  keptBack?: SaidKeptBack;
  packed?: SaidCrust;
  /** The glaze goes on for the last so many minutes. */
  glazeLastMin?: number;
  portions: number;
  /** Rinsed so long after the soak, min; 0 where it says not to; left out, as practice offers it. */
  rinseMin?: number;
  /** Where it stands, where that is not the fridge. */
  place?: "cooler";
}

const between = (value: number, { min, max }: { min: number; max: number }, unit = 1): number =>
  Math.min(max * unit, Math.max(min * unit, value));

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
  const isBath = settled.choice === "timed" || settled.choice === "equilibrium";
  const others = [...main.filter((l) => l.kind === "ingredient"), ...moreSalts].filter(
    // The water of a bath and a crust, and a crust's egg whites, are worked out.
    (l) => !((isBath || crust) && isWater(l.id)) && !(crust && l.id === EGG_WHITE),
  );
  const sugar = sugarApart(settled, salt, others, pantry);
  const kept = keptBackOf(settled, main);
  return withOwn(
    {
      ...base,
      name: settled.name.slice(0, NAME_MAX),
      notes: settled.notes.slice(0, NOTES_MAX),
      pieces: piecesFor(food, settled),
      ...(salt && { saltId: salt.id }),
      // A crust without salt said follows from its thickness.
      salt: crust && !salt ? base.salt : saltSaid(salt),
      preparation: seasoned(base.preparation, { ...settled, salt, plainG, main }, pantry),
      water: isBath && plainG >= RANGES.waterG.min ? { mode: "chosen", massG: plainG } : base.water,
      sugarPerSalt: sugar?.perSalt ?? (SUGAR_APART.has(settled.choice) ? 0 : base.sugarPerSalt),
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
      ...(settled.place && { holding: { ...base.holding, place: settled.place } }),
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
  if (minutes === undefined || !RINSED.has(choice)) return {};
  return { rinse: minutes > 0 ? { minutes: between(minutes, RANGES.rinseMin) } : undefined };
}
const RINSED: ReadonlySet<PreparationChoice> = new Set(["timed", "equilibrium", "dry"]);

/** What is kept back of a mixture, as a share of it. */
function keptBackOf(
  { choice, keptBack }: SettledRecipe,
  main: readonly SettledLine[],
): Pick<Formulation, "reserve"> {
  const madeG = sumOf(main);
  if (!keptBack || (choice !== "marinade" && choice !== "paste") || madeG <= 0) return {};
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

/** Sodium chloride of all lines, g. */
const saltOf = (lines: readonly SettledLine[], pantry: Pantry): number =>
  lines.reduce((sum, l) => sum + l.grams * (pantry.ingredient(l.id)?.saltFraction ?? 0), 0);

/** Sugar that a brine, dry brine or cure keeps by its salt: so much to one of salt that the grams come out as confirmed. */
function sugarApart(
  settled: SettledRecipe,
  salt: SettledLine | undefined,
  others: readonly SettledLine[],
  pantry: Pantry,
) {
  const line = SUGAR_APART.has(settled.choice) ? others.find((l) => isSugar(l.id)) : undefined;
  const naclG = saltOf([...(salt ? [salt] : []), ...others.filter((l) => l !== line)], pantry);
  if (naclG <= 0) return undefined;
  const perSalt = line && line.grams / naclG;
  return line && perSalt !== undefined && perSalt <= RANGES.sugarPerSalt.max ? { line, perSalt } : undefined;
}

const SUGAR_APART: ReadonlySet<PreparationChoice> = new Set(["timed", "equilibrium", "dry", "cure"]);
const isWater = (id: string): boolean => id === "water" || id === "ice_crushed";
const isSugar = (id: string): boolean => id.startsWith("sugar_");
const sumOf = (lines: readonly SettledLine[]): number => lines.reduce((sum, l) => sum + l.grams, 0);

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

interface Seasoning {
  salt: SettledLine | undefined;
  plainG: number;
  main: readonly SettledLine[];
  packed?: SaidCrust;
  rinseMin?: number;
}

/** A timed brine shows the strength that the recipe's salt and water make; a paste and a crust are bound as it binds them. */
function seasoned(
  p: Preparation,
  { salt, plainG, main, packed, rinseMin }: Seasoning,
  pantry: Pantry,
): Preparation {
  if (p.kind === "cure" && rinseMin !== undefined) return { ...p, finish: rinseMin > 0 ? "rinse" : "brush" };
  // It is bound as it says: nothing is reckoned beside what was confirmed.
  if (p.kind === "paste") return { ...p, binderId: NO_BINDER };
  if (p.kind === "saltCrust")
    return {
      ...p,
      ...boundBy(main, pantry),
      ...(salt && { saltBy: "given" as const }),
      ...(packed && {
        underMm: between(packed.underMm, RANGES.shellMm),
        overMm: between(packed.overMm, RANGES.shellMm),
      }),
    };
  if (!salt || plainG <= 0 || p.kind !== "wetBrine" || p.school !== "timed") return p;
  const naclG = saltOf([salt], pantry);
  const saltFraction = between(naclG / (naclG + plainG), RANGES.strengthPercent, 0.01);
  return { ...p, strength: { basis: "percent", saltFraction } };
}

const EGG_WHITE = "egg_white";

/** Water and whites of a crust, as many as were confirmed; neither said, its school counts them by the salt. */
function boundBy(
  main: readonly SettledLine[],
  pantry: Pantry,
): Pick<CrustPreparation, "bound" | "school"> | undefined {
  const gEach = pantry.ingredient(EGG_WHITE)?.gEach;
  const whites = gEach ? sumOf(main.filter((l) => l.id === EGG_WHITE)) / gEach : 0;
  const waterG = sumOf(main.filter((l) => isWater(l.id)));
  if (whites === 0 && waterG === 0) return undefined;
  return { school: whites > 0 ? "eggWhite" : "water", bound: { waterG, whites } };
}
