import { EQUILIBRIUM } from "../formula/offer/defaults";
import type { Companion, Formulation } from "../formulation";
import { exitsOf } from "../program/exits";
import { findingsFor, RULES } from "./findings";
import type { FindingData, RuleContext } from "./rule";
import {
  brine,
  contextFor,
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
  told,
  type Patch,
} from "./rules.fixture";

/*
 * What a finding says: its figures in the unit its sentence names, by hand from the facts given. And facts that come in
 * pairs: a rule that asks for both is silent with either alone.
 */

const line = (ingredientId: string, amountG: number): Companion["lines"][number] => ({
  ingredientId,
  amountG,
  scalesWith: "foodMass",
  optional: false,
});
const part = (kind: Companion["kind"], more: Partial<Companion> = {}): Companion => ({
  kind,
  name: "",
  lines: [line("onion_yellow", 20)],
  ...more,
});
const cover = { haveMl: 10, coverMl: 100, bagMl: 20 };

describe("figures are said in the units of the sentence", () => {
  const SAID: [string, RuleContext, Patch, FindingData][] = [
    [
      "over_salted",
      brine,
      { atPull: { toHeat: { meanFraction: 0.025, surfaceFraction: 0.025, centreFraction: 0.025 } } },
      { percent: 2.5 },
    ],
    [
      "below_wanted",
      brine,
      { input: { salt: { mode: "none" } }, ledger: { shareOfFood: 0.004 } },
      { percent: 0.4, wantedPercent: 1.4 },
    ],
    [
      "double_salt",
      brine,
      { sheet: { flesh: { ...brine.sheet.flesh, nativeSaltFraction: 0.02 } } },
      { percent: 2 },
    ],
    [
      "undissolved",
      timed,
      { sheet: { brine: { ...(timed.sheet.brine ?? fail()), saltFraction: 0.3 } } },
      { percent: 30 },
    ],
    [
      "potassium_salt",
      brine,
      { salt: { kclFraction: 0.5, name: "Half and half" } },
      { percent: 50, salt: "Half and half" },
    ],
    ["sodium_restricted", brine, { ledger: { sodiumMgPerPortion: 1800 } }, { sodiumMg: 1800, dayMg: 2300 }],
    ["over_acid_fish", marinade, { mix: { pH: 3 }, input: { pullH: 30 } }, { pH: 3, pullH: 30 }],
    [
      "enzyme_mush",
      marinade,
      { mix: { kind: "enzyme", proteaseG: 0.1 * marinade.sheet.foodG }, input: { pullH: 0.1 } },
      { percent: 10, pullH: 0.1 },
    ],
    ["alcohol", marinade, { facts: { alcoholPerPortionG: 3 } }, { grams: 3 }],
    [
      "falls_off",
      rub,
      { sheet: { coat: { massG: 80, holdsG: 60, stuckShare: 0.75 } as never } },
      { massG: 80, holdsG: 60, percent: 25 },
    ],
    ["beside_food", marinade, { sheet: { snug: cover } }, { ...cover }],
    [
      "sugar_scorch",
      rub,
      { mix: { sugarFraction: 0.2, scorchC: 160 }, cook: { ovenC: 200, minutes: 60 } },
      { sugarPercent: 20, scorchC: 160, ovenC: 200, minutes: 60 },
    ],
    [
      "slow_oven",
      rub,
      { cook: { ovenC: 120, stages: undefined }, sheet: { foodG: 2500 } },
      { massKg: 2.5, ovenC: 120 },
    ],
    [
      "leftovers",
      brine,
      { sheet: { foodG: 900 }, food: { servingHeartyG: 100 }, input: { portions: 4 } },
      { grams: 238 },
    ],
    [
      "heavy_lift",
      brine,
      { sheet: { foodG: 9000, lines: brine.sheet.lines } },
      { massKg: (9000 + brine.sheet.lines.reduce((sum, l) => sum + l.massG, 0)) / 1000 },
    ],
    [
      "pan_overflow",
      brine,
      { sheet: { liquidMl: 3000, fit: { ...brine.sheet.fit, foodMl: 1000, capacityMl: 3500 } } },
      { neededL: 4, capacityL: 3.5 },
    ],
    [
      "not_submerged",
      brine,
      { sheet: { level: { ...(brine.sheet.level ?? fail()), exposedMm: 7 } } },
      { exposedMm: 7 },
    ],
    ["raw_storage", brine, { input: { pullH: 30 }, pieces: { daysRaw: 4 } }, { rawH: 126, limitH: 120 }],
    [
      "raw_egg_white",
      crust,
      { sheet: { crust: { ...(crust.sheet.crust ?? fail()), eggWhites: 3 } } },
      { whites: 3 },
    ],
    ["raw_fish_parasites", marinade, { input: { servedRaw: true } }, { how: "eaten raw" }],
    ["raw_fish_parasites", marinade, { cook: { toC: 50 } }, { how: "cooked to 50 °C" }],
    [
      "cross_contamination",
      brine,
      { input: { companions: [part("sauce"), part("glaze", { name: "Cider glaze" })] } },
      { what: "Cider glaze" },
    ],
    ["cross_contamination", brine, { input: { companions: [part("baste")] } }, { what: "basting" }],
    [
      "reused_marinade",
      brine,
      { input: { companions: [part("sauce"), part("sauce", { name: "Gravy", leftover: "asIs" })] } },
      { name: "Gravy" },
    ],
    [
      "reused_marinade",
      brine,
      { input: { companions: [part("sauce", { leftover: "asIs" })] } },
      { name: "sauce" },
    ],
    [
      "boil_leftover",
      brine,
      { input: { companions: [part("glaze"), part("sauce", { name: "Gravy", leftover: "boiled" })] } },
      { name: "Gravy" },
    ],
    [
      "boil_leftover",
      brine,
      { input: { companions: [part("sauce", { leftover: "boiled" })] } },
      { name: "sauce" },
    ],
    ["curing_salts", brine, { salt: { flags: ["nitrite"], name: "Cure" } }, { word: "Cure" }],
    [
      "reactive_metal",
      marinade,
      { vessel: { material: "copper" }, mix: { pH: 3 }, input: { pullH: 1 } },
      { metal: "Copper", what: "acid and salt" },
    ],
    [
      "reactive_metal",
      marinade,
      { vessel: { material: "copper" }, mix: { pH: undefined }, input: { pullH: 1 } },
      { what: "salt" },
    ],
    [
      "reactive_metal",
      brine,
      { vessel: { material: "bare_iron" }, input: { pullH: 1 } },
      { metal: "Bare iron", what: "salt" },
    ],
    ["injected_not_whole", injected, { cook: { toC: 55, restMin: 4 } }, { toC: 55, restMin: 4, holdMin: 3 }],
  ];
  test.each(SAID)("%s", (id, c, patch, said) => {
    const close = Object.fromEntries(
      Object.entries(said).map(([key, value]) => [
        key,
        typeof value === "number" ? expect.closeTo(value, 9) : value,
      ]),
    );
    expect(told(id, c, patch)).toMatchObject(close);
  });

  test("acid eats metal below its limit of pH 4.5, not at it", () => {
    const what = (pH: number) =>
      told("reactive_metal", marinade, { vessel: { material: "copper" }, mix: { pH }, input: { pullH: 1 } })
        ?.what;
    expect([what(4.49), what(4.5), what(4.51)]).toEqual(["acid and salt", "salt", "salt"]);
  });

  test("a salt by the cup is in doubt by half of what its makers differ", () => {
    const cups = contextFor({
      ...timed.input,
      preparation: {
        kind: "wetBrine",
        school: "timed",
        strength: { basis: "cups", cups: 1, per: "litre" },
        targetFraction: 0.014,
      },
    });
    const salt = { name: "Flakes", densityLowGPerMl: 0.5, densityHighGPerMl: 0.7, densityGPerMl: 0.5 };
    expect(told("volume_measured_salt", cups, { salt })).toEqual({
      salt: "Flakes",
      doubtPercent: expect.closeTo(20, 9),
    });
    for (const other of [brine, timed, rub])
      expect(fires("volume_measured_salt", other, { salt })).toBe(false);
    expect(
      fires("volume_measured_salt", contextFor({ ...timed.input, preparation: EQUILIBRIUM }), { salt }),
    ).toBe(false);
  });
});

