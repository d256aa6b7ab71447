import {
  brine,
  crust,
  fail,
  fires,
  injected,
  marinade,
  of,
  paste,
  patched,
  rub,
  timed,
  type Patch,
} from "./rules.fixture";
import { RULES } from "./findings";
import type { RuleContext } from "./rule";

/*
 * Every rule with a limit, asked just under it, at it and just over it. The limits are the official ones (USDA FSIS, FDA
 * Food Code) and the hazard table's, as official.ts and the table name them; here they stand as figures.
 */

/** [rule, what is varied, on what, how, silent, at the limit (and whether it speaks there), speaks] */
type Case = [string, string, RuleContext, (x: number) => Patch, number, [number, boolean], number];

const COLD = (40 - 32) / 1.8; // 40 °F
const CASES: Case[] = [
  [
    "brine_room_temp",
    "hours on the counter",
    brine,
    (x) => ({ holding: { place: "counter", temperatureC: 18 }, input: { pullH: x } }),
    0.49,
    [0.5, false],
    0.51,
  ],
  [
    "brine_room_temp",
    "°C in a cooler",
    brine,
    (x) => ({ holding: { place: "cooler", temperatureC: x }, input: { pullH: 3 } }),
    COLD - 0.01,
    [COLD, false],
    COLD + 0.01,
  ],
  [
    "fridge_too_warm",
    "°C",
    brine,
    (x) => ({ holding: { place: "fridge", temperatureC: x } }),
    COLD - 0.01,
    [COLD, false],
    COLD + 0.01,
  ],
  [
    "hot_brine",
    "°C of the brine",
    brine,
    (x) => ({ holding: { brineStartC: x } }),
    COLD - 0.01,
    [COLD, false],
    COLD + 0.01,
  ],
  [
    "cooler_ice_melt",
    "hours",
    brine,
    (x) => ({ holding: { place: "cooler" }, input: { pullH: x } }),
    7.99,
    [8, false],
    8.01,
  ],
  ["raw_storage", "hours, fish", marinade, (x) => ({ input: { pullH: x } }), 47.9, [48, false], 48.1],
  ["raw_storage", "hours, a whole cut", brine, (x) => ({ input: { pullH: x } }), 119.9, [120, false], 120.1],
  [
    "raw_storage",
    "days it was kept before",
    brine,
    (x) => ({ input: { pullH: 24 }, pieces: { daysRaw: x } }),
    3.99,
    [4, false],
    4.01,
  ],
  [
    "danger_zone_total",
    "hours at 20 °C",
    brine,
    (x) => ({ holding: { place: "counter", temperatureC: 20 }, input: { pullH: x } }),
    1.99,
    [2, false],
    2.01,
  ],
  [
    "danger_zone_total",
    "hours at 33 °C",
    brine,
    (x) => ({ holding: { place: "counter", temperatureC: 33 }, input: { pullH: x } }),
    0.99,
    [1, false],
    1.01,
  ],
  [
    "danger_zone_total",
    "°C for an hour and a half",
    brine,
    (x) => ({ holding: { place: "counter", temperatureC: x }, input: { pullH: 1.5 } }),
    32.2,
    [90 / 1.8 - 32 / 1.8, false],
    32.3,
  ],
  [
    "frozen_bird_warm_brine",
    "°C of the bath",
    brine,
    (x) => ({ pieces: { thaw: "inBrine" }, holding: { temperatureC: x, brineStartC: 3 } }),
    COLD - 0.01,
    [COLD, false],
    COLD + 0.01,
  ],
  [
    "frozen_bird_warm_brine",
    "°C at its start",
    brine,
    (x) => ({ pieces: { thaw: "inBrine" }, holding: { temperatureC: 3, brineStartC: x } }),
    COLD - 0.01,
    [COLD, false],
    COLD + 0.01,
  ],
  [
    "over_salted",
    "share",
    brine,
    (x) => ({ atPull: { toHeat: { meanFraction: x, surfaceFraction: x, centreFraction: x } } }),
    0.0199,
    [0.02, true],
    0.0201,
  ],
  [
    "below_wanted",
    "share of 1.4 %, less is told",
    brine,
    (x) => ({ input: { salt: { mode: "grams", massG: 5 } }, ledger: { shareOfFood: 0.014 * x } }),
    0.86,
    [0.85 * (1 + 1e-12), false],
    0.84,
  ],
  [
    "sodium_restricted",
    "mg a portion",
    brine,
    (x) => ({ ledger: { sodiumMgPerPortion: x } }),
    1499,
    [1500, false],
    1501,
  ],
  ["potassium_salt", "share", brine, (x) => ({ salt: { kclFraction: x } }), 0.019, [0.02, false], 0.021],
  [
    "double_salt",
    "native salt",
    brine,
    (x) => ({ sheet: { flesh: { ...brine.sheet.flesh, nativeSaltFraction: x } } }),
    0.0079,
    [0.008, false],
    0.0081,
  ],
  [
    "overlong_soak",
    "hours",
    brine,
    (x) => ({
      input: { pullH: x },
      sheet: { soak: { ...brine.sheet.soak, window: { ...brine.sheet.soak.window, past: { likely: 30 } } } },
    }),
    29.9,
    [30, false],
    30.1,
  ],
  [
    "undissolved",
    "strength at 3 °C",
    timed,
    (x) => ({ sheet: { brine: { ...(timed.sheet.brine ?? fail()), saltFraction: x } } }),
    0.262,
    [0.26292, false],
    0.264,
  ],
  [
    "over_acid_fish",
    "pH, downward",
    marinade,
    (x) => ({ mix: { pH: x }, input: { pullH: 40 } }),
    4.01,
    [4, false],
    3.99,
  ],
  [
    "over_acid_fish",
    "hours",
    marinade,
    (x) => ({ mix: { pH: 3 }, food: { acidMaxH: 0.5 }, sheet: { citricPerKgG: 9 }, input: { pullH: x } }),
    0.49,
    [0.5, false],
    0.51,
  ],
  [
    "over_acid_fish",
    "half the acid of a bath, twice the hours",
    marinade,
    (x) => ({ mix: { pH: 3 }, food: { acidMaxH: 0.5 }, sheet: { citricPerKgG: 2 }, input: { pullH: x } }),
    0.99,
    [1, false],
    1.01,
  ],
  [
    "enzyme_mush",
    "share of the food",
    marinade,
    (x) => ({ mix: { kind: "enzyme", proteaseG: x * marinade.sheet.foodG }, input: { pullH: 0.1 } }),
    0.049,
    [0.05, false],
    0.051,
  ],
  [
    "garlic_oil",
    "hours under oil, cold",
    marinade,
    (x) => ({ mix: { fatFraction: 0.5 }, input: { pullH: x } }),
    95.9,
    [96, false],
    96.1,
  ],
  [
    "garlic_oil",
    "hours under oil, warm",
    marinade,
    (x) => ({ mix: { fatFraction: 0.5 }, holding: { temperatureC: 8 }, input: { pullH: x } }),
    1.9,
    [2, false],
    2.1,
  ],
  [
    "garlic_oil",
    "share of oil",
    marinade,
    (x) => ({ mix: { fatFraction: x }, input: { pullH: 97 } }),
    0.19,
    [0.2, false],
    0.21,
  ],
  [
    "falls_off",
    "share that sticks, downward",
    rub,
    (x) => ({ sheet: { coat: { ...(rub.sheet.coat ?? fail()), stuckShare: x } } }),
    0.98,
    [0.97, false],
    0.96,
  ],
  [
    "thin_paste",
    "g of paste of 100 needed, downward",
    paste,
    (x) => ({
      sheet: {
        coat: { ...(paste.sheet.coat ?? fail()), massG: x },
        paste: { ...(paste.sheet.paste ?? fail()), neededG: 100 },
      },
    }),
    71,
    [70, false],
    69,
  ],
  [
    "beside_food",
    "ml of 1000 to cover, downward",
    marinade,
    (x) => ({ sheet: { snug: { haveMl: x, coverMl: 1000, bagMl: 100 } } }),
    901,
    [900, false],
    899,
  ],
  [
    "reactive_metal",
    "hours in copper",
    brine,
    (x) => ({ vessel: { material: "copper" }, input: { pullH: x } }),
    0.49,
    [0.5, false],
    0.51,
  ],
  [
    "not_submerged",
    "mm out of the brine",
    brine,
    (x) => ({ sheet: { level: { ...(brine.sheet.level ?? fail()), exposedMm: x } } }),
    0.4,
    [0.5, false],
    0.6,
  ],
  [
    "pan_overflow",
    "mL, downward",
    brine,
    (x) => ({ sheet: { liquidMl: 1000, fit: { ...brine.sheet.fit, foodMl: 1000, capacityMl: x } } }),
    2301,
    [2300, false],
    2299,
  ],
  [
    "under_min_temp",
    "°C of the core, downward",
    brine,
    (x) => ({ food: { safeMinC: 62.8 }, cook: { toC: x } }),
    62.9,
    [62.8, false],
    62.7,
  ],
  [
    "injected_not_whole",
    "°C of the core without a rest, downward",
    injected,
    (x) => ({ cook: { toC: x, restMin: 0 } }),
    68.4,
    [(155 - 32) / 1.8, false],
    68.3,
  ],
  [
    "injected_not_whole",
    "°C of the core with a rest of 3 min, downward",
    injected,
    (x) => ({ cook: { toC: x, restMin: 3 } }),
    62.8,
    [(145 - 32) / 1.8, false],
    62.7,
  ],
  [
    "injected_not_whole",
    "min of rest at 63 °C, downward",
    injected,
    (x) => ({ cook: { toC: 63, restMin: x } }),
    3.1,
    [3, false],
    2.9,
  ],
  [
    "hot_brine",
    "°C of a brine that is injected",
    injected,
    (x) => ({ holding: { brineStartC: x } }),
    COLD - 0.01,
    [COLD, false],
    COLD + 0.01,
  ],
  ["heavy_lift", "kg", brine, (x) => ({ sheet: { foodG: x * 1000, lines: [] } }), 6.99, [7, false], 7.01],
  [
    "slow_oven",
    "°C of the oven, downward",
    rub,
    (x) => ({
      input: { cook: { ...rub.cook, ovenC: x, stages: undefined } },
      cook: { ovenC: x, stages: undefined },
      sheet: { foodG: 2500 },
    }),
    163,
    [325 / 1.8 - 32 / 1.8, false],
    162.7,
  ],
  [
    "slow_oven",
    "g of food",
    rub,
    (x) => ({
      input: { cook: { ...rub.cook, ovenC: 120, stages: undefined } },
      cook: { ovenC: 120, stages: undefined },
      sheet: { foodG: x },
    }),
    1999,
    [2000, false],
    2001,
  ],
  [
    "sugar_scorch",
    "share of sugar",
    rub,
    (x) => ({ mix: { sugarFraction: x, scorchC: 160 }, cook: { ovenC: 200, minutes: 60 } }),
    0.049,
    [0.05, false],
    0.051,
  ],
  [
    "sugar_scorch",
    "°C of the oven",
    rub,
    (x) => ({ mix: { sugarFraction: 0.2, scorchC: 160 }, cook: { ovenC: x, minutes: 60 } }),
    159.9,
    [160, true],
    160.1,
  ],
  [
    "sugar_scorch",
    "minutes",
    rub,
    (x) => ({ mix: { sugarFraction: 0.2, scorchC: 160 }, cook: { ovenC: 200, minutes: x } }),
    24.9,
    [25, false],
    25.1,
  ],
  [
    "raw_fish_parasites",
    "°C of the core, downward",
    marinade,
    (x) => ({ cook: { toC: x } }),
    62.9,
    [145 / 1.8 - 32 / 1.8, false],
    62.7,
  ],
  [
    "leftovers",
    "portions of hearty servings of 100 g",
    brine,
    (x) => ({ sheet: { foodG: x * 100 }, input: { portions: 1 }, food: { servingHeartyG: 100 } }),
    1.24,
    [1.25, false],
    1.26,
  ],
  [
    "thin_crust",
    "mm over, downward",
    crust,
    (x) => ({ sheet: { crust: { ...(crust.sheet.crust ?? fail()), overMm: x, underMm: 10 } } }),
    8.1,
    [8, false],
    7.9,
  ],
  [
    "thin_crust",
    "mm under, downward",
    crust,
    (x) => ({ sheet: { crust: { ...(crust.sheet.crust ?? fail()), overMm: 12, underMm: x } } }),
    5.4,
    [8 / 1.5, false],
    5.3,
  ],
  [
    "crust_below_rule",
    "g of 1000 by the rule, downward",
    crust,
    (x) => ({ sheet: { crust: { ...(crust.sheet.crust ?? fail()), saltG: x, ruleG: 1000 } } }),
    851,
    [850, false],
    849,
  ],
  [
    "salt_burn_toxic",
    "g of salt",
    brine,
    (x) => ({ sheet: { naclG: x, excess: false } }),
    299,
    [300, false],
    301,
  ],
];

