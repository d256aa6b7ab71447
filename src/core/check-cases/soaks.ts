import { firstReach } from "../diffusion/readiness";
import { meanPerWaterBetween, perWaterAt } from "../diffusion/read-moment";
import type { SoakRun } from "../diffusion/run";
import { simulateSoak } from "../diffusion/simulate";
import type { BodyShape } from "../diffusion/grid";
import type { Stage } from "../diffusion/stages";
import { productFraction } from "../diffusion/product";
import { limitedBathRoot, surfaceResistanceRoot } from "../diffusion/roots";
import type { Nested } from "./case";

/*
 * The cases speak of concentrations in any one unit; the engine of g salt per g water within its solubility. Both
 * are linear, so every case runs on a scale of 0 (start) to UNIT (bath).
 */
const UNIT = 0.1;
const HOUR_S = 3600;
const POSITIONS = ["0.0", "0.25", "0.5", "0.75"];

type Inputs = { [key: string]: number };

function run(shape: BodyShape, lengthMm: number, stages: Stage[], options = {}): SoakRun {
  const result = simulateSoak({ shape, halfThicknessM: lengthMm / 1000 }, stages, { cells: 240, ...options });
  if (!result.ok) throw new Error(`${result.error.field}: ${result.error.code}`);
  return result.value;
}

const last = (r: SoakRun) => r.moments[r.moments.length - 1];
const fourier = (d: number, hours: number, lengthMm: number) => (d * hours * HOUR_S) / (lengthMm / 1000) ** 2;

interface StepResponse {
  centre: number;
  uptake: number;
  surface: number;
  at: (position: number) => number;
}

function stepResponse(
  shape: BodyShape,
  lengthMm: number,
  d: number,
  hours: number,
  transfer?: number,
): StepResponse {
  const r = run(shape, lengthMm, [
    {
      kind: "bath",
      durationS: hours * HOUR_S,
      diffusivityM2PerS: d,
      waterRatio: Infinity,
      saltPerWater: UNIT,
      surfaceTransferMPerS: transfer,
    },
  ]);
  const end = last(r);
  return {
    centre: end.centre / UNIT,
    uptake: end.mean / UNIT,
    surface: end.surface / UNIT,
    at: (x) => perWaterAt(r.grid, end, x) / UNIT,
  };
}

const profile = (at: (x: number) => number, keys = POSITIONS) =>
  Object.fromEntries(keys.map((k) => [k, at(Number(k))]));

export function infiniteBath(i: Inputs): Nested {
  const length = i.half_thickness_or_radius_mm;
  const geometry = i.geometry as unknown as "sheet" | "cylinder" | "sphere";
  const s = stepResponse(geometry === "sheet" ? "slab" : geometry, length, i.D_m2_s, i.time_h);
  return {
    Fo: fourier(i.D_m2_s, i.time_h, length),
    ...fractions(s, i),
    profile_fraction_at_x_over_L: profile(s.at),
  };
}

function fractions(s: Pick<StepResponse, "centre" | "uptake">, i: Inputs) {
  const scaled = (fraction: number) => i.c_initial + fraction * (i.c_bath - i.c_initial);
  return {
    centre_fraction: s.centre,
    uptake_fraction: s.uptake,
    centre_concentration: scaled(s.centre),
    mean_concentration: scaled(s.uptake),
  };
}

export function brick(i: Inputs): Nested {
  const edges = i.full_dimensions_mm as unknown as number[];
  const axes = edges.map((edge) => stepResponse("slab", edge / 2, i.D_m2_s, i.time_h));
  const crossCentre = axes.slice(1).map((a) => a.centre);
  return {
    Fo_each_axis: edges.map((edge) => fourier(i.D_m2_s, i.time_h, edge / 2)),
    ...fractions(
      {
        centre: productFraction(axes.map((a) => a.centre)),
        uptake: productFraction(axes.map((a) => a.uptake)),
      },
      i,
    ),
    profile_fraction_along_first_axis: profile((x) => productFraction([axes[0].at(x), ...crossCentre])),
  };
}

export function finiteCylinder(i: Inputs): Nested {
  const radial = stepResponse("cylinder", i.diameter_mm / 2, i.D_m2_s, i.time_h);
  const axial = stepResponse("slab", i.length_mm / 2, i.D_m2_s, i.time_h);
  return {
    Fo_radial: fourier(i.D_m2_s, i.time_h, i.diameter_mm / 2),
    Fo_axial: fourier(i.D_m2_s, i.time_h, i.length_mm / 2),
    ...fractions(
      {
        centre: productFraction([radial.centre, axial.centre]),
        uptake: productFraction([radial.uptake, axial.uptake]),
      },
      i,
    ),
    profile_fraction_along_radius_at_mid_length: profile((x) =>
      productFraction([radial.at(x), axial.centre]),
    ),
  };
}

