import fc from "fast-check";
import type { Formulation, FormulaLine, SaltGiven } from "../../formulation";
import { accepted } from "../../journal/next-time";
import { findFood, findIngredient, findSalt } from "../../materials/lookup";
import { PREPARATION_CHOICES } from "../../preparations";
import { scaled } from "../change/scale";
import { formulate } from "../formulate";
import { chops, worked } from "../formulation.fixture";
import { formulations } from "../formulations.fixture";
import { newFormulation, piecesOffered } from "../offer/defaults";
import { withPreparation } from "../offer/offered";
import { chillOf } from "../weigh/chill-brine";
import { cutsFor } from "./advice";
import { endG } from "./dish-ledger";
import { outcomeAt } from "./outcome";

const line = (ingredientId: string, amountG: number, extra: Partial<FormulaLine> = {}): FormulaLine => ({
  ingredientId,
  amountG,
  scalesWith: "foodMass",
  optional: false,
  ...extra,
});

function dish(foodId: string, choice: (typeof PREPARATION_CHOICES)[number], part: Partial<Formulation> = {}) {
  const food = findFood(foodId);
  if (!food) throw new Error(foodId);
  return { ...withPreparation({ ...newFormulation(food), pieces: piecesOffered(food, 2) }, choice), ...part };
}

const ledgerOf = (f: Formulation, hours = f.pullH) => outcomeAt(worked(f), hours, f.portions).ledger;
const sodium = (id: string) => findSalt(id)?.naclFraction ?? NaN;

describe("salt as the cook gives it, kept to the gram in every preparation", () => {
  const WAYS: [string, SaltGiven, (fleshG: number) => number][] = [
    ["8.4 g", { mode: "grams", massG: 8.4 }, () => 8.4],
    ["0.9 % of the meat", { mode: "percent", fraction: 0.009 }, (m) => (0.009 * m) / sodium("sea_fine")],
    [
      "2 level US teaspoons",
      { mode: "measure", volumeMl: 9.857843 },
      () => 9.857843 * (findSalt("sea_fine")?.densityGPerMl ?? NaN),
    ],
    ["a pinch", { mode: "pinch", count: 1, eachG: 0.35 }, () => 0.35],
  ];
  const KINDS = PREPARATION_CHOICES.filter((c) => c !== "crust");
  test.each(
    KINDS.flatMap((choice) => WAYS.map(([name, salt, massG]) => [choice, name, salt, massG] as const)),
  )("%s: %s", (choice, _, salt, massG) => {
    const f = dish("goat_leg", choice, { salt });
    const sheet = worked(f);
    expect(sheet.lines.find((l) => l.role === "salt")?.massG).toBeCloseTo(massG(sheet.flesh.massG), 6);
    // Whatever it is, it works out: how far under is for the cook to judge.
    expect(ledgerOf(f).shareOfFood).toBeGreaterThan(0);
  });

  test.each(KINDS)("%s: none at all is a formula too", (choice) => {
    const sheet = worked(
      dish("beetroot", choice, { salt: { mode: "none" }, lines: [line("olive_oil", 30)] }),
    );
    expect(sheet.naclG).toBeLessThan(0.05);
  });

  test("a pinch on beetroot with oil (900 g): all is worked out, far below what is wanted", () => {
    const f = dish("beetroot", "marinade", {
      pieces: { ...piecesOffered(findFood("beetroot") ?? fail(), 4), totalMassG: 900 },
      lines: [line("olive_oil", 40)],
      salt: { mode: "pinch", count: 1, eachG: 0.35 },
    });
    const sheet = worked(f);
    expect(sheet.lines.find((l) => l.role === "salt")?.massG).toBeCloseTo(0.35, 9);
    expect(sheet.endFraction).toBeLessThan(0.3 * f.preparation.targetFraction);
  });
});

function fail(): never {
  throw new Error("table");
}