test.each(CASES)(
  "%s by %s: silent under, at, and told over its limit",
  (id, _, c, patch, under, [at, speaks], over) => {
    expect([fires(id, c, patch(under)), fires(id, c, patch(at)), fires(id, c, patch(over))]).toEqual([
      false,
      speaks,
      true,
    ]);
  },
);

describe("rules that hang on a fact speak with it and are silent without", () => {
  const FACTS: [string, RuleContext, Patch, Patch][] = [
    ["scombroid", marinade, {}, { food: { flags: [] } }],
    [
      "raw_fish_parasites",
      marinade,
      { input: { servedRaw: true } },
      { input: { servedRaw: true }, food: { flags: [] } },
    ],
    ["double_salt", brine, { food: { flags: ["cured"] } }, { food: { flags: [] } }],
    ["double_salt", brine, { food: { flags: ["smoked"] } }, {}],
    ["curing_salts", brine, { salt: { flags: ["nitrite"] } }, {}],
    ["curing_salts", brine, { input: { notes: "with pink cure" } }, { input: { notes: "with pink salt" } }],
    ["counter_thaw", brine, { pieces: { thaw: "counter" } }, { pieces: { thaw: "fridge" } }],
    [
      "frozen_bird_warm_brine",
      brine,
      { pieces: { thaw: "inBrine" }, holding: { place: "counter" } },
      { pieces: { thaw: "fridge" }, holding: { place: "counter" } },
    ],
    ["non_food_salt", brine, { salt: { foodGrade: false } }, {}],
    ["non_food_bucket", brine, { vessel: { material: "unknown_plastic" } }, {}],
    ["reactive_metal", brine, { vessel: { material: "aluminium" } }, { vessel: { material: "enamelled" } }],
    [
      "may_float",
      brine,
      { vessel: { plate: false }, sheet: { level: { ...(brine.sheet.level ?? fail()), exposedMm: 0 } } },
      { vessel: { plate: true } },
    ],
    [
      "washing_poultry",
      brine,
      { holding: { before: "rinse" }, food: { kingdom: "bird" } },
      { holding: { before: "rinse" } },
    ],
    [
      "washing_poultry",
      brine,
      { holding: { before: "rinse" }, food: { kingdom: "bird" } },
      { food: { kingdom: "bird" } },
    ],
    ["fridge_drip", brine, { holding: { covered: false } }, { holding: { covered: true } }],
    ["fridge_drip", brine, { holding: { covered: false } }, { holding: { covered: false, place: "cooler" } }],
    ["smoke_broiler", brine, { cook: { broil: true } }, { cook: { broil: false } }],
    [
      "glass_shock",
      brine,
      { vessel: { material: "glass" }, cook: { inColdDish: true } },
      { vessel: { material: "glass" } },
    ],
    [
      "glass_shock",
      brine,
      { vessel: { material: "glass" }, cook: { broil: true } },
      { cook: { broil: true } },
    ],
    [
      "stuffing_bird",
      brine,
      { pieces: { stuffed: true }, food: { kingdom: "bird" } },
      { pieces: { stuffed: true } },
    ],
    [
      "no_thermometer",
      brine,
      { kitchen: { thermometer: false } },
      { kitchen: { thermometer: false }, food: { safeMinC: null } },
    ],
    ["no_thermometer", brine, { kitchen: { thermometer: false } }, {}],
    ["fine_salt_crust", crust, { salt: { gradeSaltCrust: "poor" } }, { salt: { gradeSaltCrust: "fair" } }],
    ["fine_salt_crust", crust, { salt: { gradeSaltCrust: "never" } }, { salt: { gradeSaltCrust: "good" } }],
    ["injected_not_whole", injected, { input: { servedRaw: true } }, { input: { servedRaw: false } }],
    [
      "injected_not_whole",
      injected,
      { cook: { toC: 55 } },
      { cook: { toC: 55 }, sheet: { contact: { kind: "bath" } } },
    ],
    ["injected_not_whole", injected, { cook: { toC: 55 } }, { cook: { toC: 55 }, food: { kingdom: "bird" } }],
    ["sharp_fins", crust, {}, { food: { form: "fillet" } }],
    ["not_preserving", marinade, { preparation: { kind: "cure" } }, {}],
    ["salt_burn_toxic", brine, { sheet: { excess: true, naclG: 1 } }, { sheet: { excess: false, naclG: 1 } }],
    ["acid_not_cooking", marinade, { input: { servedRaw: true } }, { input: { servedRaw: false } }],
    [
      "acid_not_cooking",
      marinade,
      { input: { servedRaw: true } },
      { input: { servedRaw: true }, mix: { pH: undefined } },
    ],
    [
      "below_wanted",
      brine,
      { input: { salt: { mode: "none" } }, ledger: { shareOfFood: 0.002 } },
      { input: { salt: { mode: "wanted" } }, ledger: { shareOfFood: 0.002 } },
    ],
  ];
  test.each(FACTS)("%s", (id, c, speaks, silent) => {
    expect([fires(id, c, speaks), fires(id, c, silent)]).toEqual([true, false]);
  });
});