export function oneFaceSealed(i: Inputs): Nested {
  const s = stepResponse("slab", i.total_thickness_mm, i.D_m2_s, i.time_h);
  return {
    Fo_on_full_thickness: fourier(i.D_m2_s, i.time_h, i.total_thickness_mm),
    fraction_at_sealed_face: s.centre,
    uptake_fraction: s.uptake,
    profile_fraction_at_depth_over_H: profile((depth) => s.at(1 - depth), ["0.25", "0.5", "0.75", "1.0"]),
    mean_concentration: i.c_initial + s.uptake * (i.c_bath - i.c_initial),
  };
}

export function surfaceResistance(i: Inputs): Nested {
  const s = stepResponse("slab", i.half_thickness_mm, i.D_m2_s, i.time_h, i.k_mass_transfer_m_s);
  const biot = (i.k_mass_transfer_m_s * i.half_thickness_mm) / 1000 / i.D_m2_s;
  return {
    Fo: fourier(i.D_m2_s, i.time_h, i.half_thickness_mm),
    first_root_beta1: surfaceResistanceRoot(biot),
    centre_fraction: s.centre,
    surface_fraction: s.surface,
    uptake_fraction: s.uptake,
    profile_fraction_at_x_over_L: profile(s.at),
  };
}

export function limitedBath(i: Inputs): Nested {
  const k = i.partition_K_food_over_bath;
  const alpha = i.V_bath / (k * i.V_food);
  const bathAtEnd = (alpha * i.c_bath_initial + i.c_food_initial / k) / (1 + alpha);
  // In the engine's terms food strength counts as c/K, so that bath and food end level.
  const toEngine = UNIT / Math.max(i.c_bath_initial, i.c_food_initial / k);
  const start = (i.c_food_initial / k) * toEngine;
  const geometry = i.geometry as unknown as "sheet" | "cylinder" | "sphere";
  const shape = geometry === "sheet" ? "slab" : geometry;
  const r = run(
    shape,
    i.half_thickness_or_radius_mm,
    [
      {
        kind: "bath",
        durationS: i.time_h * HOUR_S,
        diffusivityM2PerS: i.D_m2_s,
        waterRatio: alpha,
        saltPerWater: i.c_bath_initial * toEngine,
      },
    ],
    { initialPerWater: start },
  );
  const end = last(r);
  const food = (perWater: number) => (perWater / toEngine) * k;
  const share = (perWater: number) =>
    (perWater / toEngine - i.c_food_initial / k) / (bathAtEnd - i.c_food_initial / k);
  return {
    alpha,
    Fo: fourier(i.D_m2_s, i.time_h, i.half_thickness_or_radius_mm),
    first_root_q1: limitedBathRoot(shape, alpha),
    uptake_fraction_of_equilibrium: share(end.mean),
    c_bath_equilibrium: bathAtEnd,
    c_food_equilibrium: bathAtEnd * k,
    c_food_mean_at_t: food(end.mean),
    c_bath_at_t: (end.bath ?? NaN) / toEngine,
    centre_fraction_of_equilibrium: share(end.centre),
    c_food_centre_at_t: food(end.centre),
    fraction_of_bath_solute_taken_up_at_equilibrium_if_food_empty: 1 / (1 + alpha),
  };
}

