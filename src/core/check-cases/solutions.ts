import {
  additionsForWholeMass,
  equilibriumPerWater,
  injectedFlesh,
  injectionBrine,
  perWaterForTarget,
  saltForWaterPhase,
  sodiumMg,
} from "../formula/weigh/equilibrium";
import { parseQuantity } from "../quantity/parse";
import { celsiusFromFahrenheit, LENGTH_MM, MASS_G, VOLUME_ML } from "../quantity/units";
import { cupBrine, swapSaltVolumeMl } from "../solution/cup-brine";
import {
  baumeDegrees,
  brineStrength,
  salometerDegrees,
  saltFractionFromPerWater,
  saltFractionFromSalometer,
  saltFractionFromSpecificGravity,
  saltPerWater,
  saturationFraction,
  WATER_DENSITY_G_PER_ML,
} from "../solution/sodium-chloride";
import type { Nested } from "./case";

type Inputs = { [key: string]: number };
const text = (value: unknown) => value as string;

export function properties(i: Inputs): Nested {
  const s = brineStrength(i.percent_w_w / 100);
  return {
    density_20C_g_mL: s.densityGPerMl,
    percent_w_v: s.percentWeightPerVolume,
    g_per_litre_solution: s.gPerLitreBrine,
    g_salt_per_100g_water: s.gPer100gWater,
    salometer_degrees: s.salometerDegrees,
    specific_gravity_20_20: s.specificGravity,
    baume_heavy: s.baumeDegrees,
    freezing_point_C: s.freezingPointC,
  };
}

export function fromSalometer(i: Inputs): Nested {
  const s = brineStrength(saltFractionFromSalometer(i.salometer_degrees));
  return {
    percent_w_w: s.saltFraction * 100,
    percent_w_v: s.percentWeightPerVolume,
    specific_gravity: s.specificGravity,
    baume_heavy: s.baumeDegrees,
    g_salt_per_litre_of_water_20C: s.gPerLitreWater,
  };
}

export function fromSpecificGravity(i: Inputs): Nested {
  const fraction = saltFractionFromSpecificGravity(i.specific_gravity_20_20);
  return {
    percent_w_w: fraction * 100,
    salometer_degrees: salometerDegrees(fraction),
    baume_heavy: baumeDegrees(i.specific_gravity_20_20),
  };
}

export function strengthWording(i: Inputs): Nested {
  const s = brineStrength(fractionFromWording(i.salt_g, text(i.basis)));
  return { percent_w_w: s.saltFraction * 100, percent_w_v: s.percentWeightPerVolume };
}

/** "g per kg of water", "g per litre of water", "g per kg of brine", "g per litre of brine". */
function fractionFromWording(saltG: number, basis: string): number {
  const ofWater = /of water/.test(basis);
  const litre = /litre|liter|\bL\b/.test(basis);
  if (ofWater) return saltFractionFromPerWater(saltG / (litre ? 1000 * WATER_DENSITY_G_PER_ML : 1000));
  if (!litre) return saltG / 1000;
  // Per litre of finished brine: the density depends on the answer; a few rounds settle it.
  let fraction = saltG / 1000;
  for (let n = 0; n < 50; n++) fraction = saltG / (1000 * brineStrength(fraction).densityGPerMl);
  return fraction;
}

export function saturation(i: Inputs): Nested {
  const fraction = saturationFraction(i.temperature_C);
  return { saturation_percent_w_w: fraction * 100, g_per_100g_water: saltPerWater(fraction) * 100 };
}

const fleshOf = (i: Inputs) => ({
  massG: i.food_g,
  waterFraction: i.food_water_fraction ?? 1,
  nativeSaltFraction: (i.existing_salt_percent_of_food ?? 0) / 100,
});

export function meatPlusWater(i: Inputs): Nested {
  const flesh = fleshOf(i);
  const targets = {
    salt: i.target_salt_percent / 100,
    sugar: i.target_sugar_percent / 100,
    heldSugarG: (i.food_g * i.existing_sugar_percent_of_food) / 100,
  };
  const usual = additionsForWholeMass(flesh, i.water_g, targets);
  const everything = additionsForWholeMass(flesh, i.water_g, { ...targets, ofEverything: true });
  return {
    salt_to_add_g_percent_of_meat_plus_water: usual.saltG,
    sugar_to_add_g_percent_of_meat_plus_water: usual.sugarG,
    starting_brine_salt_percent_w_w: (100 * usual.saltG) / (i.water_g + usual.saltG + usual.sugarG),
    salt_to_add_g_true_w_w: everything.saltG,
    sugar_to_add_g_true_w_w: everything.sugarG,
    sodium_mg_per_100g_at_target: sodiumMg(i.target_salt_percent),
  };
}

