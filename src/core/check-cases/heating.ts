import type { BodyShape } from "../diffusion/grid";
import { carryOverC } from "../heat/carry-over";
import { heatRun, type HeatBody } from "../heat/core-curve";
import { CHANGE_WATER_MIN, coldWaterThawMin, fridgeThawH } from "../heat/thaw";
import { MASS_G } from "../quantity/units";
import type { Nested } from "./case";

export function thawFridge(i: { weight_lb: number }): Nested {
  const { low, high } = fridgeThawH(i.weight_lb * MASS_G.lb);
  return { hours_range: [low, high] };
}

export const thawColdWater = (i: { weight_lb: number }): Nested => ({
  minutes: coldWaterThawMin(i.weight_lb * MASS_G.lb),
  change_water_every_minutes: CHANGE_WATER_MIN,
});

interface CentreTime {
  geometry: string;
  alpha_m2_s: number;
  half_thickness_or_radius_mm: number;
  h_W_m2K: number | null;
  k_W_mK: number;
  T_initial_C: number;
  T_surroundings_C: number;
  T_target_centre_C: number;
}

/** Times longer than this many diffusion times are past any cook. */
const LONGEST_FOURIER = 12;

const SHAPE_OF: Record<string, BodyShape> = {
  slab: "slab",
  sheet: "slab",
  plate: "slab",
  cylinder: "cylinder",
  sphere: "sphere",
};

export function centreTime(i: CentreTime): Nested {
  const body: HeatBody = {
    shape: SHAPE_OF[i.geometry] ?? "slab",
    halfThicknessMm: i.half_thickness_or_radius_mm,
    alphaM2PerS: i.alpha_m2_s,
    conductivityWPerMK: i.k_W_mK,
  };
  const lengthM = i.half_thickness_or_radius_mm / 1000;
  const biot = i.h_W_m2K === null ? "infinite" : (i.h_W_m2K * lengthM) / i.k_W_mK;
  const stage = (durationS: number) => ({
    surroundingsC: i.T_surroundings_C,
    durationS,
    filmWPerM2K: i.h_W_m2K,
  });
  const sluggish = typeof biot === "number" ? 1 + 3 / biot : 1;
  const long = heatRun(
    body,
    i.T_initial_C,
    [stage((LONGEST_FOURIER * sluggish * lengthM ** 2) / i.alpha_m2_s)],
    2000,
  );
  const timeS = long.ok ? (long.value.reachS(i.T_target_centre_C) ?? NaN) : NaN;
  const then = heatRun(body, i.T_initial_C, [stage(timeS)], 400);
  const end = then.ok ? then.value.moments[then.value.moments.length - 1] : undefined;
  const meanC = end?.meanC ?? NaN;
  return {
    Biot: biot,
    Fo: (i.alpha_m2_s * timeS) / lengthM ** 2,
    time_s: timeS,
    time_min: timeS / 60,
    surface_T_C: end?.surfaceC ?? NaN,
    mean_T_C: meanC,
    adiabatic_equalised_T_C: meanC,
    max_possible_carry_over_of_centre_K: meanC - i.T_target_centre_C,
  };
}

/** A piece said in words, as a likely mass and oven. */
export function carryOverPractice(i: { piece: string }): Nested {
  const slow = /low-temperature|slow/i.test(i.piece);
  const massG = /steak|chop|breast|fillet/i.test(i.piece)
    ? 250
    : /large|turkey|6 kg/i.test(i.piece)
      ? 4500
      : 1800;
  const { likely } = carryOverC(massG, slow ? 110 : 190);
  return { rise_C: likely };
}
