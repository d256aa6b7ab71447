import type { Formulated } from "../formula/formulate";
import type { Formulation } from "../formula/model";
import type { Outcome } from "../formula/outcome";
import { cookOf as cookFor } from "../formula/cook";
import { splitProposed } from "../formula/uneven";
import { isPoor } from "../materials/facts";
import type { FaultId } from "./outcome";

/** What was really done, where it is known. */
export interface RealBatch {
  input: Formulation;
  sheet: Formulated;
  /** The food at the real lift-out. */
  atLift: Outcome;
  /** Hours it really stood. */
  hours: number;
  /** Core read last, °C. */
  coreC?: number;
  /** Salt really weighed over salt on the sheet; 1 when not weighed. */
  saltFactor: number;
}

/** A likely reason for a fault, with this batch's own figures, and what to change. */
export interface Cause {
  id: string;
  text: string;
  change: string;
  /** 0 to 1: how well this batch's figures bear it out. */
  strength: number;
}

type Weigh = (b: RealBatch) => Cause | undefined;

const pct = (fraction: number) => `${(fraction * 100).toFixed(2)} %`;
const clamp = (x: number) => Math.min(1, Math.max(0, x));
const cause = (id: string, strength: number, text: string, change: string): Cause | undefined =>
  strength > 0.05 ? { id, strength: clamp(strength), text, change } : undefined;

const cookOf = (b: RealBatch) => cookFor(b.input, b.sheet.food);
const target = (b: RealBatch) => b.input.preparation.targetFraction;

const overPoured: Weigh = (b) =>
  cause(
    "over_poured",
    (b.saltFactor - 1) * 8,
    `Salt was weighed ${Math.round((b.saltFactor - 1) * 100)} % over its line.`,
    "Weigh it against the band, and rebalance when it runs over.",
  );
const hidden: Weigh = (b) => {
  const { ledger } = b.atLift;
  const share =
    ledger.sources
      .filter((s) => s.part !== "food" && s.id !== b.sheet.salt.id)
      .reduce((sum, s) => sum + s.naclG, 0) / Math.max(1e-9, ledger.eatenG);
  return cause(
    "hidden_salt",
    share * 1.5,
    `${Math.round(share * 100)} % of the salt eaten came from other lines than salt.`,
    "Cut the saltiest of them, or swap it for its unsalted kind.",
  );
};
const meanOver: Weigh = (b) =>
  cause(
    "mean_over",
    (b.atLift.toHeat.meanFraction / Math.max(1e-6, target(b)) - 1) * 3,
    `The flesh held ${pct(b.atLift.toHeat.meanFraction)} where ${pct(target(b))} was wanted.`,
    "Take it out earlier, or take the equilibrium school, which cannot overshoot.",
  );
const highTarget: Weigh = (b) =>
  cause(
    "high_target",
    (target(b) - 0.013) * 200,
    `The target itself was ${pct(target(b))}.`,
    "Ask for about 0.15 % less.",
  );
const surfaceSalt: Weigh = (b) =>
  cause(
    "surface_salt",
    (b.atLift.toHeat.surfaceFraction / Math.max(1e-6, b.atLift.toHeat.meanFraction) - 2) / 4,
    `The face held ${pct(b.atLift.toHeat.surfaceFraction)}, the mean ${pct(b.atLift.toHeat.meanFraction)}.`,
    "Rest it once it is out, so that it evens out, or rinse a strong brine.",
  );
/** @param weight blandness all through points at the mean more than blandness inside does */
const meanUnder =
  (weight: number): Weigh =>
  (b) =>
    cause(
      "mean_under",
      (1 - b.atLift.toHeat.meanFraction / Math.max(1e-6, target(b))) * weight,
      `It came out at ${pct(b.atLift.toHeat.meanFraction)} of ${pct(target(b))} wanted, after ${b.hours.toFixed(1)} h.`,
      "Longer, thinner, slashed, or a stronger bath for the time there is.",
    );
const lowTarget: Weigh = (b) =>
  cause(
    "low_target",
    (0.012 - target(b)) * 250,
    `The target itself was only ${pct(target(b))}.`,
    "Ask for about 0.15 % more.",
  );
const centreBehind: Weigh = (b) =>
  cause(
    "centre_behind",
    1 - b.atLift.evenness,
    `The centre held ${pct(b.atLift.toHeat.centreFraction)}: ${Math.round(b.atLift.evenness * 100)} % of the mean.`,
    `${Math.round(b.sheet.soak.body.halfThicknessM * 1000)} mm to go is far: slash it, cut it thinner, or start a day earlier.`,
  );
const overAcid: Weigh = (b) => {
  const pH = b.sheet.mix?.pH;
  const limit = b.sheet.keep.hours;
  return pH === undefined
    ? undefined
    : cause(
        "over_acid",
        b.hours / Math.max(0.1, limit) - 0.5 + (4 - pH) * 0.2,
        `pH ${pH.toFixed(1)} for ${b.hours.toFixed(1)} h; ${limit} h is the most for this food.`,
        "Sharp acid in the last minutes, or a dairy marinade.",
      );
};
const tooLong: Weigh = (b) =>
  cause(
    "too_long",
    b.hours / Math.max(0.1, b.sheet.soak.window.past.likely ?? b.sheet.keep.hours) - 0.6,
    `${b.hours.toFixed(1)} h; the window ended at ${(b.sheet.soak.window.past.likely ?? b.sheet.keep.hours).toFixed(1)} h.`,
    "Take it out inside its window.",
  );
