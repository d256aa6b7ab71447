import fc from "fast-check";
import type { Formulation, FormulaLine } from "../formulation";
import { findFood, findIngredient, INGREDIENTS } from "../materials/lookup";
import { pantryOf } from "../materials/pantry";
import { programOf } from "../program/program";
import { cutsFor } from "./account/advice";
import { withChilliHeat } from "./account/chilli-heat";
import { dishFacts, HEATS } from "./account/dish-facts";
import { endG } from "./account/dish-ledger";
import { outcomeAt } from "./account/outcome";
import { boughtOf, buyFor, portionsFrom, servingG } from "./change/buy";
import { scaled, scalePreview } from "./change/scale";
import { substituted, substitutesFor } from "./change/substitute";
import { chops, worked } from "./formulation.fixture";
import { piecesOffered } from "./offer/defaults";
import { withPreparation } from "./offer/offered";
import { withOwn } from "./offer/with-own";
import { splitProposed } from "./soak/uneven";
import { bedBatches } from "./weigh/companions";
import { equalSpoons } from "./weigh/equal-spoons";
import { citricPerG } from "./weigh/mix";

const line = (ingredientId: string, amountG: number, extra: Partial<FormulaLine> = {}): FormulaLine => ({
  ingredientId,
  amountG,
  scalesWith: "foodMass",
  optional: false,
  ...extra,
});
const need = <T>(found: T | undefined): T => {
  if (found === undefined) throw new Error("not in the table");
  return found;
};
const ingredient = (id: string) => need(findIngredient(id));
const foodOf = (id: string) => need(findFood(id));

describe("swaps carry what they are there for", () => {
  test("another souring powder keeps the acid", () => {
    const from = ingredient("mango_powder");
    const sumac = need(substitutesFor(from, INGREDIENTS).find((s) => s.ingredient.id === "sumac"));
    expect(sumac.ratio * citricPerG(ingredient("sumac"))).toBeCloseTo(citricPerG(from), 12);
  });

  test("dried for fresh: a third by the spoon (common practice, no source)", () => {
    const [first] = substitutesFor(ingredient("thyme"), INGREDIENTS);
    const bySpoon = (id: string) => need(ingredient(id).densityGPerMl ?? undefined);
    expect(first.ingredient.id).toBe("thyme_dried");
    expect(first.ratio).toBeCloseTo(bySpoon("thyme_dried") / bySpoon("thyme") / 3, 12);
  });

  test("there and back again weighs the same, whatever the pair", () => {
    const swappable = INGREDIENTS.filter((i) => substitutesFor(i, INGREDIENTS).length > 0);
    expect(swappable.length).toBeGreaterThan(80);
    fc.assert(
      fc.property(fc.constantFrom(...swappable), fc.nat(50), (from, pick) => {
        const offers = substitutesFor(from, INGREDIENTS);
        const there = offers[pick % offers.length];
        const back = substitutesFor(there.ingredient, INGREDIENTS).find((s) => s.ingredient.id === from.id);
        return !back || Math.abs(there.ratio * back.ratio - 1) < 1e-9;
      }),
      { seed: 111 },
    );
  });

  test("any oil for any oil, gram for gram; allergens gained and lost are named", () => {
    const toSesame = need(
      substitutesFor(ingredient("olive_oil"), INGREDIENTS).find(
        (s) => s.ingredient.id === "sesame_oil_toasted",
      ),
    );
    expect(toSesame.ratio).toBe(1);
    expect(toSesame.allergensGained).toEqual(["sesame"]);
    const swapped = substituted({ ...line("olive_oil", 40), parts: 2 }, ingredient("olive_oil"), toSesame);
    expect(swapped).toMatchObject({ ingredientId: "sesame_oil_toasted", amountG: 40 });
    expect(swapped.parts).toBeCloseTo((2 * 0.913) / 0.92, 1);
  });
});

describe("buying", () => {
  test("common practice, no source: bone-in bird 1 lb a head light, 1½ hearty", () => {
    const bird = foodOf("duck_whole");
    expect(servingG(bird, "light")).toBeCloseTo(450, -1);
    expect(servingG(bird, "hearty")).toBeGreaterThan(650);
  });

  test("bone, trim and what is eaten sum to what was bought; portions come back", () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 1, max: 60 }),
        fc.constantFrom("duck_leg", "lamb_leg_bonein", "celeriac"),
        (n, id) => {
          const food = foodOf(id);
          const buy = buyFor(food, n, "usual");
          const sum = buy.boneG + buy.trimG + buy.edibleG;
          return Math.abs(sum - buy.rawG) < 1e-6 && portionsFrom(food, buy.rawG, "usual") === n;
        },
      ),
      { seed: 112 },
    );
    expect(boughtOf(foodOf("duck_leg"), 1000).edibleG).toBeCloseTo(660, 0);
  });
});

