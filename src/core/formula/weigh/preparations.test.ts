import fc from "fast-check";
import type { Formulation, FormulaLine, Preparation } from "../../formulation";
import { findIngredient } from "../../materials/lookup";
import { practiceFor } from "../../materials/practice";
import { PREPARATION_CHOICES, type PreparationChoice } from "../../preparations";
import { possibleLengthsMm } from "../../vessel/piece-size";
import { endG } from "../account/dish-ledger";
import { outcomeAt } from "../account/outcome";
import { scaled } from "../change/scale";
import { chops, foodIn, worked } from "../formulation.fixture";
import { preparationOffered } from "../offer/defaults";
import { withPreparation } from "../offer/offered";

const of = (foodId: string, choice: PreparationChoice, change: Partial<Formulation> = {}): Formulation =>
  foodIn(foodId, choice, change, 2);

const line = (ingredientId: string, amountG: number, extra: Partial<FormulaLine> = {}): FormulaLine => ({
  ingredientId,
  amountG,
  scalesWith: "foodMass",
  optional: false,
  ...extra,
});
const grams = (f: Formulation, id: string) =>
  worked(f)
    .lines.filter((l) => l.id === id)
    .reduce((sum, l) => sum + l.massG, 0);
const prep = <K extends Preparation["kind"]>(
  f: Formulation,
  change: Partial<Extract<Preparation, { kind: K }>>,
) => ({ ...f, preparation: { ...f.preparation, ...change } }) as Formulation;

describe("marinade", () => {
  const lamb = of("lamb_shoulder_butterflied", "marinade");

  test("equal parts juice and oil, by volume, to so many mL a kilogram", () => {
    const foodKg = lamb.pieces.totalMassG / 1000;
    expect(grams(lamb, "lemon_juice")).toBeCloseTo(100 * foodKg * 1.03, 6);
    expect(grams(lamb, "olive_oil")).toBeCloseTo(100 * foodKg * 0.913, 0);
  });

  test("by hand: salt so that flesh and the watery part end alike; oil takes none", () => {
    const sheet = worked(lamb);
    const { flesh, mix } = sheet;
    const target = lamb.preparation.targetFraction;
    const x = target / (1 - target) / flesh.waterFraction;
    const salt =
      x * (flesh.massG * flesh.waterFraction + (mix?.waterG ?? 0)) - flesh.massG * flesh.nativeSaltFraction;
    expect(sheet.naclG).toBeCloseTo(salt, 6);
    expect(sheet.endFraction).toBeCloseTo(target, 9);
  });

  test("what hides in soy is left out of the salt line", () => {
    const soy = { ...lamb, lines: [...lamb.lines, line("soy_sauce", 20)] };
    const plain = worked(lamb);
    const sheet = worked(soy);
    const hidden = sheet.mix?.naclG ?? 0;
    expect(hidden).toBeGreaterThan(8);
    const more = sheet.naclG - plain.naclG;
    expect(grams(soy, lamb.saltId) * sheet.salt.naclFraction).toBeCloseTo(sheet.naclG - hidden, 6);
    // Soy brings water as well, and that wants its share.
    expect(more).toBeGreaterThan(0);
    expect(more).toBeLessThan(2);
  });

  test("so much soy that no salt is weighed out", () => {
    const sheet = worked({ ...lamb, lines: [...lamb.lines, line("soy_sauce", 200)] });
    expect(sheet.lines.some((l) => l.role === "salt")).toBe(false);
    expect(sheet.naclG).toBeCloseTo(sheet.mix?.naclG ?? NaN, 9);
  });

  test("salt first: the whole dose on the flesh, what the marinade holds stays in it but for a film", () => {
    const first: Formulation = {
      ...prep<"marinade">(lamb, { school: "onFoodFirst" }),
      salt: { mode: "percent", fraction: 0.012 },
    };
    const sheet = worked(first);
    expect(sheet.loadG).toBeCloseTo(0.012 * sheet.flesh.massG, 9);
    const o = outcomeAt(sheet, 20, 8);
    // 0.2 mm over the surface, of all of it.
    const film = (sheet.surfaceDm2 * 0.2 * 10) / (sheet.mix?.volumeMl ?? NaN);
    expect(endG(o.ledger, "vessel")).toBeCloseTo((sheet.mix?.naclG ?? NaN) * (1 - film), 6);
  });

  test("kinds by what is in it: acid, dairy, enzyme, oil", () => {
    const kind = (lines: FormulaLine[]) => worked({ ...lamb, lines }).mix?.kind;
    expect(kind([line("lemon_juice", 100)])).toBe("acid");
    expect(kind([line("buttermilk", 200), line("lemon_juice", 5)])).toBe("dairy");
    expect(kind([line("papaya_green_paste", 15), line("lemon_juice", 50)])).toBe("enzyme");
    expect(kind([line("olive_oil", 100), line("garlic_clove", 5)])).toBe("oil");
  });

  test("the acid window: fish minutes, meat hours, and the reason is said (common practice, no source)", () => {
    const fish = worked(
      of("grey_mullet_whole", "marinade", { pieces: { ...of("grey_mullet_whole", "crust").pieces } }),
    );
    expect(fish.soak.window.pastReason).toBe("acid_limit");
    expect(fish.soak.window.keepLimitH).toBeLessThanOrEqual(1);
    expect(worked(lamb).soak.window.keepLimitH).toBeGreaterThanOrEqual(24);
  });

  test("a bag needs a film, a wide dish much more", () => {
    const { snug } = worked({
      ...lamb,
      vessel: { ...lamb.vessel, shape: "box", lengthMm: 500, widthMm: 350 },
    });
    expect(snug?.bagMl).toBeLessThan((snug?.coverMl ?? 0) / 2);
    const bag = worked(
      prep<"marinade">(
        { ...lamb, vessel: { ...lamb.vessel, shape: "bag", lengthMm: 500 } },
        { amount: { mode: "toCover" } },
      ),
    );
    expect(bag.level?.exposedMm).toBeLessThan(5);
  });

  test("the reserve is made on top: the food's share stays what it was", () => {
    const with20 = { ...lamb, reserve: { share: 0.2, use: "sauce" as const } };
    expect(grams(with20, "lemon_juice")).toBeCloseTo(grams(lamb, "lemon_juice") / 0.8, 6);
    expect(worked(with20).naclG).toBeCloseTo(worked(lamb).naclG, 9);
  });
});

