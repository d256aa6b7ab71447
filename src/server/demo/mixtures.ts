import type { Formulation, FormulaLine } from "@/core/formulation";
import { pieces } from "./pieces";

/* The canteen's marinade, rub and paste. */

const line = (ingredientId: string, amountG: number, extra: Partial<FormulaLine> = {}): FormulaLine => ({
  ingredientId,
  amountG,
  scalesWith: "foodMass",
  optional: false,
  ...extra,
});

const COMMON = {
  saltId: "sea_fine",
  water: { mode: "toCover" },
  sugarPerSalt: 0,
  sugarId: "sugar_brown_light",
  readiness: "outside",
  portions: 18,
} as const;

const FRIDGE = {
  place: "fridge",
  temperatureC: 3,
  brineStartC: 3,
  before: "patDry",
  covered: true,
} as const;

export const LAMB_SHOULDER: Formulation = {
  ...COMMON,
  name: "Buttermilk lamb shoulder",
  notes: "Two shoulders boned and opened flat. Scrape off, leave a thin film; sear, then low under foil.",
  foodId: "lamb_shoulder_butterflied",
  pieces: pieces("lamb_shoulder_butterflied", {
    count: 2,
    totalMassG: 3900,
    thicknessMm: 38,
    thin: { thicknessMm: 24, share: 0.4 },
    slashDepthMm: 8,
    slashSpacingMm: 25,
  }),
  preparation: {
    kind: "marinade",
    targetFraction: 0.013,
    school: "inMixture",
    amount: { mode: "perFood", mlPerKg: 260 },
  },
  vessel: {
    shape: "bag",
    lengthMm: 500,
    widthMm: 400,
    heightMm: 110,
    material: "food_plastic",
    plate: false,
  },
  lines: [
    line("buttermilk", 0, { scalesWith: "bath", parts: 4 }),
    line("rapeseed_oil", 0, { scalesWith: "bath", parts: 1 }),
    line("garlic_clove", 8),
    line("cumin_ground", 2),
    line("mint", 4, { optional: true }),
    line("honey", 4, { optional: true }),
  ],
  companions: [
    {
      kind: "sauce",
      name: "Buttermilk and mint sauce",
      lines: [
        { ingredientId: "buttermilk", amountG: 55, scalesWith: "foodMass", optional: false },
        { ingredientId: "mint", amountG: 2, scalesWith: "foodMass", optional: false },
      ],
    },
    {
      kind: "bed",
      name: "Roots beneath",
      lines: [
        { ingredientId: "carrot", amountG: 180, scalesWith: "foodMass", optional: false, bakeMin: 60 },
        { ingredientId: "fennel_bulb", amountG: 120, scalesWith: "foodMass", optional: true, bakeMin: 35 },
      ],
    },
  ],
  reserve: { share: 0.15, use: "sauce" },
  holding: FRIDGE,
  pullH: 18,
  cook: { toC: 88, minutes: 150, restMin: 20, ovenC: 165 },
};

export const SHORT_RIBS: Formulation = {
  ...COMMON,
  name: "Beef short ribs, smoked paprika rub",
  notes: "Rub on damp, overnight bare on the rack. Low and covered, then hot to set.",
  foodId: "beef_short_rib",
  pieces: pieces("beef_short_rib", { count: 9, totalMassG: 4100, thicknessMm: 48 }),
  saltId: "kosher_flake_light",
  salt: { mode: "percent", fraction: 0.012 },
  preparation: { kind: "rub", targetFraction: 0.0135, surface: "moist", insideShare: 0 },
  vessel: { shape: "tray", lengthMm: 530, widthMm: 325, heightMm: 40, material: "stainless", plate: false },
  lines: [
    line("paprika_smoked", 7),
    line("sugar_brown_light", 5),
    line("pepper_black_ground", 3),
    line("garlic_powder", 3),
    line("mustard_powder", 2),
    line("cayenne", 0.6, { optional: true }),
  ],
  companions: [
    {
      kind: "glaze",
      name: "Cider glaze",
      lastMin: 15,
      lines: [
        { ingredientId: "apple_juice", amountG: 30, scalesWith: "foodMass", optional: false },
        { ingredientId: "molasses", amountG: 12, scalesWith: "foodMass", optional: false },
        { ingredientId: "soy_sauce", amountG: 8, scalesWith: "foodMass", optional: false },
      ],
    },
  ],
  holding: { ...FRIDGE, covered: false },
  pullH: 16,
  cook: { toC: 93, minutes: 240, restMin: 30, ovenC: 165 },
};

export const TOFU: Formulation = {
  ...COMMON,
  name: "Miso-pasted tofu",
  notes: "Pressed twenty minutes first. For those who eat no meat; no egg, no milk.",
  foodId: "tofu_firm",
  pieces: pieces("tofu_firm", { count: 8, totalMassG: 2800, thicknessMm: 25 }),
  preparation: {
    kind: "paste",
    targetFraction: 0.012,
    school: "inMixture",
    binderId: "chickpea_flour",
    roasted: true,
    wanted: "clings",
  },
  vessel: { shape: "tray", lengthMm: 400, widthMm: 300, heightMm: 40, material: "stainless", plate: false },
  lines: [
    line("miso_white", 70),
    line("ginger_fresh", 14),
    line("rice_syrup", 12),
    line("vinegar_rice", 40),
    line("sesame_oil_toasted", 8),
    line("gochugaru", 1.5, { optional: true }),
    line("paprika", 1.5, { optional: true, off: true }),
  ],
  holding: FRIDGE,
  pullH: 5,
  portions: 6,
  cook: { toC: 74, minutes: 25, restMin: 5, ovenC: 195 },
};
