import type { Formulation, FormulaLine, PastePreparation, RubPreparation } from "../../formulation";
import { findIngredient } from "../../materials/lookup";
import { pieceSize } from "../../vessel/piece-size";
import { chops, perKg as line, worked } from "../formulation.fixture";
import { withPreparation } from "../offer/offered";
import { THICKNESSES } from "./paste";
import { HOLDS_MM } from "./rub";
import { surfaceDm2 } from "./surface";
import { NO_BINDER } from "./no-binder";

/* Rubs and pastes by hand: what a face holds, what falls off, and what binds. */

const surfaceOf = ({ pieces: p }: Formulation) =>
  p.count * surfaceDm2(p.shape, pieceSize(p.shape, p.totalMassG / p.count, p.thicknessMm));
const pepper = "pepper_black_ground";

describe("a rub", () => {
  const rub = (change: Partial<RubPreparation>, pepperG: number, salt?: Formulation["salt"]) => {
    const base = withPreparation(chops(), "rub");
    const f = {
      ...base,
      salt: salt ?? ({ mode: "grams", massG: 10 } as const),
      lines: pepperG > 0 ? [line(pepper, pepperG)] : [],
      preparation: { ...base.preparation, surface: "dry", insideShare: 0, ...change } as RubPreparation,
    };
    const sheet = worked(f);
    return {
      f,
      sheet,
      coat:
        sheet.coat ??
        (() => {
          throw new Error("no coat");
        })(),
    };
  };

  test("what a face holds: its layer at 0.6 g/ml; what is more falls off, and its salt with it", () => {
    for (const surface of ["dry", "moist", "oiled"] as const) {
      const { f, coat, sheet } = rub({ surface }, 90);
      const holdsG = surfaceOf(f) * HOLDS_MM[surface] * 10 * 0.6;
      expect(coat.massG).toBeCloseTo(100, 6);
      expect(coat.holdsG).toBeCloseTo(holdsG, 9);
      expect(coat.stuckShare).toBeCloseTo(Math.min(1, holdsG / 100), 6);
      expect(coat.thicknessMm).toBeCloseTo(Math.min(100, holdsG) / (surfaceOf(f) * 10 * 0.6), 6);
      expect(coat.perDm2G).toBeCloseTo(100 / surfaceOf(f), 6);
      expect(coat.perKgG).toBeCloseTo(100, 6);
      expect(sheet.load.saltG).toBeCloseTo(sheet.naclG * coat.stuckShare, 6);
    }
    expect(HOLDS_MM).toEqual({ dry: 0.35, moist: 0.8, oiled: 1.2 });
  });

  test("inside nothing falls off, and the lines say what goes there", () => {
    const { f, coat, sheet } = rub({ insideShare: 0.4 }, 190);
    const holdsG = surfaceOf(f) * 0.35 * 10 * 0.6;
    expect(coat.stuckShare).toBeCloseTo((Math.min(120, holdsG) + 80) / 200, 6);
    expect(coat.perDm2G).toBeCloseTo(120 / surfaceOf(f), 6);
    expect(sheet.lines.map((l) => l.note)).toEqual(["40 % of it inside", "40 % of it inside"]);
    expect(rub({}, 190).sheet.lines.map((l) => l.note)).toEqual([undefined, undefined]);
  });

  test("salt that follows gives way to what its lines bring, never below none; salt that is given does not", () => {
    const soy = findIngredient("soy_sauce")?.saltFraction ?? NaN;
    const of = (soyG: number, salt: Formulation["salt"]) => {
      const base = withPreparation(chops(), "rub");
      return worked({ ...base, salt, lines: [line("soy_sauce", soyG)] });
    };
    const { targetFraction } = withPreparation(chops(), "rub").preparation;
    const wanted = { mode: "wanted" } as const;
    const some = of(20, wanted);
    const wantedG = some.dose?.wantedG ?? NaN;
    expect(wantedG).toBeGreaterThan(0.5 * targetFraction * some.flesh.massG);
    expect(some.dose).toMatchObject({
      hiddenG: expect.closeTo(20 * soy, 6),
      ownG: expect.closeTo(wantedG - 20 * soy, 6),
    });
    expect(some.naclG).toBeCloseTo(wantedG, 6);
    const much = of(300, wanted);
    expect(much.dose?.ownG).toBe(0);
    expect(much.lines.some((l) => l.role === "salt")).toBe(false);
    const given = of(20, { mode: "grams", massG: 10 });
    expect(given.lines[0].massG).toBeCloseTo(10, 9);
    expect(given.naclG).toBeCloseTo(given.lines[0].naclG + 20 * soy, 6);
  });
});