describe("one basis: the finished flesh, its own salt counted", () => {
  test.each(["dry", "rub", "equilibrium", "marinade", "paste"] as const)(
    "%s: asked for 1.4 %%, the flesh would end at 1.4 %%",
    (choice) => {
      const f = dish("goat_leg", choice, {
        lines:
          choice === "marinade"
            ? [line("lemon_juice", 100)]
            : choice === "paste"
              ? [line("yoghurt_strained", 80)]
              : [],
      });
      const sheet = worked({ ...f, preparation: { ...f.preparation, targetFraction: 0.014 } });
      expect(sheet.endFraction).toBeCloseTo(0.014, 6);
    },
  );

  test("by hand: 1000 g of salt-free flesh with 10 g of salt all in it is 10 / 1010", () => {
    const f = chops({
      preparation: { kind: "dryBrine", targetFraction: 0.012, salted: "allFaces" },
      salt: { mode: "percent", fraction: 0.01 },
      pullH: 90,
    });
    const { ledger } = outcomeAt(worked(f), 90, 4);
    expect(ledger.shareOfFood).toBeCloseTo(ledger.eatenG / (950 + ledger.eatenG), 9);
  });
});

describe("where a line goes decides what becomes of its salt", () => {
  const rub = (where: FormulaLine["where"]) =>
    dish("duck_whole", "rub", { lines: [line("paprika", 5), line("soy_sauce", 40, where ? { where } : {})] });
  const soyG = (f: Formulation) => worked(f).lines.find((l) => l.id === "soy_sauce")?.naclG ?? NaN;

  test("in the cavity: eaten with the food, no part of what must stick", () => {
    const f = rub("cavity");
    expect(worked(f).coat?.massG).toBeLessThan(worked(rub(undefined)).coat?.massG ?? 0);
    expect(endG(ledgerOf(f), "inside")).toBeCloseTo(soyG(f), 9);
    expect(worked(f).coat?.stuckShare).toBe(
      worked(dish("duck_whole", "rub", { lines: [line("paprika", 5)] })).coat?.stuckShare,
    );
  });

  test.each(["tray", "overUnder"] as const)("%s: left there", (where) => {
    const f = rub(where);
    const { ends } = ledgerOf(f);
    expect(ends.find((e) => e.id === "left")).toMatchObject({
      naclG: expect.closeTo(soyG(f), 9) as number,
      eaten: false,
    });
  });

  test("under the skin it lies on the flesh", () => {
    expect(worked(rub("underSkin")).naclG).toBeCloseTo(worked(rub(undefined)).naclG, 9);
  });

  test("salt on a skin that is taken off is not eaten", () => {
    const f = dish("duck_whole", "dry", { pullH: 2 });
    const [on, off] = [ledgerOf(f), ledgerOf({ ...f, skinOff: true })];
    expect(endG(off, "skin")).toBeCloseTo(endG(on, "surface"), 9);
    expect(on.eatenG - off.eatenG).toBeCloseTo(endG(on, "surface"), 9);
  });

  test("a pinch of the crust's own salt over the served fish is eaten", () => {
    const f = dish("grey_mullet_whole", "crust", {
      companions: [
        {
          kind: "salting",
          name: "",
          when: "atTable",
          lines: [line("sea_coarse", 1, { scalesWith: "batch" })],
        },
      ],
    });
    expect(endG(ledgerOf(f), "surface")).toBeCloseTo(sodium("sea_coarse"), 9);
  });
});

