import type { FormulaLine, Formulation, LinePlace, MarinadePreparation } from "../../formulation";
import { findIngredient } from "../../materials/lookup";
import { pieceSize } from "../../vessel/piece-size";
import { formulate } from "../formulate";
import { chops, perKg as line, worked } from "../formulation.fixture";
import { withPreparation } from "../offer/offered";
import { equilibriumPerWater, saltForWaterPhase } from "./equilibrium";
import { marinadeActs } from "./marinade";
import { surfaceDm2 } from "./surface";
import { flatIn, sugarIn } from "./weighed.fixture";

/* Marinades by hand: shares of a wanted volume, lines that follow the liquid, salt in or under it, what is set aside. */

const of = (
  lines: FormulaLine[],
  preparation: Partial<MarinadePreparation> = {},
  change: Partial<Formulation> = {},
): Formulation => {
  const base = withPreparation(chops(), "marinade");
  return {
    ...base,
    lines,
    ...change,
    preparation: { ...base.preparation, ...preparation } as MarinadePreparation,
  };
};
const [juice, oil] = (["apple_juice", "soybean_oil"] as const).map((id) => {
  const found = findIngredient(id);
  if (!found?.densityGPerMl) throw new Error(id);
  return { ...found, densityGPerMl: found.densityGPerMl };
});
const grams = (f: Formulation, id: string) => worked(f).lines.find((l) => l.id === id)?.massG;
const perFood = { amount: { mode: "perFood", mlPerKg: 300 } } as const;

describe("how much of each line", () => {
  test("parts share out the wanted volume: two of juice and one of oil for 300 ml", () => {
    const f = of([line("apple_juice", 0, { parts: 2 }), line("soybean_oil", 0, { parts: 1 })], perFood);
    expect(grams(f, "apple_juice")).toBeCloseTo(200 * juice.densityGPerMl, 6);
    expect(grams(f, "soybean_oil")).toBeCloseTo(100 * oil.densityGPerMl, 6);
    expect(worked(f).lines.map((l) => l.scalesWith)).toEqual(expect.arrayContaining(["bath"]));
    expect(worked(f).liquidMl).toBeCloseTo(300, 6);
  });

  test("what goes by the liquid follows the parts, or failing those what the wet lines make", () => {
    const byLiquid = line("soy_sauce", 50, { scalesWith: "bath" });
    const parts = of([line("apple_juice", 0, { parts: 1 }), byLiquid], perFood);
    expect(grams(parts, "soy_sauce")).toBeCloseTo(50 * 0.3, 6);
    const wet = of([line("apple_juice", 400), byLiquid], perFood);
    expect(grams(wet, "soy_sauce")).toBeCloseTo((50 * (400 / juice.densityGPerMl)) / 1000, 6);
  });

  test("what goes by the salt follows the salt as it is weighed", () => {
    const f = of(
      [line("apple_juice", 300), line("sugar_white", 25, { scalesWith: "salt" })],
      {},
      { salt: { mode: "grams", massG: 20 } },
    );
    expect(grams(f, "sugar_white")).toBeCloseTo(5, 1);
  });

  test("what is nothing is not weighed; what is unknown is named", () => {
    const f = of([line("apple_juice", 300), line("soy_sauce", 0), line("butter_salted", 5, { off: true })]);
    expect(worked(f).lines.map((l) => l.id)).not.toEqual(expect.arrayContaining(["soy_sauce"]));
    expect(grams(f, "butter_salted")).toBeUndefined();
    expect(formulate(of([line("no_such", 5)]))).toEqual({
      ok: false,
      error: { code: "unknown_ingredient", id: "no_such" },
    });
    expect(formulate(of([line("soy_sauce", 0)]))).toMatchObject({
      ok: false,
      error: { code: "nothing_in_mixture" },
    });
    expect(formulate(of([line("no_such", 5, { off: true }), line("apple_juice", 100)])).ok).toBe(true);
  });

  test("spice and herbs are told from the rest", () => {
    const f = of([line("apple_juice", 300), line("pepper_black_ground", 3), line("thyme", 3)]);
    expect(
      worked(f)
        .lines.filter((l) => l.role !== "salt")
        .map((l) => l.role),
    ).toEqual(["mixture", "aromatic", "aromatic"]);
  });

  test("to cover follows the vessel: a wider one wants more", () => {
    const cover = of([line("apple_juice", 0, { parts: 1 })], { amount: { mode: "toCover" } });
    const wider = { ...cover, vessel: { ...cover.vessel, lengthMm: 2 * cover.vessel.lengthMm } };
    expect(worked(cover).liquidMl).toBeGreaterThan(300);
    expect(worked({ ...wider, vessel: { ...wider.vessel, shape: "tray" } }).liquidMl).toBeGreaterThan(
      worked({ ...cover, vessel: { ...cover.vessel, shape: "tray" } }).liquidMl,
    );
  });
});

