import type { Formulation, FormulaLine, PastePreparation } from "../../formulation";
import { findIngredient } from "../../materials/lookup";
import { pieceSize } from "../../vessel/piece-size";
import type { Formulated } from "../formulate";
import { chops, perKg as line, worked } from "../formulation.fixture";
import { withPreparation } from "../offer/offered";
import { NO_BINDER } from "./no-binder";
import { pasteActs, THICKNESSES } from "./paste";
import { surfaceDm2 } from "./surface";
import { flatIn, refusalOf, sugarIn } from "./weighed.fixture";

/* A paste by hand: what binds it, how thick it stands, and what is told of it beside its lines. */

const surfaceOf = ({ pieces: p }: Formulation) =>
  p.count * surfaceDm2(p.shape, pieceSize(p.shape, p.totalMassG / p.count, p.thicknessMm));
const pepper = "pepper_black_ground";

describe("bound, and on a face", () => {
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

describe("a paste", () => {
  test("its salt is in its coat, or on the face where it was salted first", () => {
    expect(worked(flatIn("paste")).rest).toEqual({ reached: "coat", missed: "coat" });
    const first = worked(flatIn("paste", { school: "onFoodFirst" }));
    expect(first.rest).toEqual({ reached: "surface", missed: "coat" });
    expect(first.excess).toBe(false);
  });

  test("its grams by the square decimetre and the kilogram, its sugar by its lines", () => {
    const sheet = worked(flatIn("paste"));
    const massG = sheet.mix?.massG ?? NaN;
    expect(sheet.coat?.perDm2G).toBeCloseTo(massG / sheet.surfaceDm2, 9);
    expect(sheet.coat?.perKgG).toBeCloseTo(massG, 9);
    expect(sheet.sugarG).toBeCloseTo(sugarIn(sheet), 6);
  });

  test("its binder says how it goes in; a share set aside is made with the rest", () => {
    const note = (roasted: boolean) =>
      worked(flatIn("paste", { roasted })).lines.find((l) => l.role === "binder")?.note;
    expect([note(true), note(false)]).toEqual(["lightly roasted, added in steps", "added in steps"]);
    const plain = worked(flatIn("paste"));
    const more = worked(flatIn("paste", {}, { reserve: { share: 0.5, use: "sauce" } }));
    const binder = (sheet: Formulated) => sheet.lines.find((l) => l.role === "binder")?.massG ?? NaN;
    expect(binder(more)).toBeCloseTo(2 * binder(plain), 6);
  });

  test("what is not in the table cannot bind; nothing is no paste", () => {
    expect(refusalOf(flatIn("paste", { binderId: "sawdust" }))).toEqual({
      code: "unknown_ingredient",
      id: "sawdust",
    });
    expect(refusalOf(flatIn("paste", {}, { lines: [] }))).toEqual({ code: "nothing_in_mixture" });
    expect(refusalOf(flatIn("paste", {}, { lines: [line("nothing_known", 20)] }))).toBeDefined();
  });

  test("without salt there is no line of it", () => {
    expect(worked(flatIn("paste", {}, { salt: { mode: "none" } })).lines.map((l) => l.role)).not.toContain(
      "salt",
    );
  });
});

test("it goes all over, in an even coat", () => {
  const f = flatIn("paste");
  expect(pasteActs.goesIn(f.preparation as PastePreparation, { massG: 40 } as never).title).toBe(
    "Coat it all over with 40 g paste",
  );
});