describe("more food", () => {
  const f = withPreparation(chops({ water: { mode: "chosen", massG: 1000 } }), "rub");

  test("larger pieces: thickness with the cube root, time with its square, surface lines slower than mass", () => {
    const surface = { ...f, lines: [line("paprika", 2, { scalesWith: "surface" }), line("cumin_ground", 2)] };
    const preview = need(scalePreview(surface, 8, "largerPieces"));
    const grown = Object.fromEntries(preview.lines.map((l) => [l.id.split("-")[1], l.afterG / l.beforeG]));
    expect(grown.cumin_ground).toBeCloseTo(8, 6);
    expect(grown.paprika).toBeCloseTo(4, 1);
    expect(scaled(f, 8, "largerPieces").pieces.thicknessMm).toBeCloseTo(50, 9);
  });

  test("a length that was measured grows with its piece, and stays where there are more of them", () => {
    const long = { ...f, pieces: { ...f.pieces, lengthMm: 200 } };
    expect(scaled(long, 8, "largerPieces").pieces.lengthMm).toBeCloseTo(400, 9);
    expect(scaled(long, 3, "morePieces").pieces.lengthMm).toBe(200);
    expect(scaled(f, 8, "largerPieces").pieces).not.toHaveProperty("lengthMm");
    for (const factor of [0.1, 20])
      expect(worked(scaled(long, factor, "largerPieces")).pieceSize).toBeTruthy();
  });

  test("more pieces keep their time", () => {
    const brine = chops();
    const preview = need(scalePreview(brine, 2, "morePieces"));
    expect(preview.readyAfterH ?? 0).toBeCloseTo(preview.readyBeforeH ?? NaN, 3);
    expect(scaled(brine, 2, "morePieces").portions).toBe(8);
  });

  test("a vessel that no longer holds it is said", () => {
    expect(need(scalePreview(chops(), 10, "morePieces")).overflowMl).toBeGreaterThan(0);
  });
});

describe("uneven pieces", () => {
  test("alike enough share one time; twice as thick must not", () => {
    const other = (thicknessMm: number, totalMassG: number) =>
      chops({ alongside: [{ count: 2, totalMassG, thicknessMm }] });
    expect(splitProposed(other(23, 450), worked(other(23, 450)))).toBeUndefined();
    const uneven = other(15, 300);
    const split = need(splitProposed(uneven, worked(uneven)));
    expect(split.timesRatio).toBeCloseTo((25 / 15) ** 2, 9);
    expect(split.lots).toHaveLength(2);
  });

  test("a whole bird: breast and leg apart", () => {
    const food = foodOf("goose_whole");
    const f = chops({ foodId: food.id, pieces: piecesOffered(food, 1) });
    expect(need(splitProposed(f, worked(f))).kind).toBe("bird");
  });
});

describe("before you start", () => {
  const checks = (f: Formulation) => programOf(f, worked(f)).steps;
  const ids = (f: Formulation) => checks(f).map((step) => step.id);

  test("a whole fish for a crust: look at it, fins off, scales on", () => {
    const food = foodOf("grey_mullet_whole");
    const f = withPreparation(chops({ foodId: food.id, pieces: piecesOffered(food, 1) }), "crust");
    expect(ids(f)).toEqual(
      expect.arrayContaining(["check_inspect_fish", "check_fins", "check_scales_on", "check_dry"]),
    );
    const scaledFish = { ...f, preparation: { ...f.preparation, scales: "off" } } as Formulation;
    expect(ids(scaledFish)).toContain("check_scale");
  });

  test("duck: read the label, do not rinse; frozen: how long it thaws", () => {
    const food = foodOf("duck_leg");
    const f = chops({ foodId: food.id, pieces: { ...piecesOffered(food, 4), thaw: "coldWater" } });
    expect(ids(f)).toEqual(expect.arrayContaining(["check_inspect_bird", "check_label", "thaw"]));
    expect(need(checks(f).find((s) => s.id === "check_dry")).title).toContain("do not rinse it");
    const thaw = need(checks(f).find((s) => s.id === "thaw"));
    expect(thaw.minutes.likely).toBeCloseTo((food.pieceMassG / 453.59237) * 30, 6);
  });
});

describe("what is in the dish", () => {
  const f = withPreparation(chops(), "marinade");
  const wine = {
    ...f,
    lines: [...f.lines, line("wine_white_dry", 100), line("miso_barley", 10), line("cayenne", 1)],
  };

  test("allergens of every line and of the food; alcohol and honey", () => {
    const facts = dishFacts(wine, worked(wine));
    expect(facts.allergens).toEqual(expect.arrayContaining(["sulphites", "soybeans"]));
    expect(facts.alcoholPerPortionG).toBeCloseTo((100 * 0.098) / 4, 6);
    expect(facts.honey).toBe(true);
  });

  test("the dial turns every chilli by one factor, and comes out where it says", () => {
    for (const wanted of [5, 25, 75, 220]) {
      const turned = withChilliHeat(wine, worked(wine), wanted);
      expect(dishFacts(turned, worked(turned)).heatUnits).toBeCloseTo(wanted, 6);
    }
    expect(withChilliHeat(f, worked(f), 100)).toBe(f);
    expect(HEATS.map((h) => h.upTo)).toEqual([...HEATS.map((h) => h.upTo)].sort((a, b) => a - b));
  });
});

