import type { Formulation } from "../formulation";
import { pantryOf } from "../materials/pantry";
import type { Food, Salt } from "../materials/types";
import { rinseMinOf } from "../preparations";
import { err, ok, type Result } from "../result";
import { fitPieces, liquidLevel, type LiquidLevel, type VesselFit } from "../vessel/fit";
import { pieceSize, type PieceSize } from "../vessel/piece-size";
import { stockShare } from "./account/stock";
import { lotsOf, type Lot } from "./soak/lots";
import { computeSoak, type Soak } from "./soak/soak";
import { type SoakLoad } from "./soak/soak-problem";
import { weighedOut } from "./weigh";
import { asPoured, type Poured } from "./weigh/as-poured";
import { companionLines } from "./weigh/companions";
import { equilibriumPerWater, shareOfFinishedFlesh, type Flesh } from "./weigh/equilibrium";
import { fleshOf } from "./weigh/flesh";
import type { SheetLine } from "./weigh/lines";
import { lengthProblem, thicknessProblem } from "./weigh/plausible";
import type { FormulationError, PrepareContext, Prepared } from "./weigh/prepared";
import { surfaceDm2 } from "./weigh/surface";

export type { FormulationError } from "./weigh/prepared";

/** The computed sheet: everything the screen and the snapshot of a batch need. */
export interface Formulated extends Prepared {
  food: Food;
  salt: Salt;
  /** As it came: what doses and percentages of the meat go by. */
  flesh: Flesh;
  /** As it is once it holds what was put into it: what shares of the finished flesh go by. */
  soaked: Flesh;
  pieceSize: PieceSize;
  /** All pieces together. */
  surfaceDm2: number;
  foodG: number;
  fit: VesselFit;
  level: LiquidLevel | undefined;
  /** What goes beside it, weighed. */
  companions: SheetLine[];
  /** What lay round the raw food is boiled and eaten as a sauce. */
  leftoverEaten: boolean;
  /** Where it would end in unlimited time: salt in finished flesh, mass fraction. */
  endFraction: number;
  /** What the soak was run from, for what-ifs. */
  load: SoakLoad;
  soak: Soak;
  /** Fresh water after the soak, min; left out: not rinsed. */
  rinseMin?: number;
  /** The skin is taken off before it is eaten. */
  skinOff: boolean;
  /** Of a joint taken apart, what goes to the stock: share of the weight, 0 for what is left whole. */
  stockShare: number;
}

/**
 * Works a formulation out: what to weigh, how strong, where the salt ends, and when it is ready.
 * Pure: the same input gives the same sheet.
 * @param options.rateFactor diffusivity here over the table's, as this kitchen's readings taught it; 0.25 to 4
 * @param options.poured what really went on the scale; left out: the sheet's own grams
 * @param options.fieldCells for a quick answer: how finely a field is cut along each direction at most
 * @param options.readAtH for a quick answer: only these hours will be read, and the window is left unknown
 */
export function formulate(
  input: Formulation,
  options: {
    rateFactor?: number | undefined;
    poured?: Poured | undefined;
    readAtH?: readonly number[];
    fieldCells?: number | undefined;
  } = {},
): Result<Formulated, FormulationError> {
  const weighed = weighOut(input, options);
  if (!weighed.ok) return weighed;
  const { c, p, load } = weighed.value;
  const rinseMin = rinseMinOf(input);
  const soaked = load.flesh;
  const soak = computeSoak(input, load, options.readAtH, options.fieldCells);
  if (!soak.ok) return err({ code: "soak", error: soak.error });
  return ok({
    ...p,
    food: c.food,
    salt: c.salt,
    flesh: c.flesh,
    soaked,
    pieceSize: c.size,
    surfaceDm2: c.surfaceDm2,
    foodG: c.foodG,
    fit: c.fit,
    level: p.liquidMl > 0 ? liquidLevel(input.vessel, c.fit, p.liquidMl) : undefined,
    companions: companionLines(input, c),
    leftoverEaten: (input.companions ?? []).some((companion) => companion.leftover !== undefined),
    endFraction: shareOfFinishedFlesh(
      equilibriumPerWater(soaked, p.contact.kind === "within" ? 0 : p.waterG, p.loadG),
      soaked.waterFraction,
    ),
    load,
    soak: soak.value,
    ...(rinseMin !== undefined && { rinseMin }),
    skinOff: (input.skinOff ?? false) && input.pieces.skin,
    stockShare: stockShare(input),
  });
}

interface Weighed {
  c: PrepareContext;
  p: Prepared;
  /** What the soak starts from. */
  load: SoakLoad;
}

/** What is weighed out, before any soak is run: quick, for whoever tries many strengths. */
export function weighOut(
  input: Formulation,
  options: { rateFactor?: number | undefined; poured?: Poured | undefined } = {},
): Result<Weighed, FormulationError> {
  const context = contextOf(input);
  if (!context.ok) return context;
  const c = context.value;
  const prepared = weighedOut(c);
  if (!prepared.ok) return prepared;
  const p = options.poured ? asPoured(prepared.value, options.poured) : prepared.value;
  const load: SoakLoad = {
    food: c.food,
    flesh: p.soaked ?? c.flesh,
    saltG: p.loadG,
    waterG: p.waterG,
    targetPerWater: p.targetPerWater,
    contact: p.contact,
    keep: p.keep,
    excess: p.excess,
    bake: p.bake,
    rateFactor: options.rateFactor ?? 1,
    mainShare: lotsOf(input).main.totalMassG / c.foodG,
  };
  return ok({ c, p, load });
}

function contextOf(input: Formulation): Result<PrepareContext, FormulationError> {
  const pantry = pantryOf(input.own);
  const food = pantry.food(input.foodId);
  if (!food) return err({ code: "unknown_food", id: input.foodId });
  const salt = pantry.salt(input.saltId);
  if (!salt) return err({ code: "unknown_salt", id: input.saltId });
  if (salt.naclFraction <= 0) return err({ code: "salt_without_nacl", name: salt.name });

  const { main, others } = lotsOf(input);
  for (const pieces of [main, ...others]) {
    const thickness = thicknessProblem(food, pieces);
    if (thickness) return err(thickness);
  }

  const length = lengthProblem(input.pieces);
  if (length) return err(length);

  const { shape, totalMassG, count, thicknessMm, lengthMm } = input.pieces;
  const foodG = others.reduce((sum, a) => sum + a.totalMassG, main.totalMassG);
  const size = pieceSize(shape, totalMassG / count, thicknessMm, lengthMm);
  const surfaceOf = (a: Lot, longMm?: number) =>
    a.count * surfaceDm2(shape, pieceSize(shape, a.totalMassG / a.count, a.thicknessMm, longMm));
  const surfaces = [surfaceOf(main, lengthMm), ...others.map((a) => surfaceOf(a, a.ofEach && lengthMm))];
  return ok({
    input,
    pantry,
    food,
    salt,
    flesh: fleshOf(food, { ...input.pieces, totalMassG: foodG }),
    // Pieces of other sizes take their room as so many more of the main ones.
    fit: fitPieces(input.vessel, size, Math.ceil(count * (foodG / totalMassG))),
    size,
    foodG,
    surfaceDm2: surfaces.reduce((sum, s) => sum + s, 0),
  });
}
