/** A value's standing: published and recalled, trade practice, or an estimate. Shown wherever the value is used. */
export interface Provenance {
  provenance: string;
  fromMemory: boolean;
  /** About one standard deviation of the row's main number, relative. */
  uncertainty: number;
}

/** A kind of food. Sizes are offers; what the cook measures decides. */
export interface Food extends Provenance {
  id: string;
  name: string;
  group: string;
  kingdom: string;
  form: string;
  pieceMassLowG: number;
  pieceMassG: number;
  pieceMassHighG: number;
  thicknessMm: number;
  /** Distance salt must travel at that thickness, mm. */
  saltPathMm: number;
  shape: "slab" | "cylinder" | "sphere" | "irregular";
  boneFraction: number;
  edibleFraction: number;
  skin: boolean;
  /** Water in the flesh, mass fraction. */
  waterFraction: number;
  /** Native salt in the flesh (from sodium), mass fraction. */
  nativeSaltFraction: number;
  /** Diffusivity of salt in the flesh at 4 °C, m²/s. */
  diffusivityLowM2PerS: number;
  diffusivityM2PerS: number;
  diffusivityHighM2PerS: number;
  diffusivitySource: string;
  /** Official minimum core temperature, °C; null where none is published. */
  safeMinC: number | null;
  safeRestMin: number | null;
  safeSource: string;
  /** Usual core temperature, °C. *Practice*; may lie below the official minimum, which is shown beside it. */
  targetC: number;
  servingLightG: number;
  servingHeartyG: number;
  allergens: string[];
  notes: string;
}

/** A salt by crystal. Spoon densities are bulk, level and unpacked. */
export interface Salt extends Provenance {
  id: string;
  name: string;
  crystal: string;
  densityGPerMl: number;
  densityLowGPerMl: number;
  densityHighGPerMl: number;
  /** Sodium chloride, mass fraction of what is on the spoon. */
  naclFraction: number;
  kclFraction: number;
  sodiumFraction: number;
  dissolvingSpeed: string;
  dissolveSeconds: number;
  foodGrade: boolean;
  fitWetBrine: string;
  fitDryBrine: string;
  notes: string;
}

/** Something that goes into the brine beside salt. */
export interface Ingredient extends Provenance {
  id: string;
  name: string;
  group: string;
  /** Spoon (bulk) density, g/mL; null where it is only counted. */
  densityGPerMl: number | null;
  gEach: number | null;
  eachUnit: string;
  /** Salt equivalent of its sodium chloride, mass fraction. */
  saltFraction: number;
  sugarFraction: number;
  allergens: string[];
  notes: string;
}

/** Wording and source of one hazard; the rule that triggers it lives in `core/safety`. */
export interface Hazard extends Provenance {
  id: string;
  title: string;
  plainWords: string;
  severity: "stop" | "caution" | "tip";
  safeAlternative: string;
  source: string;
  deferTo: string;
}

/** How long a kind of soak is kept in practice, by class of food. */
export interface SoakPractice extends Provenance {
  id: string;
  method: string;
  foodClass: string;
  minH: number;
  typicalH: number;
  maxH: number;
  saltTypicalPct: number | null;
  brineTypicalPct: number | null;
  liquidPerFood: number | null;
  cautions: string;
}