describe("a paste", () => {
  const paste = (change: Partial<PastePreparation>, lines: FormulaLine[]) => {
    const base = withPreparation(chops(), "paste");
    const f = {
      ...base,
      lines,
      preparation: { ...base.preparation, roasted: false, ...change } as PastePreparation,
    };
    const sheet = worked(f);
    const figures =
      sheet.paste ??
      (() => {
        throw new Error("no paste");
      })();
    return { f, sheet, figures };
  };
  const water = (id: string) => findIngredient(id)?.waterFraction ?? NaN;
  const stock = line("stock_unsalted", 100);

  test("binder by the free water and the thickness asked for; dry spice takes up its own weight of it", () => {
    for (const wanted of ["coats", "clings", "ridges"] as const) {
      const { figures } = paste({ wanted }, [stock]);
      expect(figures.freeWaterG).toBeCloseTo(100 * water("stock_unsalted"), 6);
      const { binderId } = withPreparation(chops(), "paste").preparation as PastePreparation;
      const thickens = findIngredient(binderId)?.thickens || 1;
      expect(figures.binderG).toBeCloseTo(
        (figures.freeWaterG * THICKNESSES[wanted].binderPerWater) / thickens,
        6,
      );
      expect(figures.steps.map((s) => s / figures.binderG)).toEqual(
        [0.5, 0.2, 0.15, 0.15].map((s) => expect.closeTo(s, 9)),
      );
    }
    const [coats, clings] = (["coats", "clings"] as const).map(
      (wanted) => paste({ wanted }, [stock]).figures.binderG,
    );
    expect(clings / coats).toBeCloseTo(0.35 / 0.2, 9);
    expect(paste({}, [stock, line(pepper, 30)]).figures.freeWaterG).toBeCloseTo(
      100 * water("stock_unsalted") - 30,
      6,
    );
    const roasted = paste({ roasted: true }, [stock]).figures.binderG;
    expect(paste({}, [stock]).figures.binderG / roasted).toBeCloseTo(1.08, 9);
  });

  test("yoghurt holds half its water back, garlic more; nothing free needs no binder", () => {
    expect(paste({}, [line("buttermilk", 100)]).figures.freeWaterG / (100 * water("buttermilk"))).toBeCloseTo(
      0.5,
      6,
    );
    const dry = paste({}, [line(pepper, 60)]);
    expect(dry.figures).toMatchObject({ freeWaterG: 0, binderG: 0 });
    expect(dry.sheet.lines.some((l) => l.role === "binder")).toBe(false);
    expect(paste({ binderId: NO_BINDER }, [stock]).figures.binderG).toBe(0);
  });

  test("as thick as there is enough of it, up to what was asked; all of it sticks until it is more", () => {
    const thin = paste({ wanted: "ridges", binderId: NO_BINDER }, [line("butter_unsalted", 30)]);
    const surface = surfaceOf(thin.f);
    expect(thin.figures.neededG).toBeCloseTo(surface * 3.5 * 10 * 1.1, 6);
    expect(thin.figures.coatMm).toBeCloseTo((thin.sheet.coat?.massG ?? NaN) / (surface * 10 * 1.1), 6);
    expect(thin.sheet.coat?.stuckShare).toBe(1);
    const thick = paste({ wanted: "coats", binderId: NO_BINDER }, [line("butter_unsalted", 900)]);
    expect(thick.figures.coatMm).toBe(1);
    expect(thick.sheet.coat?.stuckShare).toBeCloseTo(
      thick.figures.neededG / (thick.sheet.coat?.massG ?? NaN),
      9,
    );
  });
});
