import { SHAPE_EXPONENT, type BodyShape } from "../diffusion/grid";
import { COLD_LIMIT_C } from "../materials/official";
import { brineFreezingPointC } from "../solution/sodium-chloride";
import { FREEZES_FROM_C, freezingFlesh } from "./freezing-flesh";

/**
 * Frozen food in a bath: heat flows from the room into the bath, from the bath into the food, which thaws from the
 * outside in. Enthalpy method on an even grid, explicit steps; flesh freezes along its curve (`freezing-flesh`).
 * Film coefficient: *practice*.
 */
const LATENT_J_PER_KG = 333_550;
const BATH_J_PER_KG_K = 3900;
const FLESH_KG_PER_M3 = 1050;
/** Still brine against the food, W/(m² K). */
const FILM_W_PER_M2_K = 150;
const USUAL_CELLS = 20;
/** Nearer than this to the air about it, a bath with thawed food has settled, °C. */
const SETTLED_C = 0.2;
const RECORD_EVERY_S = 300;
/** Bath warmer than this is not cold any more. */
export const WARM_C = COLD_LIMIT_C;

export interface FrozenBathInput {
  shape: BodyShape;
  /** Surface to centre, mm, 2 to 300. */
  halfThicknessMm: number;
  foodKg: number;
  /** Water in the flesh, mass fraction. */
  waterFraction: number;
  foodStartC: number;
  bathKg: number;
  bathSaltFraction: number;
  bathStartC: number;
  /** Loose ice in the bath, kg; 0 for none. */
  iceKg: number;
  roomC: number;
  /** Heat let in by the vessel, W per K between room and bath. */
  leakWPerK: number;
  hours: number;
  /** Cells from centre to surface; left out, as many as the safe side wants. Few are quick. */
  cells?: number;
  /** Goes no further than until all is thawed and the bath has come to the air about it, or until the bath is warm. */
  until?: "settled" | "warm" | undefined;
}

export interface FrozenBathMoment {
  hour: number;
  bathC: number;
  surfaceC: number;
  centreC: number;
  iceKg: number;
}

export interface FrozenBathCurve {
  moments: FrozenBathMoment[];
  /** First hour the bath stands above the FSIS line; undefined if it never does. */
  warmFromH: number | undefined;
  /** First hour the centre is thawed; undefined if not within the time. */
  thawedH: number | undefined;
  /** Heat that came in from the room less what food, bath and ice took up, relative: how well the sum closes. */
  energyGap: number;
}

/** The bath's heat held in one number, so that ice and water follow from it, J. */
function bathState(heatJ: number, bathKg: number, iceKg: number, freezingC: number) {
  const toMeltJ = iceKg * LATENT_J_PER_KG;
  if (iceKg > 0 && heatJ < toMeltJ)
    return { bathC: freezingC, iceLeftKg: iceKg - Math.max(0, heatJ) / LATENT_J_PER_KG };
  return { bathC: freezingC + (heatJ - toMeltJ) / ((bathKg + iceKg) * BATH_J_PER_KG_K), iceLeftKg: 0 };
}