describe("rules that ask for two things are silent with one", () => {
  const PAIRS: [string, RuleContext, Patch, Patch[]][] = [
    [
      "over_acid_fish",
      marinade,
      { mix: { pH: 3 }, input: { pullH: 40 } },
      [
        { mix: { pH: 3 }, input: { pullH: 40 }, food: { group: "pork" } as never },
        { mix: { pH: undefined }, input: { pullH: 40 } },
      ],
    ],
    [
      "acid_not_cooking",
      marinade,
      { input: { servedRaw: true } },
      [{ input: { servedRaw: true }, sheet: { mix: undefined } }],
    ],
    [
      "enzyme_mush",
      marinade,
      { mix: { kind: "enzyme", proteaseG: 1 }, input: { pullH: 500 } },
      [{ mix: { kind: "enzyme", proteaseG: 1 }, input: { pullH: 0.01 } }],
    ],
    [
      "sugar_scorch",
      rub,
      { mix: { sugarFraction: 0.2, scorchC: 160 }, cook: { ovenC: 200, minutes: 60 } },
      [
        { mix: { sugarFraction: 0.2, scorchC: undefined }, cook: { ovenC: 200, minutes: 60 } },
        { mix: { sugarFraction: 0.2, scorchC: 160 }, cook: { ovenC: undefined, minutes: 60 } },
        {
          mix: { sugarFraction: 0.2, scorchC: 160 },
          cook: { ovenC: 200, minutes: 60 },
          sheet: { coat: undefined, snug: undefined },
        },
        { sheet: { mix: undefined }, cook: { ovenC: 200, minutes: 60 } },
      ],
    ],
    [
      "beside_food",
      marinade,
      { sheet: { snug: cover }, vessel: { shape: "rect" } as never },
      [{ sheet: { snug: cover }, vessel: { shape: "bag" } }, { sheet: { snug: undefined } }],
    ],
    [
      "slow_oven",
      rub,
      { cook: { ovenC: 120, stages: undefined }, sheet: { foodG: 2500 } },
      [
        { cook: { ovenC: 120, stages: undefined }, sheet: { foodG: 2500 }, food: { safeMinC: null } },
        { cook: { ovenC: undefined, stages: undefined }, sheet: { foodG: 2500 } },
      ],
    ],
    [
      "may_float",
      brine,
      { vessel: { plate: false }, sheet: { level: { ...(brine.sheet.level ?? fail()), exposedMm: 0.5 } } },
      [
        { vessel: { plate: false }, sheet: { level: { ...(brine.sheet.level ?? fail()), exposedMm: 0.6 } } },
        { vessel: { plate: false }, sheet: { level: undefined } },
        { vessel: { plate: false }, sheet: { brine: undefined } },
      ],
    ],
    [
      "alcohol",
      marinade,
      { facts: { alcoholPerPortionG: 0.051 } },
      [{ facts: { alcoholPerPortionG: 0.05 } }, { facts: { alcoholPerPortionG: 0 } }],
    ],
    [
      "raw_egg_white",
      crust,
      { sheet: { crust: { ...(crust.sheet.crust ?? fail()), eggWhites: 1 } } },
      [{ sheet: { crust: { ...(crust.sheet.crust ?? fail()), eggWhites: 0 } } }],
    ],
    [
      "sharp_fins",
      crust,
      { food: { group: "fish", form: "whole" } },
      [{ food: { group: "pork", form: "whole" } as never }],
    ],
    ["fine_salt_crust", crust, { salt: { gradeSaltCrust: "never" } }, []],
    ["fine_salt_crust", crust, { salt: { gradeSaltCrust: "poor" } }, []],
    [
      "under_min_temp",
      brine,
      { food: { safeMinC: 63 }, cook: { toC: 40 } },
      [{ food: { safeMinC: null }, cook: { toC: 40 } }],
    ],
    [
      "cross_contamination",
      brine,
      { input: { companions: [part("glaze")] } },
      [{ input: { companions: [part("sauce")] } }, { input: { companions: [] } }],
    ],
    [
      "reused_marinade",
      brine,
      { input: { companions: [part("sauce", { leftover: "asIs" })] } },
      [{ input: { companions: [part("sauce")] } }],
    ],
    [
      "boil_leftover",
      brine,
      { input: { companions: [part("sauce", { leftover: "boiled" })] } },
      [{ input: { companions: [part("sauce", { leftover: "asIs" })] } }],
    ],
    [
      "garlic_oil",
      marinade,
      { mix: { fatFraction: 0.5 }, holding: { place: "counter", temperatureC: 3 }, input: { pullH: 3 } },
      [{ mix: { fatFraction: 0.5 }, holding: { temperatureC: (40 - 32) / 1.8 }, input: { pullH: 3 } }],
    ],
  ];
  test.each(PAIRS)("%s", (id, c, both, either) => {
    expect([fires(id, c, both), ...either.map((p) => fires(id, c, p))]).toEqual([
      true,
      ...either.map(() => false),
    ]);
  });

  test("of an avoided word every form is known, and no longer word that only begins so", () => {
    const word = (notes: string) => told("curing_salts", brine, { input: { notes } })?.word;
    for (const said of [
      "nitrite",
      "nitrites",
      "nitrate",
      "Saltpetre",
      "saltpeter",
      "curing salt",
      "curing salts",
      "pink cure",
      "cure #2",
      "cure 1",
      "cure#1",
      "cure2",
    ])
      expect(word(`with ${said} in it`)).toBe(said);
    for (const said of ["a cure of salt and sugar", "cured ham", "secure 2 hooks", "cure 3 days"])
      expect(word(said)).toBeUndefined();
  });
});

