import type { Formulation } from "@/core/formulation";
import { pieces } from "./pieces";

/* Tarrow Lock Canteen: an invented volunteer kitchen that feeds about 18 on Saturdays. Its brines. */

export const PORK_LOIN: Formulation = {
  name: "Juniper pork loin",
  notes: "Loin cut in three, chine off, slashed both sides. Out early Saturday, dry on the rack till noon.",
  foodId: "pork_loin_bonein",
  pieces: pieces("pork_loin_bonein", {
    count: 3,
    totalMassG: 3640,
    shape: "slab",
    thicknessMm: 50,
    slashDepthMm: 14,
    slashSpacingMm: 18,
  }),
  saltId: "sea_fine",
  preparation: {
    kind: "wetBrine",
    school: "equilibrium",
    convention: "waterPhase",
    targetFraction: 0.0145,
  },
  water: { mode: "toCover" },
  vessel: {
    shape: "box",
    lengthMm: 350,
    widthMm: 250,
    heightMm: 120,
    material: "food_plastic",
    plate: true,
  },
  sugarPerSalt: 0.5,
  sugarId: "sugar_brown_light",
  lines: [
    { ingredientId: "juniper", amountG: 2.2, scalesWith: "bath", optional: false },
    { ingredientId: "allspice_whole", amountG: 1.4, scalesWith: "bath", optional: true },
    { ingredientId: "garlic_clove", amountG: 5, scalesWith: "bath", optional: false },
  ],
  holding: { place: "fridge", temperatureC: 3, brineStartC: 3, before: "patDry", covered: true },
  readiness: "outside",
  pullH: 38,
  portions: 18,
};

export const DUCK_LEGS: Formulation = {
  name: "Duck legs, dry brined",
  notes: "Flesh side up, more salt where it is thick. No rinsing; skin left bare to dry.",
  foodId: "duck_leg",
  pieces: pieces("duck_leg", { count: 12, totalMassG: 3350, thicknessMm: 32 }),
  saltId: "kosher_flake_light",
  salt: { mode: "percent", fraction: 0.0125 },
  preparation: { kind: "dryBrine", targetFraction: 0.014, salted: "allFaces" },
  water: { mode: "toCover" },
  vessel: {
    shape: "box",
    lengthMm: 530,
    widthMm: 325,
    heightMm: 40,
    material: "stainless",
    plate: false,
  },
  sugarPerSalt: 0,
  sugarId: "sugar_white",
  lines: [
    { ingredientId: "thyme", amountG: 2, scalesWith: "foodMass", optional: false },
    { ingredientId: "orange_zest", amountG: 1.5, scalesWith: "foodMass", optional: true },
  ],
  holding: { place: "fridge", temperatureC: 3, brineStartC: 3, before: "patDry", covered: false },
  readiness: "outside",
  pullH: 24,
  portions: 12,
};