const damp: Weigh = (b) =>
  cause(
    "damp_skin",
    b.sheet.food.skin ? (b.input.holding.covered ? 0.8 : 0.3) : 0,
    b.input.holding.covered
      ? "It stood covered: the skin never dried."
      : "The skin may not have dried long enough.",
    "The last twelve hours bare on a rack in the fridge; start hot.",
  );
const overCooked: Weigh = (b) => {
  const cook = cookOf(b);
  const over = (b.coreC ?? cook.toC) - Math.max(b.sheet.food.targetC, b.sheet.food.safeMinC ?? 0);
  return cause(
    "over_cooked",
    0.2 + over / 12,
    `The core read ${Math.round(b.coreC ?? cook.toC)} °C; ${b.sheet.food.targetC} °C is usual.`,
    "Take it out of the heat sooner: it still climbs.",
  );
};
const crustThin: Weigh = (b) => {
  const p = b.input.preparation;
  return p.kind === "saltCrust"
    ? cause("crust_thin", (14 - p.overMm) / 8, `Only ${p.overMm} mm over it.`, "12 mm or more; pack it damp.")
    : undefined;
};
const crustDry: Weigh = (b) =>
  b.sheet.crust
    ? cause(
        "crust_dry",
        0.4,
        "Damp salt that crumbles in the hand cracks in the oven.",
        "More water, by steps, to the squeeze test.",
      )
    : undefined;
const manyWhites: Weigh = (b) =>
  b.sheet.crust && b.sheet.crust.eggWhites > 2
    ? cause(
        "many_whites",
        b.sheet.crust.eggWhites / 10,
        `${b.sheet.crust.eggWhites} egg whites in it.`,
        "The sparing school: two for the lot, or water.",
      )
    : undefined;
const fineSalt: Weigh = (b) =>
  b.sheet.crust && isPoor(b.sheet.salt.gradeSaltCrust)
    ? cause(
        "fine_salt",
        0.9,
        `${b.sheet.salt.name} packs hard and dissolves fast.`,
        "Coarse or dense rolled crystals.",
      )
    : undefined;
const scaled: Weigh = (b) => {
  const p = b.input.preparation;
  return p.kind === "saltCrust" && p.scales === "off"
    ? cause(
        "scaled",
        0.7,
        "It was scaled: about twice the salt gets in.",
        "Leave the scales on; peel the skin at the table.",
      )
    : undefined;
};
const sugarBurns: Weigh = (b) => {
  const { mix } = b.sheet;
  const cook = cookOf(b);
  return mix?.scorchC === undefined
    ? undefined
    : cause(
        "sugar_burns",
        0.2 + ((cook.ovenC ?? 180) - mix.scorchC) / 40,
        `${Math.round(mix.sugarFraction * 100)} % sugar blackens at about ${mix.scorchC} °C; the oven was ${cook.ovenC ?? 180} °C.`,
        "A cooler oven, foil, or the sweet part in the last minutes.",
      );
};
const noSlack: Weigh = () =>
  cause(
    "no_slack",
    0.5,
    "The plan left no time for a slow oven.",
    "Start half an hour earlier; a rest forgives, a table does not.",
  );
const wetFood: Weigh = (b) =>
  cause(
    "wet_food",
    b.sheet.liquidMl > 0 ? 0.7 : 0.3,
    "It went into the pan wet.",
    "Pat it dry, and let it stand bare before the heat.",
  );
const uneven: Weigh = (b) => {
  const split = splitProposed(b.input, b.sheet);
  return cause(
    "uneven",
    split ? split.timesRatio / 3 : 0.15,
    split ? `The thick ones need ${split.timesRatio.toFixed(1)} times as long.` : "They were taken as alike.",
    "Sort them by thickness: two trays, two times.",
  );
};
const tooMuchCoat: Weigh = (b) =>
  b.sheet.coat
    ? cause(
        "too_much_coat",
        1.2 - b.sheet.coat.stuckShare,
        `${Math.round(b.sheet.coat.stuckShare * 100)} % of it could stick.`,
        "Less of it, on a dry or oiled face.",
      )
    : undefined;

const CAUSES: Record<FaultId, Weigh[]> = {
  too_salty: [overPoured, meanOver, hidden, highTarget, surfaceSalt],
  bland: [meanUnder(2), lowTarget],
  bland_inside: [centreBehind, meanUnder(1)],
  grey_surface: [overAcid, tooLong],
  ham_like: [meanOver, tooLong, highTarget],
  rubbery_skin: [damp],
  crust_cracked: [crustThin, crustDry],
  crust_stone: [manyWhites, fineSalt],
  crust_salted_flesh: [fineSalt, scaled, tooLong],
  burnt_coat: [sugarBurns],
  dry: [overCooked, meanUnder(1)],
  watery_pan: [wetFood],
  uneven_pieces: [uneven],
  late: [noSlack],
  fell_off: [tooMuchCoat, wetFood],
};

/** Likely reasons for a fault from this batch's own numbers, the likeliest first. */
export function causesOf(fault: FaultId, batch: RealBatch): Cause[] {
  return CAUSES[fault].flatMap((weigh) => weigh(batch) ?? []).sort((a, b) => b.strength - a.strength);
}