export function waterPhase(i: Inputs): Nested {
  const flesh = fleshOf(i);
  const target = i.target_salt_percent_of_food_mass / 100;
  const saltG = saltForWaterPhase(flesh, i.water_g, target, "originalFlesh");
  return {
    salt_per_g_water_at_equilibrium: perWaterForTarget(target, flesh.waterFraction, "originalFlesh"),
    salt_to_add_g: saltG,
    starting_brine_percent_w_w: 100 * saltFractionFromPerWater(saltG / i.water_g),
    final_brine_percent_w_w: 100 * saltFractionFromPerWater(equilibriumPerWater(flesh, i.water_g, saltG)),
    if_meat_plus_water_convention_used_salt_g: additionsForWholeMass(flesh, i.water_g, { salt: target })
      .saltG,
  };
}

export function injectionForward(i: Inputs): Nested {
  const pickup = i.pickup_percent_of_green_weight / 100;
  const native = i.existing_salt_percent_of_food / 100;
  const kept = i.retained_fraction_of_injected_brine ?? 1;
  const r = injectedFlesh(i.food_g, native, pickup, i.brine_salt_percent_w_w / 100, kept);
  return {
    injected_g: i.food_g * pickup,
    final_mass_g: r.finalMassG,
    final_salt_percent: r.saltFraction * 100,
    final_sugar_percent: (r.heldBrineG * i.brine_sugar_percent_w_w) / r.finalMassG,
    sodium_mg_per_100g: sodiumMg(r.saltFraction * 100),
  };
}

export function injectionInverse(i: Inputs): Nested {
  const r = injectionBrine(
    i.food_g,
    i.existing_salt_percent_of_food / 100,
    i.pickup_percent_of_green_weight / 100,
    i.target_salt_percent_of_final_mass / 100,
  );
  return {
    brine_g: r.brineG,
    salt_g: r.saltG,
    water_g: r.waterG,
    brine_salt_percent_w_w: r.saltFraction * 100,
    brine_salometer: salometerDegrees(r.saltFraction),
  };
}

export function dryRubSodium(i: Inputs): Nested {
  const saltG = (i.food_g * i.salt_percent_of_food) / 100;
  const held = (i.food_g * i.existing_salt_percent_of_food) / 100;
  const finalShare = (saltG + held) / (i.food_g + saltG);
  return {
    salt_g: saltG,
    total_salt_percent_final: finalShare * 100,
    sodium_mg_per_portion: sodiumMg(finalShare * i.portion_g),
  };
}

export function volume(i: Inputs): Nested {
  return { mL: i.quantity * lookUp(VOLUME_ML, text(i.unit)) };
}

export function massLength(i: Inputs): Nested {
  return {
    value_g_or_mm: i.quantity * lookUp({ ...MASS_G, ...LENGTH_MM, inch: LENGTH_MM.in }, text(i.unit)),
  };
}

const ALIASES: Record<string, string> = { L: "litre", mL: "ml", liter: "litre" };

function lookUp(table: Record<string, number>, unit: string): number {
  const factor = table[unit] ?? table[ALIASES[unit] ?? unit.toLowerCase()];
  if (factor === undefined) throw new Error(`unknown unit ${unit}`);
  return factor;
}

export function temperature(i: Inputs): Nested {
  return { deg_C: celsiusFromFahrenheit(i.deg_F) };
}

/** "1/4 US cup per US quart of water", "50 mL per L": one amount of salt in one amount of water. */
export function cupBrineCase(i: Inputs): Nested {
  const density = i.g_per_tsp / VOLUME_ML.us_tsp;
  const [saltText, waterText] = text(i.recipe)
    .replace(/ of water$/, "")
    .split(" per ");
  const brine = cupBrine(volumeFromWords(saltText), density, volumeFromWords(waterText));
  return {
    salt_g: brine.saltG,
    g_per_mL: density,
    percent_w_w: brine.saltFraction * 100,
    g_per_litre_water: brine.gPerLitreWater,
  };
}

function volumeFromWords(words: string): number {
  const bare = words.replace(/\bUS\b\s*/g, "").trim();
  const read = parseQuantity(/^\d/.test(bare) ? bare : `1 ${bare}`, {
    dimension: "volume",
    min: 0,
    max: 1e6,
  });
  if (!read.ok) throw new Error(`"${words}": ${read.error.code}`);
  return read.value;
}

export function saltSwap(i: Inputs): Nested {
  const perTsp = i.g_per_tsp as unknown as Record<string, number>;
  const [from, to] = [perTsp[text(i.from_salt)], perTsp[text(i.to_salt)]];
  return { equivalent_tsp: swapSaltVolumeMl(i.quantity_tsp, from, to), mass_g: i.quantity_tsp * from };
}