test("a crust is baked at once: no rule of a soak speaks of it, however warm the room", () => {
  for (const id of ["brine_room_temp", "danger_zone_total", "reactive_metal"])
    expect(
      fires(id, crust, {
        holding: { place: "counter", temperatureC: 25 },
        vessel: { material: "copper" },
        input: { pullH: 5 },
      }),
    ).toBe(false);
});

test("whole raw vegetables may stand in the room", () => {
  const beet = of("beetroot", "dry");
  const warm = { holding: { place: "counter", temperatureC: 18 }, input: { pullH: 5 } } as const;
  expect([fires("brine_room_temp", beet, warm), fires("danger_zone_total", beet, warm)]).toEqual([
    false,
    false,
  ]);
});

test("a cooler kept cold is no room; a fridge's warmth is the fridge's own rule", () => {
  expect(fires("brine_room_temp", brine, { holding: { place: "cooler", temperatureC: 2 } })).toBe(false);
  expect(fires("brine_room_temp", brine, { holding: { place: "fridge", temperatureC: 12 } })).toBe(false);
  expect(fires("fridge_too_warm", brine, { holding: { place: "cooler", temperatureC: 12 } })).toBe(false);
});

test("what is said of a frozen bath: the warmer of its two temperatures, and where it stands", () => {
  const rule = RULES.find((r) => r.id === "frozen_bird_warm_brine");
  const said = (p: Patch) => rule?.check(patched(brine, { pieces: { thaw: "inBrine" }, ...p }));
  expect(said({ holding: { temperatureC: 2, brineStartC: 12 } })).toMatchObject({
    temperatureC: 12,
    place: "a fridge",
  });
  expect(said({ holding: { place: "counter", temperatureC: 19, brineStartC: 12 } })).toMatchObject({
    temperatureC: 19,
    place: "the room",
  });
});