describe("its salt", () => {
  const f = (preparation: Partial<MarinadePreparation>, change: Partial<Formulation> = {}, soyG = 0) =>
    worked(
      of(
        [line("apple_juice", 300), ...(soyG > 0 ? [line("soy_sauce", soyG)] : [])],
        { targetFraction: 0.01, ...preparation },
        change,
      ),
    );
  const soySalt = findIngredient("soy_sauce")?.saltFraction ?? NaN;

  test("in the mixture: for flesh and its water to end alike, less what its lines bring, never less than none", () => {
    const plain = f({ school: "inMixture" });
    const wantedG = saltForWaterPhase(plain.flesh, plain.mix?.waterG ?? NaN, 0.01, "finishedFlesh");
    expect(plain.dose).toMatchObject({ wantedG: expect.closeTo(wantedG - 0, 6) });
    expect(plain.contact.kind).toBe("bath");
    const soy = f({ school: "inMixture" }, {}, 20);
    const soyWantedG = saltForWaterPhase(soy.flesh, soy.mix?.waterG ?? NaN, 0.01, "finishedFlesh");
    const hidden = soy.mix?.naclG ?? NaN;
    expect(hidden).toBeGreaterThan(20 * soySalt - 1e-9);
    expect(soy.dose?.ownG).toBeCloseTo(soyWantedG - hidden, 6);
    expect(soy.lines[0]).toMatchObject({
      role: "salt",
      less: {
        naclG: expect.closeTo(hidden, 6),
        from: expect.arrayContaining(["soy sauce, all-purpose"]) as string[],
      },
    });
    expect(f({ school: "inMixture" }, {}, 400).lines.some((l) => l.role === "salt")).toBe(false);
  });

  test("on the food first: by the flesh alone, the mixture's own salt stays over it", () => {
    const first = f({ school: "onFoodFirst" }, {}, 20);
    expect(first.contact.kind).toBe("drySalt");
    expect(first.dose).toMatchObject({ hiddenG: 0 });
    const ownG = first.dose?.ownG ?? NaN;
    expect(first.naclG).toBeCloseTo(ownG + (first.mix?.naclG ?? NaN), 6);
    expect(first.load.saltG).toBeCloseTo(ownG, 6);
    expect(first.load.targetPerWater).toBeCloseTo(equilibriumPerWater(first.flesh, 0, ownG), 9);
    expect(first.lines[0].note).toBe("on the food, before the rest");
    expect(
      f({ school: "onFoodFirst" }, { salt: { mode: "none" } }).lines.some((l) => l.role === "salt"),
    ).toBe(false);
  });

  test("given by the cook it stands in either, to the gram", () => {
    for (const school of ["inMixture", "onFoodFirst"] as const) {
      const given = f({ school }, { salt: { mode: "grams", massG: 9 } }, 20);
      expect(given.lines.find((l) => l.role === "salt")?.massG).toBeCloseTo(9, 9);
      expect(given.lines.find((l) => l.role === "salt")?.less).toBeUndefined();
    }
  });

  test("a mixture without water lays its salt on the face", () => {
    const oily = worked(of([line("soybean_oil", 100)], { school: "inMixture", targetFraction: 0.01 }));
    expect(oily.contact.kind).toBe("drySalt");
    expect(oily.load.waterG).toBe(0);
  });
});

