import { findFood } from "./lookup";

/*
 * Fat takes no salt and lets none through. Drops of it in lean flesh lengthen the way: by Maxwell (A Treatise on Electricity
 * and Magnetism, 1873, § 314; as in Crank 12.5) the flow is (2 − 2φ)/(2 + φ) of the lean's, and since the lean part alone holds
 * salt the front goes at 2/(2 + φ) of its pace. The table's diffusivities have their fat in them: a fat food must be slower than
 * its lean kin by at least that, and its lean kin's limits must hold it where fat is strewn in, not laid in layers.
 */
const FAT_KG_PER_L = 0.92;
const FLESH_KG_PER_L = 1.06;
const maxwell = (byWeight: number) => {
  const volume = byWeight / FAT_KG_PER_L;
  const share = volume / (volume + (1 - byWeight) / FLESH_KG_PER_L);
  return 2 / (2 + share);
};
const food = (id: string) => {
  const found = findFood(id);
  if (!found) throw new Error(`no ${id}`);
  return found;
};

// Fat of the edible part, raw: USDA FoodData Central, from memory.
test.each([
  ["pork_shoulder", 0.16, "pork_tenderloin"],
  ["pork_belly", 0.53, "pork_tenderloin"],
  ["beef_ribeye_roast", 0.25, "beef_steak"],
  ["beef_brisket", 0.15, "beef_round_roast"],
  ["lamb_leg_bonein", 0.17, "venison_haunch"],
  ["lamb_rack", 0.22, "venison_loin"],
  ["duck_breast", 0.22, "chicken_breast_boneless"],
  ["mackerel_whole", 0.14, "swordfish_steak"],
])(
  "%s, %f of fat, is slower than %s by what its fat does, and not twice as much as its doubt",
  (fat, share, lean) => {
    const { diffusivityM2PerS, diffusivityHighM2PerS } = food(fat);
    const expected = maxwell(share) * food(lean).diffusivityM2PerS;
    // Two of the steps the table rounds to.
    expect(diffusivityM2PerS).toBeLessThanOrEqual(expected + 0.2e-10);
    expect(diffusivityHighM2PerS).toBeGreaterThan(expected * 0.75);
  },
);