describe("too salty as a whole dish", () => {
  const twice = contextFor({ ...brine.input, secondSaltFraction: 0.01 });
  const salty = (shareOfFood: number, targetFraction = 0.014) =>
    told("dish_salty", twice, { ledger: { shareOfFood }, preparation: { targetFraction } });

  test("is said from a tenth over what is wanted, with the line to cut", () => {
    expect(salty(0.014 * 1.1)).toBeUndefined();
    expect(salty(0.014 * 1.0999)).toBeUndefined();
    expect(salty(0.014 * 1.11)).toEqual({
      percent: expect.closeTo(1.554, 9),
      wantedPercent: expect.closeTo(1.4, 9),
      line: expect.stringMatching(/salt/i),
    });
  });

  test("where no salt is wanted nothing is too much", () => {
    expect(salty(0.03, 0)).toBeUndefined();
  });

  test("given salt 15 % short of what is wanted is not yet told, nor is a crust's", () => {
    const short = (c: RuleContext, shareOfFood: number) =>
      fires("below_wanted", c, {
        input: { salt: { mode: "grams", massG: 5 } },
        preparation: { targetFraction: 0.01 },
        ledger: { shareOfFood },
      });
    expect([short(brine, 0.0085), short(brine, 0.008499), short(crust, 0.001)]).toEqual([false, true, false]);
  });
});