describe("set aside, and elsewhere", () => {
  const reserve = { share: 0.2, use: "sauce" } as const;
  test("a fifth set aside first: a quarter more is made of everything, what meets the food stays", () => {
    const lines = [line("apple_juice", 300)];
    const salt = { mode: "wanted" } as const;
    const [all, kept] = [
      of(lines, { school: "inMixture" }, { salt }),
      of(lines, { school: "inMixture" }, { salt, reserve }),
    ].map((x) => worked(x));
    for (const [i, l] of kept.lines.entries()) expect(l.massG / all.lines[i].massG).toBeCloseTo(1.25, 9);
    expect(kept.naclG).toBeCloseTo(all.naclG, 9);
    // What the cook gave is for all that is made: a fifth of it goes aside with the rest.
    const given = worked(of(lines, { school: "inMixture" }, { salt: { mode: "grams", massG: 10 }, reserve }));
    expect(given.lines[0].massG).toBeCloseTo(10, 9);
    expect(given.dose?.ownG).toBeCloseTo(0.8 * given.lines[0].naclG, 9);
  });

  test("what goes into the cavity or on the tray is no part of the mixture, nor made larger for a reserve", () => {
    const where = (place: LinePlace) =>
      worked(of([line("apple_juice", 300), line("soy_sauce", 30, { where: place })], {}, { reserve }));
    const soy = 30 * (findIngredient("soy_sauce")?.saltFraction ?? NaN);
    const tray = where("tray");
    expect(tray.mix?.massG).toBeCloseTo(300, 6);
    expect(tray.lines.at(-1)).toMatchObject({
      id: "soy_sauce",
      massG: 30,
      where: "tray",
      note: "on the tray",
    });
    expect(tray.apart).toMatchObject({ insideG: 0, leftG: expect.closeTo(soy, 9) });
    expect(where("cavity").apart).toMatchObject({ insideG: expect.closeTo(soy, 9), leftG: 0 });
    expect(where("underSkin").mix?.massG).toBeCloseTo(330, 6);
  });
});

test("wiped off it leaves a film of a fifth of a millimetre, all of it where there is less", () => {
  const clings = (mlPerKg: number) => {
    const f = of([line("apple_juice", 0, { parts: 1 })], { amount: { mode: "perFood", mlPerKg } });
    const { pieces: p } = f;
    const surface = p.count * surfaceDm2(p.shape, pieceSize(p.shape, p.totalMassG / p.count, p.thicknessMm));
    return [worked(f).clings, Math.min(1, (surface * 0.2 * 10) / mlPerKg)];
  };
  const [much, little] = [clings(500), clings(5)];
  expect(much[0]).toBeCloseTo(much[1], 9);
  expect(little).toEqual([1, 1]);
});

describe("what is told beside its lines", () => {
  test("its salt is in the mixture, or on the face where it was salted first", () => {
    expect(worked(flatIn("marinade")).rest).toEqual({ reached: "mixture", missed: "mixture" });
    expect(worked(flatIn("marinade", { school: "onFoodFirst" })).rest).toEqual({
      reached: "surface",
      missed: "mixture",
    });
    expect(worked(flatIn("marinade")).excess).toBe(false);
  });

  test("its sugar by its lines; without salt no line of it", () => {
    const sheet = worked(flatIn("marinade"));
    expect(sheet.sugarG).toBeCloseTo(sugarIn(sheet), 6);
    expect(worked(flatIn("marinade", {}, { salt: { mode: "none" } })).lines.map((l) => l.role)).not.toContain(
      "salt",
    );
  });

  test("it is wiped off", () => {
    const { preparation } = flatIn("marinade");
    expect(marinadeActs.comesOff?.(preparation as MarinadePreparation).title).toBe(
      "Wipe it off, leave a thin film",
    );
  });
});
