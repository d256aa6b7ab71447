import fc from "fast-check";
import type { Formulation } from "../formulation";
import { FOODS } from "../materials/lookup";
import { possibleLengthsMm } from "../vessel/piece-size";
import { endG } from "./account/dish-ledger";
import { outcomeAt, tasteBand } from "./account/outcome";
import { formulate } from "./formulate";
import { chops, timedChops, worked } from "./formulation.fixture";
import { piecesOffered, preparationOffered } from "./offer/defaults";
import { flatIn, refusalOf } from "./weigh/weighed.fixture";

const line = (f: Formulation, role: string) => worked(f).lines.find((l) => l.role === role)?.massG ?? 0;

const timed = (saltFraction: number): Formulation =>
  chops({
    preparation: {
      kind: "wetBrine",
      school: "timed",
      strength: { basis: "percent", saltFraction },
      targetFraction: 0.01,
    },
  });

describe("equilibrium brine, by hand", () => {
  // Boned chop: 95 % edible, 70 % water, 0.132 % own salt; pickling salt is 99.7 % pure.
  const flesh = 950;
  const x = 0.014 / 0.986 / 0.7;

  test("water-phase", () => {
    const sheet = worked(chops());
    expect(sheet.flesh.massG).toBeCloseTo(flesh, 6);
    expect(sheet.naclG).toBeCloseTo(x * (flesh * 0.7 + 1000) - flesh * 0.00132, 6);
    expect(sheet.endFraction).toBeCloseTo(0.014, 10);
    expect(line(chops(), "salt")).toBeCloseTo(sheet.naclG / 0.997, 6);
  });

  test("whole-mass, and each convention knows what the other would weigh", () => {
    const whole = chops({
      preparation: {
        kind: "wetBrine",
        school: "equilibrium",
        convention: "wholeMass",
        targetFraction: 0.014,
      },
    });
    const sheet = worked(whole);
    expect(sheet.naclG).toBeCloseTo(0.014 * (flesh + 1000) - flesh * 0.00132, 6);
    expect(sheet.otherConventionNaclG).toBeCloseTo(worked(chops()).naclG, 9);
    expect(worked(chops()).otherConventionNaclG).toBeCloseTo(sheet.naclG, 9);
  });

  test("sugar goes with the salt, lines with the liquid", () => {
    const f = chops({
      sugarPerSalt: 0.5,
      lines: [{ ingredientId: "juniper", amountG: 2, scalesWith: "bath", optional: false }],
    });
    expect(line(f, "sugar")).toBeCloseTo(worked(f).naclG / 2, 9);
    expect(line(f, "aromatic")).toBeCloseTo(2, 9);
    const half = { ...f, water: { mode: "chosen", massG: 500 } as const };
    expect(line(half, "aromatic")).toBeCloseTo(1, 9);
  });

  test("water to cover stands just over the food, dissolved salt counted", () => {
    const sheet = worked(chops({ water: { mode: "toCover" } }));
    expect(sheet.level?.levelMm).toBeCloseTo(sheet.fit.foodHeightMm + 15, 3);
    expect(sheet.level?.exposedMm).toBe(0);
  });
});

describe("timed brine", () => {
  test("6 % by weight of 1 kg of water is 63.8 g", () => {
    expect(worked(timed(0.06)).naclG).toBeCloseTo(63.83, 2);
  });

  test("a cup to the gallon goes by this salt's own cup", () => {
    const cups: Formulation["preparation"] = {
      kind: "wetBrine",
      school: "timed",
      strength: { basis: "cups", cups: 1, per: "us_gallon" },
      targetFraction: 0.01,
    };
    // Common practice, no source: light flake makes less than half the brine of fine table salt.
    const table = worked(chops({ preparation: cups, saltId: "table_fine" })).brine?.saltFraction ?? 0;
    const flake = worked(chops({ preparation: cups, saltId: "kosher_flake_light" })).brine?.saltFraction ?? 0;
    expect(table * 100).toBeCloseTo(7.1, 0);
    expect(table / flake).toBeGreaterThan(2);
  });

  test("stronger is sooner", () => {
    const ready = (s: number) => worked(timed(s)).soak.window.ready.likely ?? NaN;
    expect(ready(0.08)).toBeLessThan(ready(0.05));
  });
});