describe("a mixture that brings its own salt", () => {
  const hidden = (naclG: number, more: Patch = {}) =>
    told("hidden_salt", marinade, {
      ...more,
      sheet: { flesh: { ...marinade.sheet.flesh, massG: 1000 }, lines: [], ...more.sheet },
      preparation: { targetFraction: 0.01, ...more.preparation },
      mix: { naclG },
    });

  test("is told past a twentieth over what would season the food", () => {
    expect(hidden(10.5)).toBeUndefined();
    expect(hidden(10.6)).toEqual({ hiddenG: 10.6, wantedG: 10 });
  });

  test("not where salt is weighed out as well, nor where none is wanted", () => {
    const [salt] = brine.sheet.lines.filter((l) => l.role === "salt");
    const [other] = marinade.sheet.lines.filter((l) => l.role !== "salt");
    expect(hidden(30, { sheet: { lines: [salt, other] } })).toBeUndefined();
    expect(hidden(30, { sheet: { lines: [other] } })).toBeDefined();
    expect(hidden(30, { preparation: { targetFraction: 0 } })).toBeUndefined();
  });
});

describe("raw egg in what no heat reaches", () => {
  const egg = (kind: Companion["kind"], more: Partial<Companion> = {}) => {
    const companions = [part("sauce"), part(kind, { lines: [line("egg_white", 30)], ...more })];
    return told("raw_egg_served", contextFor({ ...brine.input, companions }));
  };

  test.each<[Companion["kind"], Partial<Companion>, boolean]>([
    ["dressing", {}, true],
    ["drizzle", {}, true],
    ["drizzle", { when: "afterHeat" }, true],
    ["drizzle", { when: "beforeHeat" }, false],
    ["coat", {}, false],
    ["coat", { when: "atTable" }, true],
    ["sauce", {}, false],
    ["glaze", {}, false],
  ])("%s %j: %s", (kind, more, speaks) => {
    const said = egg(kind, more);
    expect(said !== undefined).toBe(speaks);
    if (said) expect(said).toEqual({ what: expect.stringMatching(/egg/i), part: kind });
  });

  test("other things in a dressing are no egg", () => {
    expect(
      told("raw_egg_served", contextFor({ ...brine.input, companions: [part("dressing")] })),
    ).toBeUndefined();
  });
});

