import { diffusivityAt } from "../../diffusion/flesh-body";
import { bodyShapeOf } from "../../diffusion/piece-form";
import type { PaceProfile } from "../../diffusion/pace";
import type { Formulation } from "../../formulation";
import { FREEZES_FROM_C } from "../../heat/freezing-flesh";
import {
  frozenBath,
  type FrozenBathCurve,
  type FrozenBathInput,
  type FrozenBathMoment,
} from "../../heat/frozen-bath";
import { vesselLeakWPerK } from "../../heat/vessel-leak";
import type { Food } from "../../materials/types";
import { hasBath } from "../../preparations";
import { remembered } from "../../remembered";
import { saltFractionFromPerWater } from "../../solution/sodium-chloride";

/** What food is taken out of the freezer at, °C. *Practice*. */
export const FREEZER_C = -18;
/** By then whatever goes into a bath has thawed, h. */
const THAWED_BY_H = 48;
/** Enough to know how warm the face is. */
const PACE_CELLS = 8;
/** Salt stands still in ice; the engine's clock wants to go on, by a hair. */
const STILL = 1e-6;
/** The last tenths of a degree. */
const SETTLES_S = 3600;
/** Steps in the pace nearer than this cannot be told apart. */
const SAME_PACE = 0.02;

/** Food that goes into its bath frozen. */
export interface Thawing {
  /** Until its middle is thawed, h; undefined where that takes more than two days. */
  thawedH: number | undefined;
  /** As cold as the bath becomes, °C. */
  coldestC: number;
  pace: PaceProfile;
}

interface FrozenFood {
  food: Food;
  /** All pieces in the bath, g. */
  foodG: number;
  thicknessMm: number;
  waterFraction: number;
  bathWaterG: number;
  saltG: number;
}

/** Frozen food in its bath, about which it is so warm. @param iceG loose ice in the bath, part of its water, g */
export function frozenInBath(
  { holding, vessel }: Pick<Formulation, "holding" | "vessel">,
  frozen: FrozenFood,
  {
    aboutC,
    iceG = 0,
    ...how
  }: { aboutC: number; iceG?: number } & Pick<FrozenBathInput, "hours" | "cells" | "until">,
): FrozenBathCurve {
  const { food, foodG, thicknessMm, waterFraction, bathWaterG, saltG } = frozen;
  return frozenBath({
    shape: bodyShapeOf(food),
    halfThicknessMm: thicknessMm / 2,
    foodKg: foodG / 1000,
    waterFraction,
    foodStartC: FREEZER_C,
    bathKg: Math.max(0.05, (bathWaterG + saltG - iceG) / 1000),
    bathSaltFraction: saltFractionFromPerWater(saltG / bathWaterG),
    bathStartC: holding.brineStartC,
    iceKg: iceG / 1000,
    roomC: aboutC,
    leakWPerK: vesselLeakWPerK(vessel),
    ...how,
  });
}

const thawings = remembered<Thawing>(60);

/**
 * How a soak goes that begins with frozen food: no salt enters a face that is frozen; then it goes at the warmth of what
 * has thawed, between the face and the ice behind it. Heat thaws some three times as deep as salt reaches, so the ice
 * itself is not in its way (*estimate*, from the two diffusivities).
 * @returns undefined where it does not go into a bath frozen
 */
export function thawingOf(
  input: Pick<Formulation, "holding" | "vessel" | "preparation" | "pieces">,
  frozen: FrozenFood,
): Thawing | undefined {
  if (input.pieces.thaw !== "inBrine" || !hasBath(input)) return undefined;
  const { holding, vessel } = input;
  const { food, ...rest } = frozen;
  return thawings(JSON.stringify([rest, food.shape, food.form, holding, vessel]), () => {
    const heldC = holding.temperatureC;
    const curve = frozenInBath(input, frozen, {
      aboutC: heldC,
      hours: THAWED_BY_H,
      cells: PACE_CELLS,
      until: "settled",
    });
    return {
      thawedH: curve.thawedH,
      coldestC: Math.min(...curve.moments.map((m) => m.bathC)),
      pace: paceOf(curve.moments, heldC),
    };
  });
}

function paceOf(moments: readonly FrozenBathMoment[], heldC: number): PaceProfile {
  const held = diffusivityAt(1, heldC);
  const at = ({ surfaceC, centreC }: FrozenBathMoment) =>
    surfaceC <= FREEZES_FROM_C
      ? STILL
      : diffusivityAt(1, (surfaceC + Math.max(centreC, FREEZES_FROM_C)) / 2) / held;
  const lastS = 3600 * (moments.at(-1)?.hour ?? 0);
  const timesS: number[] = [];
  const factors: number[] = [];
  const keep = (i: number) => {
    const timeS = 3600 * moments[i].hour;
    if (timeS <= (timesS.at(-1) ?? -1)) return;
    timesS.push(timeS);
    factors.push(at(moments[i]));
  };
  moments.forEach((moment, i) => {
    const moved = Math.abs(at(moment) - (factors.at(-1) ?? -1)) >= SAME_PACE;
    if (!moved && i < moments.length - 1) return;
    // Where it leaps, as when the face thaws, it stands as it was until then.
    if (i > 0) keep(i - 1);
    keep(i);
  });
  // From there on it is as warm as it is held.
  return { timesS: [...timesS, lastS + SETTLES_S], factors: [...factors, 1] };
}