describe("trade facts (common practice, no source)", () => {
  const cupToGallon: Formulation["preparation"] = {
    kind: "wetBrine",
    school: "timed",
    strength: { basis: "cups", cups: 1, per: "us_gallon" },
    targetFraction: 0.01,
  };

  test("a large whole bird in a cup-a-gallon brine for 12 to 24 h: seasoned outside, nowhere near too salty", () => {
    const goose = FOODS.find((food) => food.id === "goose_whole");
    if (!goose) throw new Error("food table");
    const bird = chops({
      foodId: goose.id,
      pieces: piecesOffered(goose),
      preparation: cupToGallon,
      saltId: "table_fine",
      water: { mode: "chosen", massG: 8000 },
    });
    for (const hours of [12, 24]) {
      const o = outcomeAt(worked(bird), hours, 8);
      // Past bland (0.5 %) outside after a night, as the custom says.
      expect(o.outerThirdFraction).toBeGreaterThan(0.005);
      expect(o.meanFraction).toBeLessThan(0.02);
      expect(o.centreFraction).toBeLessThan(0.01);
    }
  });

  test("thin fillets in a 6 % brine: 15 to 30 min season them, hours are too much", () => {
    const fish = FOODS.find((food) => food.id === "flatfish_fillet");
    if (!fish) throw new Error("food table");
    const fillets = chops({
      ...timed(0.06),
      foodId: fish.id,
      pieces: piecesOffered(fish, 6),
      water: { mode: "chosen", massG: 3000 },
    });
    const mean = (minutes: number) => outcomeAt(worked(fillets), minutes / 60, 6).meanFraction;
    expect(mean(15)).toBeGreaterThan(0.005);
    expect(mean(30)).toBeLessThan(0.02);
    expect(mean(240)).toBeGreaterThan(0.02);
  });
});

describe("dry brine", () => {
  const dry = chops({
    preparation: preparationOffered("dry", 0.012),
    salt: { mode: "percent", fraction: 0.012 },
    readiness: "outside",
  });

  test("by what is wanted: 950 g that holds 0.132 % wants 10.28 g to end at 1.2 % of the finished flesh", () => {
    const sheet = worked({ ...dry, salt: { mode: "wanted" } });
    // 950 × 0.012 / 0.988 − 950 × 0.00132
    expect(sheet.naclG).toBeCloseTo(11.53846 - 1.254, 4);
    expect(sheet.endFraction).toBeCloseTo(0.012, 9);
  });

  test("1.2 % of 950 g of edible flesh is 11.4 g, and there is no water", () => {
    const sheet = worked(dry);
    expect(sheet.naclG).toBeCloseTo(11.4, 9);
    expect(sheet.lines.map((l) => l.role)).toEqual(["salt"]);
    expect(sheet.endFraction).toBeCloseTo((11.4 + 950 * 0.00132) / (950 + 11.4 + 950 * 0.00132), 9);
  });

  test("trade fact (common practice, no source): overnight a thick joint is seasoned outside, not at the centre", () => {
    const joint = chops({
      ...dry,
      pieces: { ...dry.pieces, count: 1, shape: "cylinder", thicknessMm: 80 },
    });
    const night = outcomeAt(worked(joint), 14, 4);
    expect(endG(night.ledger, "surface")).toBe(0);
    expect(night.outerThirdFraction).toBeGreaterThan(0.012);
    expect(night.centreFraction).toBeLessThan(0.003);
  });
});