describe("over the wanted salt, the ledger says what to cut", () => {
  const f = chops({
    companions: [
      { kind: "butter", name: "", lines: [line("butter_salted", 60)] },
      { kind: "sauce", name: "", lines: [line("soy_sauce", 25, { optional: true })] },
    ],
    pullH: 40,
  });

  test("the unsalted twin first, then the optional line; taking the advice mends it", () => {
    const outcome = outcomeAt(worked(f), 40, 4);
    const { ledger } = outcome;
    const cuts = cutsFor(f, worked(f), outcome, 0.014);
    expect(cuts.map((c) => c.source.id)).toEqual(["butter:butter_salted", "sauce:soy_sauce"]);
    expect(cuts[0].kind).toBe("swap");
    const without = { ...f, companions: f.companions?.slice(0, 1) };
    const after = outcomeAt(worked(without), 40, 4).ledger;
    const soyG = need(ledger.sources.find((s) => s.id === "sauce:soy_sauce")).naclG;
    expect(ledger.eatenG - after.eatenG).toBeCloseTo(soyG, 6);
  });

  test("within the target nothing is proposed", () => {
    const plain = outcomeAt(worked(chops()), 20, 4);
    expect(cutsFor(chops(), worked(chops()), plain, 0.014)).toEqual([]);
  });
});

test("a bed goes in by its baking times, so that all is done with the food", () => {
  const bed = {
    kind: "bed" as const,
    name: "",
    lines: [
      { ...line("carrot", 100), bakeMin: 20 },
      { ...line("fennel_bulb", 100), bakeMin: 7 },
      { ...line("onion", 100), bakeMin: 40 },
      { ...line("leek", 100), bakeMin: 20, off: true },
    ],
  };
  expect(bedBatches(bed, 25)).toEqual([
    { bakeMin: 40, ingredientIds: ["onion"], inAtMin: -15 },
    { bakeMin: 20, ingredientIds: ["carrot"], inAtMin: 5 },
    { bakeMin: 7, ingredientIds: ["fennel_bulb"], inAtMin: 18 },
  ]);
});

describe("equal spoons of each spice (common practice, no source)", () => {
  const lines = [
    line("cumin_ground", 5),
    line("turmeric_ground", 1),
    line("paprika", 3),
    line("garlic_clove", 9),
  ];

  test("one volume each, the same weight in all; what is not spooned stays", () => {
    const even = equalSpoons(lines, pantryOf());
    const volumes = even
      .slice(0, 3)
      .map((l) => l.amountG / need(ingredient(l.ingredientId).densityGPerMl ?? undefined));
    expect(volumes[1]).toBeCloseTo(volumes[0], 12);
    expect(volumes[2]).toBeCloseTo(volumes[0], 12);
    expect(even.slice(0, 3).reduce((sum, l) => sum + l.amountG, 0)).toBeCloseTo(9, 12);
    expect(even[3]).toBe(lines[3]);
  });

  test("one spice alone has nothing to be equal to", () => {
    expect(equalSpoons(lines.slice(2), pantryOf())).toEqual(lines.slice(2));
  });
});

test("salting once more at the stove is in the ledger, on the surface, and eaten", () => {
  const once = chops();
  const twice = chops({ secondSaltFraction: 0.003 });
  const [a, b] = [once, twice].map((f) => outcomeAt(worked(f), 20, 4).ledger);
  const moreG = 0.003 * worked(once).flesh.massG;
  expect(endG(b, "surface") - endG(a, "surface")).toBeCloseTo(moreG, 9);
  expect(b.eatenG - a.eatenG).toBeCloseTo(moreG, 9);
  expect(worked(twice).naclG).toBeCloseTo(worked(once).naclG, 12);
});

describe("a kitchen's own entries go with the formula", () => {
  const heavy = { ...need(worked(chops()).salt), densityGPerMl: 2 };

  test("only those it names; the kitchen's newest goes before what was brought", () => {
    const own = { salts: [heavy], ingredients: [{ ...ingredient("thyme"), saltFraction: 0.5 }] };
    const f = withOwn(chops(), own);
    expect(f.own).toEqual({ salts: [heavy] });
    expect(worked(f).lines.find((l) => l.role === "salt")?.densityGPerMl).toBe(2);
    expect(withOwn(f, { salts: [{ ...heavy, densityGPerMl: 1.5 }] }).own?.salts?.[0].densityGPerMl).toBe(1.5);
    expect(withOwn(f, {}).own?.salts).toEqual([heavy]);
  });

  test("a formula that names none carries none", () => {
    expect(withOwn(chops(), { salts: [{ ...heavy, id: "another" }] })).not.toHaveProperty("own");
  });
});
