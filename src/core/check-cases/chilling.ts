import { brineMassKg, chill, iceNeededKg, splitHotAndIce, type Concentrate } from "../solution/chill";
import type { Nested } from "./case";

type Inputs = { [key: string]: number };

const concentrateOf = (i: Inputs): Concentrate => ({
  massKg: i.concentrate_kg,
  saltFraction: i.concentrate_salt_percent_w_w / 100,
  temperatureC: i.concentrate_T_C,
  heatCapacityKJPerKgK: i.cp_concentrate_kJ_kgK,
});

export function forward(i: Inputs): Nested {
  const end = chill(
    concentrateOf(i),
    { massKg: i.ice_kg, temperatureC: i.ice_T_C },
    { massKg: i.cold_water_kg ?? 0, temperatureC: i.cold_water_T_C ?? 0 },
  );
  return {
    final_temperature_C: end.temperatureC,
    ice_left_kg: end.iceLeftKg,
    final_salt_percent_w_w: end.saltFraction * 100,
    all_ice_melts: end.iceLeftKg < 1e-9,
    cold_enough_at_or_below_4C: end.temperatureC <= 4,
  };
}

export function iceNeeded(i: Inputs): Nested {
  const concentrate = concentrateOf(i);
  const iceKg = iceNeededKg(concentrate, i.ice_T_C, i.final_T_C);
  const finalKg = concentrate.massKg + iceKg;
  return {
    ice_kg: iceKg,
    final_mass_kg: finalKg,
    final_salt_percent_w_w: (100 * concentrate.massKg * concentrate.saltFraction) / finalKg,
  };
}

function split(i: Inputs, finalC: number) {
  const strength = i.final_salt_percent_w_w / 100;
  const totalKg = brineMassKg(i.final_volume_L_at_20C_density, strength);
  const saltKg = totalKg * strength;
  const hot = { temperatureC: i.hot_T_C, heatCapacityKJPerKgK: i.cp_concentrate_kJ_kgK };
  return { totalKg, saltKg, hot, plan: splitHotAndIce(totalKg - saltKg, saltKg, hot, i.ice_T_C, finalC) };
}

export function volumeTarget(i: Inputs): Nested {
  const { totalKg, saltKg, plan } = split(i, i.final_T_C);
  return {
    total_mass_kg: totalKg,
    salt_kg: saltKg,
    hot_water_kg: plan.hotWaterKg,
    ice_kg: plan.iceKg,
    concentrate_percent_w_w: plan.concentrateFraction * 100,
    salt_dissolves_in_hot_part: plan.dissolvesHot,
  };
}

export function tooLittleIce(i: Inputs): Nested {
  const { totalKg, saltKg, hot, plan } = split(i, i.wanted_T_C);
  const massKg = totalKg - i.ice_available_kg;
  const end = chill(
    { ...hot, massKg, saltFraction: saltKg / massKg },
    { massKg: i.ice_available_kg, temperatureC: i.ice_T_C },
  );
  return {
    final_temperature_C: end.temperatureC,
    ice_needed_for_2C_kg: plan.iceKg,
    ice_short_kg: plan.iceKg - i.ice_available_kg,
    target_reached: end.temperatureC <= i.wanted_T_C,
  };
}
