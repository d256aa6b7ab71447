import type { Formulation } from "@/core/formulation";
import { pieces } from "./pieces";

/* The canteen's short cure, and its two salt crusts, one of each school. */

const FRIDGE = {
  place: "fridge",
  temperatureC: 3,
  brineStartC: 3,
  before: "patDry",
  covered: true,
} as const;

export const MACKEREL: Formulation = {
  name: "Mackerel, half-hour cure",
  notes: "Flesh side down in the cure. Rinse, dry, skin under a hot grill.",
  foodId: "mackerel_fillet",
  pieces: pieces("mackerel_fillet", { count: 18, totalMassG: 1950, thicknessMm: 15 }),
  saltId: "sea_fine",
  preparation: { kind: "cure", targetFraction: 0.012, doseFraction: 0.06, finish: "rinse" },
  water: { mode: "toCover" },
  vessel: { shape: "tray", lengthMm: 530, widthMm: 325, heightMm: 40, material: "stainless", plate: false },
  sugarPerSalt: 0.5,
  sugarId: "sugar_caster",
  lines: [{ ingredientId: "lemon_zest", amountG: 3, scalesWith: "foodMass", optional: true }],
  holding: FRIDGE,
  readiness: "seasoned",
  pullH: 35 / 60,
  portions: 9,
  cook: { toC: 63, minutes: 6, restMin: 3, ovenC: 240, broil: true },
};

const CRUST_TRAY = {
  shape: "tray",
  lengthMm: 530,
  widthMm: 325,
  heightMm: 60,
  material: "stainless",
  plate: false,
} as const;

export const GREY_MULLET: Formulation = {
  name: "Grey mullet in an egg-white crust",
  notes: "Scales on, fins off, belly shut with parsley. Crack at the table, away from faces.",
  foodId: "grey_mullet_whole",
  pieces: pieces("grey_mullet_whole", { count: 1, totalMassG: 1400, thicknessMm: 62 }),
  saltId: "sea_coarse",
  preparation: {
    kind: "saltCrust",
    targetFraction: 0.007,
    school: "eggWhite",
    form: "ellipsoid",
    size: { lengthMm: 440, widthMm: 105, heightMm: 62 },
    overMm: 13,
    underMm: 8,
    marginMm: 10,
    scales: "on",
    ends: "covered",
  },
  water: { mode: "toCover" },
  vessel: CRUST_TRAY,
  sugarPerSalt: 0,
  sugarId: "sugar_white",
  lines: [
    { ingredientId: "parsley", amountG: 20, scalesWith: "piece", optional: false, where: "cavity" },
    { ingredientId: "lemon", amountG: 55, scalesWith: "piece", optional: false, where: "cavity" },
    { ingredientId: "fennel_seed", amountG: 2, scalesWith: "salt", optional: true },
  ],
  companions: [
    {
      kind: "dressing",
      name: "Oil and lemon",
      lines: [
        { ingredientId: "olive_oil", amountG: 30, scalesWith: "foodMass", optional: false },
        { ingredientId: "lemon_juice", amountG: 12, scalesWith: "foodMass", optional: false },
        { ingredientId: "capers", amountG: 8, scalesWith: "foodMass", optional: true },
      ],
    },
  ],
  holding: FRIDGE,
  readiness: "seasoned",
  pullH: 40 / 60,
  portions: 4,
  cook: { toC: 63, minutes: 40, restMin: 5, ovenC: 210 },
};

export const CELERIAC: Formulation = {
  name: "Celeriac in a damp salt crust",
  notes: "Scrubbed, skin on. Rest ten minutes in its crust, peel at the table, brown butter over.",
  foodId: "celeriac",
  pieces: pieces("celeriac", { count: 3, totalMassG: 2550, thicknessMm: 112 }),
  saltId: "sea_coarse",
  preparation: {
    kind: "saltCrust",
    targetFraction: 0.008,
    school: "water",
    form: "ellipsoid",
    size: null,
    overMm: 12,
    underMm: 8,
    marginMm: 8,
    scales: "off",
    ends: "covered",
  },
  water: { mode: "toCover" },
  vessel: CRUST_TRAY,
  sugarPerSalt: 0,
  sugarId: "sugar_white",
  lines: [
    { ingredientId: "bay_dried", amountG: 0.6, scalesWith: "piece", optional: false, where: "overUnder" },
  ],
  companions: [
    {
      kind: "butter",
      name: "Brown butter",
      lines: [{ ingredientId: "butter_salted", amountG: 40, scalesWith: "foodMass", optional: false }],
    },
  ],
  holding: FRIDGE,
  readiness: "seasoned",
  pullH: 80 / 60,
  portions: 9,
  cook: { toC: 94, minutes: 80, restMin: 10, ovenC: 200 },
};