describe("paste", () => {
  const tofu = of("tofu_firm", "paste");

  test("thicker wants more binder, in steps that sum to it", () => {
    const binder = (wanted: "coats" | "clings" | "ridges") => worked(prep<"paste">(tofu, { wanted })).paste;
    const [thin, mid, thick] = [binder("coats"), binder("clings"), binder("ridges")];
    expect(thin?.binderG).toBeLessThan(mid?.binderG ?? 0);
    expect(mid?.binderG).toBeLessThan(thick?.binderG ?? 0);
    expect(mid?.steps.reduce((a, b) => a + b, 0)).toBeCloseTo(mid?.binderG ?? NaN, 9);
  });

  test("by hand: 100 g of juice and 10 g of dry spice to cling: (91.5 − 10) × 0.35 of flour", () => {
    const f = {
      ...tofu,
      lines: [
        line("lemon_juice", 100, { scalesWith: "batch" }),
        line("cumin_ground", 10, { scalesWith: "batch" }),
      ],
    };
    expect(worked(f).paste?.binderG).toBeCloseTo((92 - 10) * 0.35, 6);
  });

  test("roasted flour does a little more; yoghurt lets go half its water", () => {
    const plain = worked(tofu).paste?.binderG ?? 0;
    expect(worked(prep<"paste">(tofu, { roasted: true })).paste?.binderG).toBeCloseTo(plain / 1.08, 9);
    const yoghurt = { ...tofu, lines: [...tofu.lines, line("yoghurt_strained", 80)] };
    const more = (worked(yoghurt).paste?.freeWaterG ?? 0) - (worked(tofu).paste?.freeWaterG ?? 0);
    expect(more).toBeCloseTo(0.08 * tofu.pieces.totalMassG * 0.813 * 0.5, 3);
  });

  test("colour is written down and left out", () => {
    expect(tofu.lines.find((l) => l.ingredientId === "paprika")?.off).toBe(true);
    expect(worked(tofu).lines.some((l) => l.id === "paprika")).toBe(false);
  });
});