test("three saltings: 8 g on the fish, what the soy in its oil paste holds, 2 g at the table; without the soy exactly that less", () => {
  const food = findFood("mackerel_fillet") ?? fail();
  const f: Formulation = {
    ...dish("mackerel_fillet", "paste"),
    pieces: { ...piecesOffered(food, 8), totalMassG: 800 },
    preparation: {
      kind: "paste",
      targetFraction: 0.012,
      school: "onFoodFirst",
      binderId: "none",
      roasted: false,
      wanted: "clings",
    },
    salt: { mode: "grams", massG: 8 },
    lines: [
      line("sunflower_oil", 30, { scalesWith: "batch" }),
      line("soy_sauce", 15, { scalesWith: "batch" }),
    ],
    companions: [
      {
        kind: "salting",
        name: "",
        when: "atTable",
        lines: [line("flaky_finishing", 2, { scalesWith: "batch" })],
      },
    ],
    pullH: 1,
  };
  const soy = 15 * (findIngredient("soy_sauce")?.saltFraction ?? NaN);
  const own = worked(f).flesh.massG * worked(f).flesh.nativeSaltFraction;
  const with_ = ledgerOf(f);
  const oil = 30 * (findIngredient("sunflower_oil")?.saltFraction ?? NaN);
  expect(with_.totalG).toBeCloseTo(
    8 * sodium("sea_fine") + soy + oil + 2 * sodium("flaky_finishing") + own,
    6,
  );
  const without = ledgerOf({ ...f, lines: f.lines.slice(0, 1) });
  expect(with_.eatenG - without.eatenG).toBeCloseTo(soy, 6);
});

test("no time: what is poured over stays with the dish, a rub's salt too", () => {
  for (const choice of ["rub", "marinade", "paste", "dry"] as const) {
    const ledger = ledgerOf(dish("tofu_firm", choice, { pullH: 0 }));
    const lost = endG(ledger, "fallenOff");
    expect(ledger.eatenG).toBeCloseTo(ledger.totalG - lost, 9);
    expect(ledger.eatenG).toBeGreaterThan(0.8 * ledger.totalG);
  }
});

test("every gram is somewhere: sources and ends sum to the same, of any formula at any hour", () =>
  fc.assert(
    fc.property(formulations, fc.double({ min: 0, max: 96, noNaN: true }), (f, hours) => {
      const sheet = formulate(f);
      if (!sheet.ok) return;
      const { ledger } = outcomeAt(sheet.value, hours, f.portions);
      const ends = ledger.ends.reduce((sum, e) => sum + e.naclG, 0);
      expect(ends).toBeCloseTo(ledger.totalG, 4 - Math.ceil(Math.log10(Math.max(1, ledger.totalG))));
      expect(Math.min(...ledger.ends.map((e) => e.naclG))).toBeGreaterThan(-1e-4 * ledger.totalG);
    }),
    { seed: 31, numRuns: 80 },
  ));

describe("figures change smoothly", () => {
  type Nudge = (f: Formulation, by: number) => Formulation;
  const NUDGES: Record<string, Nudge> = {
    target: (f, by) => ({
      ...f,
      preparation: { ...f.preparation, targetFraction: f.preparation.targetFraction * by },
    }),
    "all the food": (f, by) => ({ ...f, pieces: { ...f.pieces, totalMassG: f.pieces.totalMassG * by } }),
    thickness: (f, by) => ({ ...f, pieces: { ...f.pieces, thicknessMm: f.pieces.thicknessMm * by } }),
    hours: (f, by) => ({ ...f, pullH: f.pullH * by }),
    "a line": (f, by) => ({
      ...f,
      lines: f.lines.map((l, i) => (i === 0 ? { ...l, amountG: l.amountG * by } : l)),
    }),
    "the given salt": (f, by) =>
      f.salt?.mode === "grams" ? { ...f, salt: { mode: "grams", massG: f.salt.massG * by } } : f,
  };
  const figuresOf = (f: Formulation) => {
    const sheet = formulate(f, { readAtH: [Math.max(f.pullH, 0.02)] });
    if (!sheet.ok) return [];
    const { ledger } = outcomeAt(sheet.value, f.pullH, f.portions);
    return [ledger.eatenG, ledger.sodiumMgPerPortion, ledger.totalG];
  };
  test("a thousandth more of anything moves no figure by more than a hundredth", () =>
    fc.assert(
      fc.property(formulations, (f) => {
        const was = figuresOf(f);
        for (const [what, nudge] of Object.entries(NUDGES)) {
          const moved = figuresOf(nudge(f, 1.001)).filter(
            (is, i) => Math.abs(is - was[i]) > 0.01 * was[i] + 1e-3,
          );
          expect({ what, moved }).toEqual({ what, moved: [] });
        }
      }),
      { seed: 41, numRuns: 80 },
    ));

  test("a salty mixture with little water, across where its water is saturated", () => {
    const eaten = (target: number) => {
      const f = dish("goat_leg", "paste", {
        lines: [line("sunflower_oil", 30), line("ginger_fresh", 8)],
        pullH: 12,
      });
      return ledgerOf({ ...f, preparation: { ...f.preparation, targetFraction: target } }).eatenG;
    };
    for (let t = 0.003; t < 0.02; t += 0.0001) expect(eaten(t + 0.0001) / eaten(t)).toBeLessThan(1.05);
  });
});