describe("vessels that go into the heat", () => {
  const melts = (patch: Patch) => told("vessel_in_oven", crust, patch);

  test("a bag, a cooler, a pail and plastic do not, metal does", () => {
    expect(melts({ vessel: { shape: "bag", material: "steel" as never } })).toMatchObject({
      vessel: "A bag",
    });
    expect(melts({ vessel: { shape: "cooler", material: "steel" as never } })).toMatchObject({
      vessel: "A cooler",
    });
    expect(melts({ vessel: { shape: "pail", material: "steel" as never } })).toMatchObject({
      vessel: "Plastic",
    });
    expect(melts({ vessel: { shape: "tray", material: "food_plastic" } })).toMatchObject({
      vessel: "Plastic",
      ovenC: expect.any(Number),
    });
    expect(melts({ vessel: { shape: "tray", material: "glass" } })).toBeUndefined();
  });

  test("what is lifted out of its brine goes in without it, unless the cook says it stays", () => {
    const inPlastic = { vessel: { shape: "tray", material: "food_plastic" } } as const;
    expect(told("vessel_in_oven", brine, inPlastic)).toBeUndefined();
    expect(told("vessel_in_oven", brine, { ...inPlastic, cook: { inColdDish: true } })).toBeDefined();
  });

  const tray = (lengthMm: number, widthMm: number, shape: Formulation["vessel"]["shape"] = "tray") => ({
    vessel: { shape, lengthMm, widthMm },
    sheet: { crust: { ...(crust.sheet.crust ?? fail()), tray: { lengthMm: 400, widthMm: 200 } as never } },
  });

  test.each<[number, number, boolean]>([
    [400, 200, false],
    [200, 400, false],
    [399, 200, true],
    [400, 199, true],
    [199, 900, true],
    [900, 900, false],
  ])("a crust of 400 × 200 mm in a tray of %d × %d: too small, %s", (lengthMm, widthMm, speaks) => {
    const said = told("tray_too_small", crust, tray(lengthMm, widthMm));
    expect(said !== undefined).toBe(speaks);
    if (said)
      expect(said).toEqual({
        lengthMm: 400,
        widthMm: 200,
        haveLengthMm: Math.max(lengthMm, widthMm),
        haveWidthMm: Math.min(lengthMm, widthMm),
      });
  });

  test("only a tray has so flat a floor, and only a crust asks for it", () => {
    expect(fires("tray_too_small", crust, tray(10, 10, "pail"))).toBe(false);
    expect(fires("tray_too_small", brine, { vessel: { shape: "tray", lengthMm: 10, widthMm: 10 } })).toBe(
      false,
    );
  });

  test("a tray a millimetre short is told with both lengths", () => {
    expect(told("tray_too_short", crust, tray(399, 100))).toEqual({ neededMm: 400, trayMm: 399 });
    expect(fires("tray_too_short", crust, tray(400, 100))).toBe(false);
  });
});