describe("rub", () => {
  const ribs = of("beef_short_rib", "rub");

  test("by the kilogram and by the square decimetre say the same amount", () => {
    const { coat, surfaceDm2, foodG } = worked(ribs);
    expect((coat?.perDm2G ?? 0) * surfaceDm2).toBeCloseTo(((coat?.perKgG ?? 0) * foodG) / 1000, 9);
  });

  test("a dry face holds less than a damp one, a damp one less than an oiled one", () => {
    const sticks = (surface: "dry" | "moist" | "oiled") =>
      worked(prep<"rub">(ribs, { surface })).coat?.stuckShare ?? NaN;
    expect(sticks("dry")).toBeLessThan(sticks("moist"));
    expect(sticks("moist")).toBeLessThanOrEqual(sticks("oiled"));
    const dry = worked(prep<"rub">(ribs, { surface: "dry" }));
    const fallen = endG(outcomeAt(dry, 12, 8).ledger, "fallenOff");
    expect(fallen).toBeCloseTo(dry.naclG * (1 - (dry.coat?.stuckShare ?? 1)), 6);
  });

  test("salt-free: nothing is salted, and nothing is claimed to be", () => {
    const free = worked(prep<"rub">(ribs, { targetFraction: 0 }));
    expect(free.lines.some((l) => l.role === "salt")).toBe(false);
    // Spices have a trace of their own.
    expect(free.naclG).toBeLessThan(0.2);
  });

  test("sugar decides when it burns", () => {
    expect(worked(ribs).mix?.scorchC).toBe(190);
    const plain = { ...ribs, lines: [line("pepper_black_ground", 8), line("cumin_ground", 4)] };
    expect(worked(plain).mix?.scorchC).toBe(215);
  });
});

