import type { AcidKind } from "../materials/types";

/**
 * pH and titratable acidity of kitchen acids by charge balance, activities taken as 1.
 * pKa at 25 °C: CRC Handbook, *from memory*; hydroxycitric is taken as citric (estimate).
 */
interface Acid {
  molarMassG: number;
  pKa: readonly number[];
}

const CITRIC: Acid = { molarMassG: 192.124, pKa: [3.13, 4.76, 6.4] };

export const ACIDS: Record<Exclude<AcidKind, "none">, Acid> = {
  citric: CITRIC,
  acetic: { molarMassG: 60.052, pKa: [4.756] },
  lactic: { molarMassG: 90.078, pKa: [3.86] },
  tartaric: { molarMassG: 150.087, pKa: [2.98, 4.34] },
  malic: { molarMassG: 134.087, pKa: [3.4, 5.11] },
  gluconic: { molarMassG: 196.155, pKa: [3.86] },
  hydroxycitric: { molarMassG: 208.122, pKa: CITRIC.pKa },
  ascorbic: { molarMassG: 176.124, pKa: [4.1, 11.6] },
  phosphoric: { molarMassG: 97.994, pKa: [2.16, 7.21, 12.32] },
};

export type AcidName = keyof typeof ACIDS;

const WATER_ION_PRODUCT = 1e-14;
const PH_MIN = 0;
const PH_MAX = 14;
const HALVINGS = 60;
/** Where titration of food acids is taken to end. AOAC practice, *from memory*. */
export const TITRATION_END_PH = 8.1;

/** Acids dissolved together, and the charge of strong ions (potassium, sodium …) that partly neutralises them. */
export interface AcidMix {
  acids: readonly { acid: AcidName; molPerL: number }[];
  strongIonEqPerL: number;
}

/** Mean negative charges on one molecule at a pH, 0 to the number of its protons. */
function chargesAt(acid: AcidName, pH: number): number {
  const hydrogen = 10 ** -pH;
  let term = 1;
  let sum = 1;
  let charges = 0;
  ACIDS[acid].pKa.forEach((pKa, i) => {
    term *= 10 ** -pKa / hydrogen;
    sum += term;
    charges += (i + 1) * term;
  });
  return charges / sum;
}

const acidCharge = (mix: AcidMix, pH: number) =>
  mix.acids.reduce((sum, { acid, molPerL }) => sum + molPerL * chargesAt(acid, pH), 0);

const waterCharge = (pH: number) => WATER_ION_PRODUCT / 10 ** -pH - 10 ** -pH;

/** pH at which positive and negative charges balance. @returns 0 to 14 */
export function phOf(mix: AcidMix): number {
  let low = PH_MIN;
  let high = PH_MAX;
  for (let i = 0; i < HALVINGS; i++) {
    const middle = (low + high) / 2;
    if (acidCharge(mix, middle) + waterCharge(middle) < mix.strongIonEqPerL) low = middle;
    else high = middle;
  }
  return (low + high) / 2;
}

/** Strong-ion charge that gives these acids a stated pH, eq/L; negative if the pure acid is less sour than stated. */
export const strongIonFor = (acids: AcidMix["acids"], pH: number): number =>
  acidCharge({ acids, strongIonEqPerL: 0 }, pH) + waterCharge(pH);

/** Base needed to bring the mixture to a pH, eq/L: its titratable acidity. */
export const titratableEqPerL = (mix: AcidMix, toPh = TITRATION_END_PH): number =>
  strongIonFor(mix.acids, toPh) - mix.strongIonEqPerL;

/** Acid equivalents as grams of citric acid (anhydrous, three protons). @param eq equivalents */
export const asCitricG = (eq: number): number => (eq * CITRIC.molarMassG) / CITRIC.pKa.length;

/** Acid equivalents in a mass of acid, all protons counted. @param acidG g */
export const acidEq = (acid: AcidName, acidG: number): number =>
  (acidG / ACIDS[acid].molarMassG) * ACIDS[acid].pKa.length;

/** Moles per litre. @param gPerL g of acid in a litre */
export const molPerL = (acid: AcidName, gPerL: number): number => gPerL / ACIDS[acid].molarMassG;

/** One sour or neutral liquid that goes into a mixture. */
export interface AcidPart extends AcidMix {
  volumeMl: number;
}

/** A liquid whose stated pH fixes its strong-ion charge; a pure acid solution leaves the pH out. */
export function acidPart(
  volumeMl: number,
  acids: readonly { acid: AcidName; gPerL: number }[],
  statedPh?: number,
): AcidPart {
  const molar = acids.map(({ acid, gPerL }) => ({ acid, molPerL: molPerL(acid, gPerL) }));
  // A label's pH lower than the acid alone could give is taken as the acid alone.
  const strongIonEqPerL = statedPh === undefined ? 0 : Math.max(0, strongIonFor(molar, statedPh));
  return { volumeMl, acids: molar, strongIonEqPerL };
}

/** Liquids poured together: volumes add, ions add. Oil does not belong here: it stays out of the water phase. */
export function mixParts(parts: readonly AcidPart[]): AcidPart {
  const volumeMl = parts.reduce((sum, p) => sum + p.volumeMl, 0);
  const share = (p: AcidPart) => (volumeMl > 0 ? p.volumeMl / volumeMl : 0);
  return {
    volumeMl,
    acids: parts.flatMap((p) => p.acids.map(({ acid, molPerL: m }) => ({ acid, molPerL: m * share(p) }))),
    strongIonEqPerL: parts.reduce((sum, p) => sum + p.strongIonEqPerL * share(p), 0),
  };
}