describe("ovens of several stages", () => {
  const stage = (ovenC: number, minutes: number) =>
    ({ kind: "oven", ovenC, minutes, until: "time" }) as never;
  const cooked = (stages: never[], more: Partial<Formulation["cook"]> = {}) =>
    contextFor({ ...rub.input, cook: { ...rub.cook, ...more, stages } as never });

  test("what burns is judged by the hottest, a slow oven by the coolest", () => {
    const c = cooked([stage(220, 20), stage(110, 90)]);
    expect(c.cook.ovenC).toBe(220);
    expect(told("slow_oven", c, { sheet: { foodG: 2500 } })).toMatchObject({ ovenC: 110 });
  });
});

describe("a glaze", () => {
  const glazed = (lastMin: number | undefined, ovenC: number | undefined) =>
    told("glaze_too_early", rub, {
      input: { companions: [part("sauce", { lastMin: 300 }), part("glaze", { lastMin })] },
      cook: { ovenC },
    });

  test("that goes on earlier than sugar stands is told with its window", () => {
    const said = glazed(300, 200) ?? fail();
    const high = said.high as number;
    expect(said).toMatchObject({ lastMin: 300, ovenC: 200 });
    expect(said.low as number).toBeLessThan(high);
    expect([
      glazed(high, 200),
      glazed(high - 1, 200),
      glazed(undefined, 200),
      glazed(300, undefined),
    ]).toEqual([undefined, undefined, undefined, undefined]);
  });
});

test("time at temperature: the part that is furthest from what the table asks is the one told", () => {
  const rare = of("pork_loin_bonein", "rub", { cook: { toC: 58, minutes: 90, restMin: 10, ovenC: 160 } });
  const said = told("time_at_temperature", rare) ?? fail();
  expect(said).toMatchObject({
    endC: 58,
    asked: expect.stringMatching(/min|s/),
    given: expect.stringMatching(/min|s|none|h/),
  });
  expect(said.reached).toMatch(/^, (reached \d+ min after it goes in|which is not enough by it)$/);
  const toEnds = (whole: number, thinEnd: number) => {
    const parts = [{ name: "thin end", toC: thinEnd, share: 0.3, thicknessMm: 30 }];
    const c = of("pork_loin_bonein", "rub", {
      cook: { toC: whole, minutes: 90, restMin: 10, ovenC: 160, parts },
    });
    const times = exitsOf(c.input, c.sheet).flatMap((e) => e.time ?? []);
    const shares = times.map(({ givenMin, askedMin }) => givenMin / askedMin);
    expect(shares).toHaveLength(2);
    return { told: told("time_at_temperature", c)?.endC, worst: times[shares[0] < shares[1] ? 0 : 1].atC };
  };
  const [first, second] = [toEnds(56, 61), toEnds(61, 55)];
  expect([first.told, second.told]).toEqual([first.worst, second.worst]);
});

describe("shorter than cooks count", () => {
  test("is silent of crusts and of parts cooked apart", () => {
    const quick = of("pork_loin_bonein", "rub", { cook: { toC: 63, minutes: 10, restMin: 10, ovenC: 180 } });
    const said = told("shorter_than_practice", quick) ?? fail();
    expect(said).toMatchObject({ minutes: 10, form: expect.any(String) });
    expect(said.trade as number).toBeGreaterThan(10 / 0.8);
    expect(fires("shorter_than_practice", quick, { cook: { apart: true } })).toBe(false);
    expect(fires("shorter_than_practice", quick, { sheet: { crust: crust.sheet.crust } })).toBe(false);
  });
});