describe("salt crust", () => {
  const mullet = of("grey_mullet_whole", "crust", { saltId: "sea_coarse" });
  const sized = prep<"saltCrust">(mullet, {
    size: { lengthMm: 320, widthMm: 110, heightMm: 55 },
    overMm: 12,
    underMm: 12,
  });

  test("by the grams the cook has: so much is weighed, and the thickness it makes is told", () => {
    const given = {
      ...prep<"saltCrust">(mullet, { saltBy: "given" }),
      salt: { mode: "grams" as const, massG: 2000 },
    };
    const sheet = worked(given);
    expect(sheet.lines.find((l) => l.role === "salt")?.massG).toBeCloseTo(2000, 9);
    expect(sheet.crust?.saltG).toBeCloseTo(2000, 9);
    expect(sheet.crust?.waterG).toBeCloseTo(160, 9);
    // The rule's weight given makes the rule's crust.
    const rule = sheet.crust?.ruleG ?? NaN;
    const byRule = worked({ ...given, salt: { mode: "grams", massG: rule } }).crust;
    expect(byRule?.evenMm).toBeCloseTo(byRule?.ruleEvenMm ?? NaN, 9);
    // Turned to another preparation, its kilograms stay behind.
    expect(withPreparation(given, "dry").salt).toEqual({ mode: "wanted" });
    expect(withPreparation(mullet, "dry").salt).toEqual(mullet.salt);
  });

  test("given or by the rule, it lies as thick over the bed as its weight makes it, and the tray and the act go by that", () => {
    const asked = worked(sized);
    expect(asked.crust?.overMm).toBe(12);
    const weighing = (massG: number) =>
      worked({ ...prep<"saltCrust">(sized, { saltBy: "given" }), salt: { mode: "grams", massG } });
    // As much as 12 mm take is 12 mm; by hand (see below) 893.04 mL a piece of two.
    const same = weighing(asked.crust?.saltG ?? NaN);
    expect(same.crust?.overMm).toBeCloseTo(12, 6);
    expect(same.crust?.tray.widthMm).toBeCloseTo(asked.crust?.tray.widthMm ?? NaN, 6);
    expect(same.crust?.heightMm).toBeCloseTo(55 + 24, 6);
    // 5 mm over 12 under: half-ellipsoids of 165 × 60 × 32.5 and of 165 × 60 × 39.5, less 1013.7 mL of fish.
    const halves = ((2 / 3) * Math.PI * 165 * 60 * (32.5 + 39.5)) / 1000;
    const fish = ((Math.PI / 6) * 320 * 110 * 55) / 1000;
    const thin = weighing(2 * (halves - fish) * asked.salt.densityHighGPerMl);
    expect(thin.crust?.overMm).toBeCloseTo(5, 6);
    expect(thin.crust?.tray.lengthMm).toBeCloseTo((asked.crust?.tray.lengthMm ?? NaN) - 14, 6);
    expect(weighing(10).crust?.overMm).toBeCloseTo(0, 6);
    const rule = worked(prep<"saltCrust">(sized, { saltBy: "rule" })).crust;
    expect(weighing(rule?.saltG ?? NaN).crust?.overMm).toBeCloseTo(rule?.overMm ?? NaN, 9);
  });

  test("bound with what the cook has: so much water and so many whites, whatever the school counts", () => {
    const bound = prep<"saltCrust">(mullet, { school: "eggWhite", bound: { waterG: 120, whites: 4 } });
    const sheet = worked(bound);
    expect(sheet.crust).toMatchObject({ waterG: 120, waterSteps: [120], eggWhites: 4 });
    const grams = (id: string) => sheet.lines.find((l) => l.id === id)?.massG;
    expect([grams("water"), grams("egg_white")]).toEqual([120, 4 * 33]);
    const dry = worked(prep<"saltCrust">(mullet, { school: "eggWhite", bound: { waterG: 0, whites: 3 } }));
    expect(dry.crust).toMatchObject({ waterG: 0, waterSteps: [], eggWhites: 3 });
    // Twice the food, twice of each.
    expect(scaled(bound, 2, "morePieces").preparation).toMatchObject({ bound: { waterG: 240, whites: 8 } });
  });

  test("by hand: half-ellipsoids about 320 × 110 × 55 mm in 12 mm, 893 mL a piece, packed at 1.25 g/mL", () => {
    const { crust, salt } = worked(sized);
    expect(crust?.shellMl).toBeCloseTo(2 * 893.04, 0);
    expect(crust?.saltG).toBeCloseTo(2 * 893.04 * salt.densityHighGPerMl, 0);
    expect(crust?.ruleG).toBeCloseTo(1.6 * mullet.pieces.totalMassG, 9);
  });

  test("the schools: water by steps, egg white two to a cup, two for the lot", () => {
    const by = (school: "water" | "eggWhite" | "sparingEggWhite") =>
      worked(prep<"saltCrust">(sized, { school })).crust;
    expect(by("water")?.eggWhites).toBe(0);
    expect(by("water")?.waterSteps.reduce((a, b) => a + b, 0)).toBeCloseTo(
      0.1 * (by("water")?.saltG ?? 0),
      6,
    );
    const cups = (by("eggWhite")?.saltG ?? 0) / (1.12 * 236.588);
    expect(by("eggWhite")?.eggWhites).toBe(Math.round(2 * cups));
    expect(by("sparingEggWhite")?.eggWhites).toBe(2);
    expect(grams(prep<"saltCrust">(sized, { school: "sparingEggWhite" }), "egg_white")).toBeCloseTo(66, 0);
  });

  test("head and tail out, thinner, fewer: less salt", () => {
    const salt = (change: Partial<Extract<Preparation, { kind: "saltCrust" }>>) =>
      worked(prep<"saltCrust">(sized, change)).crust?.saltG ?? NaN;
    expect(salt({ ends: "out" })).toBeLessThan(salt({}));
    expect(salt({ overMm: 8 })).toBeLessThan(salt({}));
  });

  test("scales on about halve what gets in; both lie within practice (common practice, no source: ± 40 %)", () => {
    const at = (scales: "on" | "off") => {
      const sheet = worked(prep<"saltCrust">(sized, { scales }));
      return outcomeAt(sheet, sheet.bake?.likelyH ?? 1, 4).meanFraction;
    };
    const row = practiceFor(worked(sized).food, "crustWater");
    expect(at("on")).toBeLessThan(0.85 * at("off"));
    for (const scales of ["on", "off"] as const) {
      expect(at(scales) * 100).toBeGreaterThan((row.saltLowPct ?? 0) * 0.6);
      expect(at(scales) * 100).toBeLessThan((row.saltHighPct ?? 9) * 1.4);
    }
  });

  test("a root in its skin too", () => {
    const root = worked(of("celeriac", "crust", { saltId: "sea_coarse" }));
    const mean = outcomeAt(root, root.bake?.likelyH ?? 1, 4).meanFraction * 100;
    const row = practiceFor(root.food, "crustWater");
    expect(mean).toBeGreaterThan((row.saltLowPct ?? 0) * 0.6);
    expect(mean).toBeLessThan((row.saltHighPct ?? 9) * 1.4);
  });

  test("a fish as long as it was measured lies so in its crust, as heavy as it is", () => {
    const usual = worked(mullet).crust?.food;
    const { shape, totalMassG, count, thicknessMm } = mullet.pieces;
    const { max } = possibleLengthsMm(shape, totalMassG / count, thicknessMm);
    const long = worked({ ...mullet, pieces: { ...mullet.pieces, lengthMm: max } }).crust?.food;
    expect(long?.lengthMm).toBe(max);
    const across = (food: typeof usual) => (food?.lengthMm ?? 0) * (food?.widthMm ?? 0);
    expect(across(long)).toBeCloseTo(across(usual), 6);
  });

  test("common practice, no source: 3 lb of fish bakes 40 to 45 min at 400 to 425 °F; the longer rule is taken", () => {
    const f = { ...mullet, pieces: { ...mullet.pieces, count: 1, totalMassG: 3 * 453.59, thicknessMm: 60 } };
    const minutes =
      (worked({ ...f, cook: { toC: 63, minutes: 40, restMin: 5, ovenC: 212 } }).bake?.likelyH ?? 0) * 60;
    expect(minutes).toBeGreaterThan(34);
    expect(minutes).toBeLessThan(46);
  });
});