test("advice that works: done as the app does it, the dish comes to what was promised", () => {
  let told = 0;
  fc.assert(
    fc.property(formulations, (f) => {
      const sheet = formulate(f, { readAtH: [Math.max(f.pullH, 0.02)] });
      if (!sheet.ok) return;
      const outcome = outcomeAt(sheet.value, f.pullH, f.portions);
      for (const cut of cutsFor(f, sheet.value, outcome, 0.001)) {
        told++;
        const after = ledgerOf(cut.formula);
        expect(after.shareOfFood).toBeCloseTo(cut.shareAfter, 9);
        expect(after.shareOfFood).toBeLessThan(outcome.ledger.shareOfFood);
      }
    }),
    { seed: 51, numRuns: 300 },
  );
  expect(told).toBeGreaterThan(10);
});

test("a blend whose leaving out only makes room for more plain salt is not advised", () => {
  const f = dish("goat_leg", "marinade", {
    lines: [line("lemon_juice", 60), line("seasoned_salt", 4)],
    companions: [{ kind: "sauce", name: "", lines: [line("soy_sauce", 60)] }],
    pullH: 40,
  });
  const cuts = cutsFor(f, worked(f), outcomeAt(worked(f), 40, f.portions), 0.008);
  expect(cuts.map((c) => c.source.ingredientId)).not.toContain("seasoned_salt");
  expect(cuts.map((c) => c.source.ingredientId)).toContain("soy_sauce");
});

test("a crust's sauce is proposed, however many kilograms of salt stand about it", () => {
  const f = dish("grey_mullet_whole", "crust", {
    companions: [{ kind: "sauce", name: "", lines: [line("butter_salted", 60), line("fish_sauce", 20)] }],
  });
  const cuts = cutsFor(f, worked(f), outcomeAt(worked(f), f.pullH, f.portions), 0.008);
  expect(cuts[0]).toMatchObject({ kind: "swap", source: { ingredientId: "butter_salted" } });
});