/** Bath and food temperatures over the hours. */
export function frozenBath(input: FrozenBathInput): FrozenBathCurve {
  const { bathKg, iceKg, foodKg, leakWPerK, cells = USUAL_CELLS } = input;
  const flesh = freezingFlesh(input.waterFraction);
  const atStart = flesh.enthalpyJPerKg(input.foodStartC);
  const lengthM = input.halfThicknessMm / 1000;
  const freezingC = brineFreezingPointC(input.bathSaltFraction);
  const exponent = SHAPE_EXPONENT[input.shape];
  // Volumes of the grid are shares of the body; areas follow from the body's whole surface.
  const volumeM3 = foodKg / FLESH_KG_PER_M3;
  const surfaceM2 = (volumeM3 * (exponent + 1)) / lengthM;
  const areaM2 = Array.from({ length: cells }, (_, i) => surfaceM2 * ((i + 1) / cells) ** exponent);
  const shareWithin = (face: number) => (face / cells) ** (exponent + 1);
  const massKg = Array.from({ length: cells }, (_, i) => foodKg * (shareWithin(i + 1) - shareWithin(i)));
  const temperature = new Float64Array(cells).fill(input.foodStartC);
  const heat = new Float64Array(cells).fill(atStart);
  /** What half a cell holds against heat, m² K/W: two of them lie between two middles. */
  const halfCell = new Float64Array(cells);
  // Warmth above freezing melts ice first, so one sum serves with ice and without.
  const startJ = (input.bathStartC - freezingC) * bathKg * BATH_J_PER_KG_K;
  let bathJ = startJ;
  let gainedJ = 0;

  const widthM = lengthM / cells;
  // Explicit scheme: stable while k·dt/(ρ·c·dx²) <= 1/2 (von Neumann), with a margin for the film. Frozen flesh is the
  // quickest; once all is thawed the steps may be long.
  const stable = (jPerKgK: number, coldestC: number) =>
    Math.min(30, (0.35 * widthM ** 2 * FLESH_KG_PER_M3 * jPerKgK) / flesh.conductivityWPerMK(coldestC));
  const frozenStepS = stable(flesh.leastHeatJPerKgK.frozen, Math.min(input.foodStartC, FREEZES_FROM_C));
  const thawedStepS = stable(flesh.leastHeatJPerKgK.thawed, FREEZES_FROM_C);
  const moments: FrozenBathMoment[] = [];
  const endS = input.hours * 3600;
  let nextRecordS = 0;
  for (let timeS = 0, stepS = 0; timeS <= endS + 1e-9; timeS += stepS) {
    let frozen = false;
    for (let i = 0; i < cells; i++) {
      temperature[i] = flesh.temperatureC(heat[i]);
      halfCell[i] = widthM / 2 / flesh.conductivityWPerMK(temperature[i]);
      frozen ||= temperature[i] < FREEZES_FROM_C;
    }
    stepS = frozen ? frozenStepS : thawedStepS;
    const { bathC, iceLeftKg } = bathState(bathJ, bathKg, iceKg, freezingC);
    if (input.until === "settled" && !frozen && Math.abs(input.roomC - bathC) < SETTLED_C) break;
    const skinW = 1 / (1 / FILM_W_PER_M2_K + halfCell[cells - 1]);
    const intoFoodW = surfaceM2 * skinW * (bathC - temperature[cells - 1]);
    if (timeS >= nextRecordS) {
      const surfaceC = bathC - intoFoodW / surfaceM2 / FILM_W_PER_M2_K;
      moments.push({ hour: timeS / 3600, bathC, surfaceC, centreC: temperature[0], iceKg: iceLeftKg });
      nextRecordS += RECORD_EVERY_S;
      if (input.until === "warm" && bathC > WARM_C) break;
    }
    const leakW = leakWPerK * (input.roomC - bathC);
    for (let i = 0; i < cells - 1; i++) {
      const inward = (temperature[i + 1] - temperature[i]) / (halfCell[i] + halfCell[i + 1]);
      heat[i] += (inward * areaM2[i] * stepS) / massKg[i];
      heat[i + 1] -= (inward * areaM2[i] * stepS) / massKg[i + 1];
    }
    heat[cells - 1] += (intoFoodW * stepS) / massKg[cells - 1];
    bathJ += (leakW - intoFoodW) * stepS;
    gainedJ += leakW * stepS;
  }
  const storedJ = bathJ - startJ + heat.reduce((sum, h, i) => sum + (h - atStart) * massKg[i], 0);
  return {
    moments,
    warmFromH: moments.find((m) => m.bathC > WARM_C)?.hour,
    thawedH: moments.find((m) => m.centreC > FREEZES_FROM_C)?.hour,
    energyGap: Math.abs(storedJ - gainedJ) / Math.max(1, Math.abs(storedJ) + Math.abs(gainedJ)),
  };
}