describe("short cure", () => {
  const cure = of("mackerel_fillet", "cure");

  test("by hand: 6 % of edible weight put on, sugar by the salt; most of it comes off again", () => {
    const sheet = worked(cure);
    expect(sheet.naclG).toBeCloseTo(0.06 * sheet.flesh.massG, 9);
    expect(sheet.lines.find((l) => l.role === "sugar")?.massG).toBeCloseTo(0.5 * sheet.naclG, 9);
    const { ledger } = outcomeAt(sheet, 0.5, 4);
    expect(endG(ledger, "takenOff")).toBeGreaterThan(endG(ledger, "flesh"));
    expect(ledger.eatenG).toBeLessThan(ledger.totalG / 2);
  });

  test("longer is saltier, and goes past it", () => {
    const sheet = worked(cure);
    expect(outcomeAt(sheet, 1, 4).meanFraction).toBeGreaterThan(outcomeAt(sheet, 0.25, 4).meanFraction);
    expect(sheet.soak.window.past.likely).toBeGreaterThan(sheet.soak.window.ready.likely ?? 0);
  });
});

describe("laws that hold for every preparation", () => {
  const CASES: [string, PreparationChoice][] = [
    ["pork_loin_bonein", "equilibrium"],
    ["pork_chop_boneless", "timed"],
    ["duck_leg", "dry"],
    ["lamb_shoulder_butterflied", "marinade"],
    ["tofu_firm", "paste"],
    ["beef_short_rib", "rub"],
    ["grey_mullet_whole", "crust"],
    ["celeriac", "crust"],
    ["mackerel_fillet", "cure"],
  ];
  const soy: FormulaLine[] = [line("soy_sauce", 3), line("miso_white", 4)];

  test.each(CASES)("%s, %s: the ledger's sources and ends sum to the same, at any hour", (foodId, choice) => {
    const base = of(foodId, choice);
    const f: Formulation = {
      ...base,
      lines: [...base.lines, ...soy],
      companions: [{ kind: "butter", name: "", lines: [line("butter_salted", 20)] }],
      ...(choice === "marinade" && { reserve: { share: 0.3, use: "sauce" as const } }),
    };
    const sheet = worked(f);
    const sum = (rows: readonly { naclG: number }[]) => rows.reduce((g, row) => g + row.naclG, 0);
    fc.assert(
      fc.property(fc.double({ min: 0, max: 90, noNaN: true }), (hours) => {
        const { ledger } = outcomeAt(sheet, hours, 4);
        return (
          Math.abs(sum(ledger.sources) - ledger.totalG) < 1e-9 &&
          Math.abs(sum(ledger.ends) - ledger.totalG) < 1e-6 * ledger.totalG &&
          ledger.ends.every((end) => end.naclG > -1e-6 * ledger.totalG)
        );
      }),
      { seed: 101, numRuns: 20 },
    );
  });

  test.each(CASES)(
    "%s, %s: twice the pieces, and each line grows as its law says; times stay",
    (foodId, choice) => {
      const f = of(foodId, choice, { water: { mode: "chosen", massG: 3000 } });
      const twice: Formulation = {
        ...f,
        pieces: { ...f.pieces, count: f.pieces.count * 2, totalMassG: f.pieces.totalMassG * 2 },
        water: { mode: "chosen", massG: 6000 },
      };
      const [one, two] = [worked(f), worked(twice)];
      const sparing = (id: string) => one.lines.find((l) => l.id === id)?.scalesWith === "batch";
      for (const [i, l] of one.lines.entries()) {
        // Chosen water is a fixed amount that the cook doubles; a fixed line would not grow by itself.
        const factor = sparing(l.id) && l.role !== "water" ? 1 : 2;
        const wobble = l.role === "egg" ? 0.2 : 1e-6;
        expect(Math.abs(two.lines[i].massG / l.massG - factor)).toBeLessThan(wobble);
      }
      expect(two.soak.window.ready.likely ?? 999).toBeCloseTo(one.soak.window.ready.likely ?? 999, 3);
    },
  );
});