export function dryBrine(i: Inputs): Nested {
  const oneFace = (i.sides as unknown as string).startsWith("one face");
  const length = oneFace ? i.total_thickness_mm : i.total_thickness_mm / 2;
  const layer = i.initial_layer_depth_mm / length;
  // All salt evenly in the outer layer, nothing elsewhere, cell by cell.
  const initialPerWater = (from: number, to: number) =>
    layer > 0
      ? ((Math.max(0, to - Math.max(from, 1 - layer)) / (to - from)) * UNIT) / layer
      : to === 1
        ? UNIT / (to - from)
        : 0;
  const hoursAsked = [0.75, 1, 2, 4].map((share) => share * i.time_h);
  // Long enough for any layer to even out (Fo = 2), in steps of 0.75 %.
  const endS = Math.max(4 * i.time_h * HOUR_S, (2 * (length / 1000) ** 2) / i.D_m2_s);
  const steps = Array.from({ length: 1300 }, (_, n) => endS / 1.0075 ** n);
  const outputTimesS = [...steps, ...hoursAsked.map((h) => h * HOUR_S)].sort((a, b) => a - b);
  const r = run("slab", length, [{ kind: "rest", durationS: endS, diffusivityM2PerS: i.D_m2_s }], {
    initialPerWater,
    outputTimesS,
  });
  const at = (hours: number) => {
    const moment = r.moments.find((m) => Math.abs(m.timeS - hours * HOUR_S) < 1e-6 * HOUR_S);
    if (!moment) throw new Error(`no moment at ${hours} h`);
    return moment;
  };
  const end = at(i.time_h);
  const percent = (position: number, moment = end) =>
    (perWaterAt(r.grid, moment, position) / UNIT) * i.salt_percent_of_food_mass;
  const ratio = (moment: typeof end) => percent(1, moment) / percent(0, moment);
  const evenS = firstReach(r, (m) => -(percent(1, m) / Math.max(percent(0, m), 1e-9)), -1.1);
  const shownHours = [hoursAsked[0], i.time_h, 2 * i.time_h, 4 * i.time_h];
  return {
    Fo_on_diffusion_length: fourier(i.D_m2_s, i.time_h, length),
    mean_percent: (end.mean / UNIT) * i.salt_percent_of_food_mass,
    percent_at_salted_face: percent(1),
    percent_at_quarter_depth: percent(oneFace ? 0.75 : 0.5),
    percent_at_mid_thickness: percent(oneFace ? 0.5 : 0),
    percent_at_far_face: percent(oneFace ? 0 : 1),
    max_over_min: ratio(end),
    min_over_max: 1 / ratio(end),
    "hours_until_max_over_min_is_1.1": (evenS ?? NaN) / HOUR_S,
    max_over_min_at_hours: Object.fromEntries(
      shownHours.flatMap((h) => [
        [String(h), ratio(at(h))],
        [h.toFixed(1), ratio(at(h))],
      ]),
    ),
    fraction_of_salt_beyond_half_the_diffusion_length:
      (meanPerWaterBetween(r.grid, end, 0, 0.5) * 0.5) / end.mean,
  };
}

export function desalting(i: Inputs): Nested {
  const length = i.half_thickness_mm;
  const toEngine = UNIT / i.c_bath;
  const bath = (hours: number, strength: number): Stage => ({
    kind: "bath",
    durationS: hours * HOUR_S,
    diffusivityM2PerS: i.D_m2_s,
    waterRatio: Infinity,
    saltPerWater: strength * toEngine,
  });
  const soakH = i.soak_minutes / 60;
  const stages = [bath(i.brine_hours, i.c_bath), bath(soakH, i.c_fresh_water)];
  const restH = i.sealed_rest_hours ?? 0;
  if (restH > 0) stages.push({ kind: "rest", durationS: restH * HOUR_S, diffusivityM2PerS: i.D_m2_s });
  const r = run("slab", length, stages, { initialPerWater: i.c_initial * toEngine });
  const [before, after] = [r.moments[1], r.moments[2]];
  const value = (perWater: number) => perWater / toEngine;
  const outer = (m: typeof before) => value(meanPerWaterBetween(r.grid, m, 1 - 2 / length, 1));
  const at = (m: typeof before) => (x: number) => value(perWaterAt(r.grid, m, x));
  const positions = Array.from({ length: 2001 }, (_, n) => n / 2000);
  const peak = positions.reduce((best, x) => (at(after)(x) > at(after)(best) ? x : best), 0);
  return {
    Fo_step1: fourier(i.D_m2_s, i.brine_hours, length),
    Fo_step2: fourier(i.D_m2_s, soakH, length),
    mean_before: value(before.mean),
    centre_before: value(before.centre),
    surface_before: value(before.surface),
    mean_after: value(after.mean),
    centre_after: value(after.centre),
    surface_after: value(after.surface),
    fraction_of_solute_lost: 1 - after.mean / before.mean,
    profile_after_at_x_over_L: profile(at(after), [...POSITIONS, "0.9"]),
    mean_of_outer_2mm_before: outer(before),
    mean_of_outer_2mm_after: outer(after),
    peak_after: at(after)(peak),
    peak_position_x_over_L: peak,
    after_rest_at_x_over_L: restH > 0 ? profile(at(last(r)), ["0", "0.5", "0.75", "1.0"]) : {},
  };
}
