/*
 * Flesh does not freeze at one temperature: as water turns to ice what is left is a stronger solution, and freezes lower. At
 * −18 °C a tenth of the water is not ice. Relations of C. S. Chen (1985) as the refrigeration handbooks give them, *from
 * memory*: ice and heat from the water that can freeze and the point where it begins.
 */

/** Where unsalted flesh begins to freeze, °C. Lean beef of the handbooks' enthalpy tables, *from memory*. */
export const FREEZES_FROM_C = -1.1;
/** The relations are written from here, °C; nothing in a kitchen is colder. */
const FROM_C = -40;
const LATENT_KJ_PER_KG = 333.6;
/** Water that protein holds and that does not freeze, to a gram of it. */
const BOUND_TO_PROTEIN = 0.4;
/** Of flesh. Handbook compositions, *from memory*. */
const PROTEIN_FRACTION = 0.2;
const ICE_FREE_W_PER_M_K = 0.48;
/** With all the ice there is at −18 °C. Engineering handbooks, *from memory*. */
const FROZEN_W_PER_M_K = 1.3;
const FREEZER_C = -18;

export interface FreezingFlesh {
  /** Share of its mass that is ice. @param temperatureC −40 to 40 */
  iceFraction: (temperatureC: number) => number;
  /** Heat above that at −40 °C, J/kg. @param temperatureC −40 to 40 */
  enthalpyJPerKg: (temperatureC: number) => number;
  /** The inverse, °C. */
  temperatureC: (enthalpyJPerKg: number) => number;
  /** W/(m K): better the more of it is ice. @param temperatureC −40 to 40 */
  conductivityWPerMK: (temperatureC: number) => number;
  /** The least heat a degree takes, J/(kg K): what the longest stable step goes by. */
  leastHeatJPerKgK: { frozen: number; thawed: number };
}

/** @param waterFraction mass fraction of water, 0.2 to 0.95 */
export function freezingFlesh(waterFraction: number): FreezingFlesh {
  const solids = 1 - waterFraction;
  const freezable = Math.max(0.05, waterFraction - BOUND_TO_PROTEIN * Math.min(PROTEIN_FRACTION, solids));
  // kJ/(kg K): of the frozen solids and ice, and of thawed flesh.
  const frozen = 1.55 + 1.26 * solids;
  const thawed = 4.19 - 2.3 * solids - 0.628 * solids ** 3;
  /** kJ K/kg: the ice yet to melt, over the temperature. */
  const melting = (freezable * LATENT_KJ_PER_KG * FREEZES_FROM_C) / FROM_C;
  const below = (c: number) => (c - FROM_C) * (frozen - melting / c);
  const atFreezing = below(FREEZES_FROM_C);
  const iceFraction = (c: number) => (c >= FREEZES_FROM_C ? 0 : freezable * (1 - FREEZES_FROM_C / c));
  const mostIce = iceFraction(FREEZER_C);
  return {
    iceFraction,
    enthalpyJPerKg: (c) =>
      1000 * (c <= FREEZES_FROM_C ? below(c) : atFreezing + (c - FREEZES_FROM_C) * thawed),
    temperatureC: (jPerKg) => {
      const kj = jPerKg / 1000;
      if (kj >= atFreezing) return FREEZES_FROM_C + (kj - atFreezing) / thawed;
      // frozen·c² − (frozen·from + melting + kj)·c + melting·from = 0; the colder root.
      const b = frozen * FROM_C + melting + kj;
      return (b - Math.sqrt(b * b - 4 * frozen * melting * FROM_C)) / (2 * frozen);
    },
    conductivityWPerMK: (c) =>
      ICE_FREE_W_PER_M_K + ((FROZEN_W_PER_M_K - ICE_FREE_W_PER_M_K) * iceFraction(c)) / mostIce,
    leastHeatJPerKgK: { frozen: 1000 * frozen, thawed: 1000 * thawed },
  };
}