test("cider in a chosen amount of water comes on top, and its water is water of the bath", () => {
  const cider = chops({ lines: [line("apple_juice", 300, { scalesWith: "bath" as const })] });
  const sheet = worked(cider);
  const water = sheet.lines.find((l) => l.role === "water")?.massG;
  const juice = sheet.lines.find((l) => l.id === "apple_juice")?.massG ?? NaN;
  expect(water).toBe(1000);
  expect(juice).toBeCloseTo(300, 6);
  expect(sheet.waterG).toBeCloseTo(1000 + 300 * (findIngredient("apple_juice")?.waterFraction ?? NaN), 6);
});

test("cider in water to cover: the water line gives way, the bath stays as large", () => {
  const plain = chops({ water: { mode: "toCover" } });
  const cider = { ...plain, lines: [line("apple_juice", 300, { scalesWith: "bath" as const })] };
  const [a, b] = [worked(plain), worked(cider)];
  const juice = b.lines.find((l) => l.id === "apple_juice")?.massG ?? 0;
  const water = (s: typeof a) => s.lines.find((l) => l.role === "water")?.massG ?? NaN;
  // Its dissolved sugar takes room as well, so a little less water stands in the same tub.
  expect(b.liquidMl).toBeCloseTo(a.liquidMl, 6);
  expect(b.waterG).toBeLessThan(a.waterG);
  expect(water(a) - water(b)).toBeCloseTo(
    juice * (findIngredient("apple_juice")?.waterFraction ?? NaN) + (a.waterG - b.waterG),
    6,
  );
});

test("every choice offers a preparation of its own kind that works out", () => {
  for (const choice of PREPARATION_CHOICES) {
    const f = withPreparation(chops(), choice);
    expect(f.preparation.kind).toBe(preparationOffered(choice, 0.014).kind);
    expect(worked(f).lines.length).toBeGreaterThan(0);
  }
});