describe("where the salt ends", () => {
  const hours = fc.double({ min: 0.2, max: 90, noNaN: true });
  const choice = fc.constantFrom("equilibrium", "timed", "dry");

  test("the ledger sums to what was added and what was there", () => {
    fc.assert(
      fc.property(hours, choice, (h, school) => {
        const sheet = worked(chops({ preparation: preparationOffered(school, 0.014) }));
        const { ledger } = outcomeAt(sheet, h, 4);
        const sum = (rows: readonly { naclG: number }[]) => rows.reduce((g, row) => g + row.naclG, 0);
        return (
          Math.abs(sum(ledger.ends) - ledger.totalG) < 1e-9 &&
          Math.abs(sum(ledger.sources) - ledger.totalG) < 1e-9 &&
          (school !== "dry" || Math.abs(endG(ledger, "vessel")) < 1e-6)
        );
      }),
      { seed: 51, numRuns: 30 },
    );
  });

  test("what left the bath is what the flesh took: the bath's own strength says the same", () => {
    const sheet = worked(timed(0.06));
    const o = outcomeAt(sheet, 10, 4);
    const bathG = (o.moment.bath ?? NaN) * sheet.waterG;
    expect(bathG).toBeCloseTo(endG(o.ledger, "vessel"), 3);
  });

  test("pieces of two sizes share one bath: the ledger sums over both, the thin ones are ready first", () => {
    const f = timed(0.06);
    const mixed = { ...f, alongside: [{ count: 6, totalMassG: 600, thicknessMm: 14 }] };
    const sheet = worked(mixed);
    expect(sheet.flesh.massG).toBeCloseTo(1600 * 0.95, 6);
    const o = outcomeAt(sheet, 12, 4);
    const bathG = (o.moment.bath ?? NaN) * sheet.waterG;
    expect(bathG + endG(o.ledger, "flesh")).toBeCloseTo(o.ledger.totalG, 3);
    expect(o.alongside[0].meanFraction).toBeGreaterThan(o.meanFraction);
    expect(sheet.soak.alongside[0].readyH).toBeLessThan(sheet.soak.window.ready.likely ?? 0);
    // The small pieces take salt that the large ones then do without.
    expect(o.meanFraction).toBeLessThan(outcomeAt(worked(f), 12, 4).meanFraction);
  });

  test("twice the food in twice the water: twice the salt, the same hours", () => {
    const f = chops();
    const twice = chops({
      pieces: { ...f.pieces, count: 8, totalMassG: 2000 },
      water: { mode: "chosen", massG: 2000 },
    });
    expect(worked(twice).naclG).toBeCloseTo(2 * worked(f).naclG, 9);
    expect(worked(twice).soak.window.ready.likely).toBeCloseTo(worked(f).soak.window.ready.likely ?? NaN, 9);
  });
});

test("as long as it was measured: a block's ends are nearer or farther, and a rub has more face to stick to", () => {
  const block = (lengthMm?: number) =>
    worked(chops({ pieces: { ...chops().pieces, shape: "block", thicknessMm: 30, lengthMm } }));
  const usual = block();
  const long = block(usual.pieceSize.lengthMm * 1.3);
  expect(long.pieceSize.widthMm).toBeCloseTo(usual.pieceSize.widthMm / 1.3, 9);
  expect(long.surfaceDm2).not.toBeCloseTo(usual.surfaceDm2, 3);
  const ready = (sheet: typeof usual) => sheet.soak.window.ready.likely ?? NaN;
  // Narrower, salt has a shorter way in from the sides.
  expect(ready(long)).toBeLessThan(ready(usual) * 0.99);
  expect(ready(block(usual.pieceSize.lengthMm))).toBeCloseTo(ready(usual), 9);
});