describe("parts in one oven", () => {
  const stage = (ovenC: number, minutes: number) => ({ ovenC, minutes, cover: "open" as const });
  const part = (name: string, ovenC: number, minutes: number, restMin = 10) => ({
    name,
    toC: 74,
    thicknessMm: 40,
    stages: [stage(ovenC, minutes)],
    restMin,
  });
  const taken = (parts: ReturnType<typeof part>[], apart = true) =>
    of("chicken_whole", "dry", { cook: { toC: 74, minutes: 60, restMin: 10, ovenC: 180, apart, parts } });
  const heats = (secondC: number) => taken([part("legs", 160, 60), part("breast", secondC, 40)]);

  test.each([
    [169, false],
    [170, false],
    [171, true],
  ])("160 and %d °C at once: %s", (secondC, says) => {
    expect(fires("two_heats_at_once", heats(secondC), {})).toBe(says);
  });

  test("says which, how hot, and for how long both are in it", () => {
    expect(told("two_heats_at_once", heats(220))).toMatchObject({
      first: "legs",
      firstC: 160,
      second: "breast",
      secondC: 220,
      minutes: 40,
    });
  });

  test("one after the other is no clash, nor are parts that stay on the joint", () => {
    const long = [part("legs", 160, 60, 40), part("breast", 220, 30, 10)];
    expect(fires("two_heats_at_once", taken(long), {})).toBe(false);
    expect(
      told("two_heats_at_once", taken([part("legs", 160, 60, 39), part("breast", 220, 30, 10)])),
    ).toMatchObject({
      minutes: 1,
    });
    expect(fires("two_heats_at_once", taken(long, false), {})).toBe(false);
  });
});

describe("a fridge with a measured shelf", () => {
  const shelf = { kitchen: { fridge: { widthMm: 200, depthMm: 200, heightMm: 60 } as never } };
  test("is asked of what stands in it, not of a cooler, nor of what is baked at once", () => {
    expect(fires("fridge_fit", brine, shelf)).toBe(true);
    expect(fires("fridge_fit", brine, { ...shelf, holding: { place: "cooler" } })).toBe(false);
    expect(fires("fridge_fit", crust, shelf)).toBe(false);
    expect(fires("fridge_fit", brine, {})).toBe(false);
  });
});

test("uneven pieces are told lot by lot", () => {
  const uneven = contextFor({ ...brine.input, alongside: [{ count: 2, totalMassG: 200, thicknessMm: 12 }] });
  const said = told("uneven_pieces", uneven) ?? fail();
  expect(said.lots).toBe("4 of 25 mm and 2 of 12 mm");
  expect(said.ratio).toBeCloseTo((25 / 12) ** 2, 9);
});

test("what stops comes first, then what asks for care, then tips; each with its figures", () => {
  const all = findingsFor({
    ...patched(brine, {
      salt: { foodGrade: false, kclFraction: 0.5 },
      vessel: { plate: false, material: "unknown_plastic" },
      food: { flags: ["scombroid"] },
      holding: { temperatureC: 9, covered: false },
      input: { companions: [part("glaze")] },
    }),
  });
  const order = ["stop", "caution", "tip"];
  const ranks = all.map((f) => order.indexOf(f.severity));
  expect(new Set(ranks).size).toBe(3);
  expect(ranks).toEqual([...ranks].sort((a, b) => a - b));
  expect(all.length).toBeLessThan(RULES.length);
  for (const finding of all) expect(finding.data).toBeDefined();
});

test("what a paste of its thickness takes is no rub that falls off", () => {
  expect(
    fires("falls_off", paste, { sheet: { coat: { massG: 80, holdsG: 60, stuckShare: 0.5 } as never } }),
  ).toBe(false);
});
