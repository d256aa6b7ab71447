import {
  acidEq,
  acidPart,
  asCitricG,
  mixParts,
  molPerL,
  phOf,
  titratableEqPerL,
  type AcidName,
  type AcidPart,
} from "../solution/acid";
import type { Nested } from "./case";

/** g per 100 mL from g per litre. */
const PER_100_ML = 0.1;

export function pureAcid(i: { acid: AcidName; percent_w_v: number }): Nested {
  const gPerL = i.percent_w_v * 10;
  const part = acidPart(100, [{ acid: i.acid, gPerL }]);
  return {
    molar: molPerL(i.acid, gPerL),
    pH: phOf(part),
    titratable_percent_citric_to_pH_8_1: asCitricG(titratableEqPerL(part)) * PER_100_ML,
    stoichiometric_percent_citric: asCitricG(acidEq(i.acid, gPerL)) * PER_100_ML,
  };
}

/** What each word of a mixture stands for; strengths and pH come from the case's own figures. */
const ACID_OF: [RegExp, AcidName][] = [
  [/lemon|lime|citrus|orange/, "citric"],
  [/vinegar/, "acetic"],
  [/yogh?urt|buttermilk|kefir|whey/, "lactic"],
];

export function mixture(i: { mixture: string } & Record<string, number | string>): Nested {
  const parts: AcidPart[] = [];
  let wholeMl = 0;
  for (const piece of i.mixture.split(" + ")) {
    const read = /^([a-z ]+?)\s+([\d.]+)\s*mL$/i.exec(piece) ?? /^(.*?)\s+([\d.]+)\s*mL$/i.exec(piece);
    if (!read) throw new Error(`mixture part "${piece}" does not read`);
    const [, words, amount] = read;
    const volumeMl = Number(amount);
    wholeMl += volumeMl;
    if (/oil/.test(words)) continue;
    parts.push(liquid(words, volumeMl, i));
  }
  const mix = mixParts(parts);
  const titratableG = asCitricG(titratableEqPerL(mix)) * (mix.volumeMl / 1000);
  return {
    water_phase_mL: mix.volumeMl,
    strong_ion_charge_eq_per_L: mix.strongIonEqPerL,
    pH: phOf(mix),
    titratable_percent_citric_of_water_phase: (titratableG / mix.volumeMl) * 100,
    titratable_percent_citric_of_whole_mix: (titratableG / wholeMl) * 100,
  };
}

/** A named liquid: its strength from a "N % w/v" in its words, or from the case's `<name>_…percent_w_v` and `<name>_pH`. */
function liquid(words: string, volumeMl: number, inputs: Record<string, number | string>): AcidPart {
  const acid = ACID_OF.find(([name]) => name.test(words))?.[1];
  if (!acid) return acidPart(volumeMl, []);
  const name = words.split(/[ (]/)[0];
  const inWords = /([\d.]+)\s*% w\/v/.exec(words)?.[1];
  const given = Object.entries(inputs).find(
    ([key]) => key.startsWith(`${name}_`) && key.endsWith("percent_w_v"),
  )?.[1];
  const pH = inputs[`${name}_pH`];
  const gPerL = Number(inWords ?? given) * 10;
  return acidPart(volumeMl, [{ acid, gPerL }], pH === undefined ? undefined : Number(pH));
}