describe("refusals", () => {
  test("a 400 mm chop", () => {
    const f = chops();
    const result = formulate({ ...f, pieces: { ...f.pieces, thicknessMm: 400 } });
    expect(result).toMatchObject({ ok: false, error: { code: "thickness_implausible" } });
  });

  test("a length is taken up to where the piece would be narrower than it is thick, and not over it", () => {
    const f = chops();
    const of = (lengthMm: number) => formulate({ ...f, pieces: { ...f.pieces, lengthMm } });
    const { min, max } = possibleLengthsMm(f.pieces.shape, 250, f.pieces.thicknessMm);
    for (const possible of [min, max, max - 1]) expect(of(possible).ok).toBe(true);
    for (const lengthMm of [min - 0.1, max + 0.1])
      expect(of(lengthMm)).toMatchObject({
        ok: false,
        error: { code: "length_implausible", minMm: min, maxMm: max },
      });
  });

  test("food that already holds more salt than wanted", () => {
    const f = chops();
    const enhanced = { solutionFraction: 0.12, sodiumMgPer100g: 700 };
    const result = formulate({ ...f, pieces: { ...f.pieces, enhanced } });
    expect(result).toMatchObject({ ok: false, error: { code: "already_salty" } });
  });

  test.each([
    [{ foodId: "unicorn" }, "unknown_food"],
    [{ saltId: "moon_dust" }, "unknown_salt"],
    [{ saltId: "kcl_pure" }, "salt_without_nacl"],
  ])("%j", (change, code) => {
    expect(formulate(chops(change))).toMatchObject({ ok: false, error: { code } });
  });
});

test("every food of the table, as offered, in every school, gives finite figures", () => {
  for (const food of FOODS) {
    for (const school of ["equilibrium", "timed", "dry"] as const) {
      const result = formulate(
        chops({
          foodId: food.id,
          pieces: piecesOffered(food, 3),
          preparation: preparationOffered(school, 0.03),
        }),
      );
      if (!result.ok) {
        // Some cheeses hold more than 3 % already: a reason, not a figure.
        expect(result.error.code).toBe("already_salty");
        continue;
      }
      const o = outcomeAt(result.value, 24, 3);
      const figures = [result.value.naclG, o.meanFraction, o.centreFraction, o.ledger.sodiumMgPerPortion];
      expect(figures.every((figure) => Number.isFinite(figure) && figure >= -1e-12)).toBe(true);
    }
  }
});

test.each([
  [0.004, "bland"],
  [0.01, "light"],
  [0.014, "seasoned"],
  [0.018, "firmly seasoned"],
  [0.022, "ham-like"],
  [0.03, "too salty for most"],
])("%d tastes %s (common practice, no source)", (fraction, name) => {
  expect(tasteBand(fraction)).toBe(name);
});

describe("what is told of the whole", () => {
  test("a liquid stands so high in its vessel; what is dry has no level", () => {
    expect(worked(chops()).level).toBeDefined();
    expect(worked(flatIn("dry")).level).toBeUndefined();
  });

  test("what lay on the food is eaten where a part asks for it, whichever part that is", () => {
    const sauce = { kind: "sauce" as const, name: "", lines: [] };
    const eaten = (...companions: NonNullable<Formulation["companions"]>) =>
      worked(flatIn("marinade", {}, { companions })).leftoverEaten;
    expect(eaten(sauce, { ...sauce, leftover: "boiled" })).toBe(true);
    expect(eaten(sauce)).toBe(false);
    expect(worked(flatIn("marinade", {}, { companions: undefined })).leftoverEaten).toBe(false);
  });

  test("pieces alongside add their own face, and take their room", () => {
    const flat = { ...chops().pieces, shape: "slab" as const };
    const two = worked(chops({ pieces: flat, alongside: [{ count: 2, totalMassG: 500, thicknessMm: 25 }] }));
    const alone = worked(chops({ pieces: flat }));
    // Two pieces of 250 g are as the four of the main lot.
    expect(two.surfaceDm2).toBeCloseTo(1.5 * alone.surfaceDm2, 9);
    expect(alone).not.toHaveProperty("rinseMin");
    expect(worked(timedChops(0.06, { rinse: { minutes: 20 } })).rinseMin).toBe(20);
  });

  test("a piece longer than it can be is refused before anything is worked out", () => {
    expect(refusalOf(chops({ pieces: { ...chops().pieces, lengthMm: 4000 } }))).toBeDefined();
  });
});