describe("all that is wet is water", () => {
  const cider = (part: Partial<Formulation> = {}): Formulation => ({
    ...dish("pork_loin_bonein", "timed", { lines: [line("apple_juice", 500, { scalesWith: "bath" })] }),
    saltId: "pickling",
    salt: { mode: "grams", massG: 300 / sodium("pickling") },
    water: { mode: "chosen", massG: 4000 },
    holding: {
      ...newFormulation(findFood("pork_loin_bonein") ?? fail()).holding,
      temperatureC: 3,
      brineStartC: 3,
    },
    ...part,
  });

  test("by hand: 4 kg water, 2 kg cider, 300 g salt, 95 °C and −5 °C to 3 °C: hot to ice as 1 to 1.08, 4.8 % of all", () => {
    const f = cider();
    const sheet = worked(f);
    expect(sheet.lines.find((l) => l.role === "water")?.massG).toBe(4000);
    expect(sheet.liquids?.otherG).toBeCloseTo(2000, 6);
    const plan = chillOf(f, sheet);
    // 4.186 × 92 against 2.1 × 5 + 333.6 + 4.186 × 3; the salt in the hot part is a little more heat.
    const hotG = 4000 - (plan?.iceG ?? NaN);
    expect(hotG).toBeCloseTo(1920, -1.8);
    expect((plan?.iceG ?? NaN) / hotG).toBeCloseTo(1.08, 1);
    expect(plan?.end.temperatureC).toBeCloseTo(3, 6);
    expect(plan?.end.saltFraction).toBeCloseTo(300 / 6300, 3);
  });

  test("the cider's sugar is in the sugar figure, and its water in the bath", () => {
    const sheet = worked(cider());
    const juice = findIngredient("apple_juice") ?? fail();
    expect(sheet.sugarG).toBeCloseTo(2000 * juice.sugarFraction, 6);
    expect(sheet.waterG).toBeCloseTo(4000 + 2000 * juice.waterFraction, 6);
  });

  test.each(["honey", "stock_unsalted", "milk_whole", "maple_syrup"])("%s counts too", (id) => {
    const sheet = worked(cider({ lines: [line(id, 100, { scalesWith: "bath" })] }));
    expect(sheet.waterG).toBeCloseTo(4000 + 400 * (findIngredient(id)?.waterFraction ?? NaN), 6);
  });

  test("what is hidden in a brine's lines is taken off its salt, and the line says so", () => {
    const soy = worked(
      cider({
        salt: { mode: "wanted" },
        preparation: {
          kind: "wetBrine",
          school: "equilibrium",
          convention: "waterPhase",
          targetFraction: 0.014,
        },
        lines: [line("soy_sauce", 100, { scalesWith: "bath" })],
      }),
    );
    const hidden = 400 * (findIngredient("soy_sauce")?.saltFraction ?? NaN);
    const saltLine = soy.lines.find((l) => l.role === "salt");
    expect(saltLine?.less).toEqual({
      naclG: expect.closeTo(hidden, 6) as number,
      from: ["soy sauce, all-purpose"],
    });
    expect(saltLine?.naclG).toBeCloseTo(soy.naclG - hidden, 6);
  });
});

describe("given salt follows where it must", () => {
  const given: Formulation = dish("goat_leg", "marinade", { salt: { mode: "grams", massG: 9 } });

  test("twice the food is twice the grams", () => {
    expect(scaled(given, 2, "morePieces").salt).toEqual({ mode: "grams", massG: 18 });
    expect(scaled({ ...given, salt: { mode: "percent", fraction: 0.01 } }, 2, "morePieces").salt).toEqual({
      mode: "percent",
      fraction: 0.01,
    });
  });

  test("what the record proposes changes the weigh-out, not only the judgement", () => {
    const proposal = {
      field: "target",
      from: 0.014,
      to: 0.0126,
      judged: 0.014,
      batches: 1,
      meanScore: 1,
      confidence: 0.5,
    } as const;
    for (const salt of [
      { mode: "grams", massG: 10 },
      { mode: "percent", fraction: 0.01 },
      { mode: "wanted" },
    ] as const) {
      const f = { ...given, salt, preparation: { ...given.preparation, targetFraction: 0.014 } };
      const saltG = (of: Formulation) => worked(of).lines.find((l) => l.role === "salt")?.massG ?? 0;
      expect(saltG(accepted(f, proposal).formulation)).toBeLessThan(saltG(f) * 0.95);
    }
  });

  test("a dose by the weight of the meat does not go into a tub of water", () => {
    const dosed = dish("goat_leg", "dry", { salt: { mode: "percent", fraction: 0.0125 } });
    expect(withPreparation(dosed, "equilibrium").salt).toEqual({ mode: "wanted" });
    expect(withPreparation(dosed, "rub").salt).toEqual({ mode: "percent", fraction: 0.0125 });
  });
});
