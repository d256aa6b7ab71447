import type {
  FoodFlag,
  FoodForm,
  FoodGroup,
  IngredientFlag,
  IngredientGroup,
  Kingdom,
  SaltFlag,
  SaltGrade,
} from "./facts";

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
  group: FoodGroup;
  kingdom: Kingdom;
  form: FoodForm;
  /** What hazards and practice hang on, beyond group, kingdom and form. */
  flags: FoodFlag[];
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
  /** Longest in a marinade under pH 4, h. *Practice*, estimate. */
  acidMaxH: number;
  servingLightG: number;
  servingHeartyG: number;
  allergens: string[];
  /** What a kitchen says of its own beside; no sum reads it. */
  notes?: string | undefined;
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
  fitSaltCrust: string;
  gradeWetBrine: SaltGrade;
  gradeDryBrine: SaltGrade;
  gradeSaltCrust: SaltGrade;
  flags: SaltFlag[];
  /** What a kitchen says of its own beside; no sum reads it. */
  notes?: string | undefined;
}

export const ACID_KINDS = [
  "none",
  "citric",
  "acetic",
  "lactic",
  "tartaric",
  "malic",
  "gluconic",
  "hydroxycitric",
  "ascorbic",
  "phosphoric",
] as const;
export type AcidKind = (typeof ACID_KINDS)[number];

/** Something that goes into a brine, marinade, paste, rub, crust or sauce beside salt. */
export interface Ingredient extends Provenance {
  id: string;
  name: string;
  group: IngredientGroup;
  flags: IngredientFlag[];
  /** It joins a liquid: poured, or so soft that its water mixes in. Its water is then water of the bath. */
  poured: boolean;
  /** Spoon (bulk) density, g/mL; null where it is only counted. */
  densityGPerMl: number | null;
  gEach: number | null;
  eachUnit: string;
  /** Juice of one whole fruit, mL. */
  juiceMlEach: number | null;
  /** Mass fractions of what is on the spoon. */
  waterFraction: number;
  sodiumMgPer100g: number;
  /** Salt equivalent of its sodium chloride. */
  saltFraction: number;
  sugarFraction: number;
  /** Titratable acid, as its kind. */
  acidFraction: number;
  acidKind: AcidKind;
  /** pH as sold; a placeholder for dry spices, herbs and oils. */
  ph: number | null;
  fatFraction: number;
  alcoholFraction: number;
  /** How strongly its enzymes soften flesh. */
  protease: "none" | "mild" | "strong";
  /** Capsicum heat of a gram as it is used, Scoville units; 0 for what is not hot. *From memory* of published middles. */
  scoville: number;
  /** As a binder, what a gram does beside a gram of chickpea flour; 0 for what does not thicken. *Practice*, estimates. */
  thickens: number;
  /** The same thing sold without salt. */
  unsaltedId?: string | undefined;
  allergens: string[];
  /** Allergens some makers add: read the label. */
  maybeAllergens: string[];
  /** Oven air at which a dry coat of it is likely to blacken in 20 to 30 min, °C. */
  scorchC: number | null;
  /** What a kitchen says of its own beside; no sum reads it. */
  notes?: string | undefined;
}

/** Wording and source of one hazard; the rule that triggers it lives in `core/safety`. */
export interface Hazard extends Provenance {
  id: string;
  title: string;
  severity: "stop" | "caution" | "tip";
  safeAlternative: string;
  source: string;
  deferTo: string;
}

/** How a preparation is dosed and how long it is kept in practice, by class of food. */
export interface Practice extends Provenance {
  id: string;
  method: string;
  foodClass: string;
  saltLowPct: number | null;
  saltTypicalPct: number | null;
  saltHighPct: number | null;
  minH: number;
  typicalH: number;
  maxH: number;
  crustSaltPct: number | null;
  /** Rinse, wipe, leave on. */
  finish: string;
}

/** A rule of the trade about cooking: minutes by mass or thickness, carry-over, when to glaze or baste. */
export interface CookRule extends Provenance {
  id: string;
  kind: string;
  foodClass: string;
  form: string;
  ovenC: number;
  minutesPerKg: number | null;
  fixedMinutes: number | null;
  minutesPer25Mm: number | null;
  /** Where the middle ends when cooked by this rule, °C. */
  targetC: number | null;
  /** How far the middle climbs out of the oven, °C: the trade's range and what is likely. */
  carryOverC: { low: number; likely: number; high: number } | null;
  restMin: number | null;
  /** The last minutes of a cook in which a glaze goes on. */
  glazeMin: { low: number; high: number } | null;
}

export interface OvenSetting extends Provenance {
  id: string;
  name: string;
  ovenC: number;
  fanC: number | null;
  gasMark: string;
  /** Time over that at 180 °C. */
  timeFactor: number;
}
