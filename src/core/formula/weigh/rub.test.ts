import type { Formulation, RubPreparation } from "../../formulation";
import { findIngredient } from "../../materials/lookup";
import { pieceSize } from "../../vessel/piece-size";
import { chops, perKg as line, worked } from "../formulation.fixture";
import { withPreparation } from "../offer/offered";
import { HOLDS_MM, rubActs } from "./rub";
import { surfaceDm2 } from "./surface";
import { flatIn, sugarIn } from "./weighed.fixture";

/* A rub by hand: what a face holds, what falls off, and what is told of it beside its lines. */

const surfaceOf = ({ pieces: p }: Formulation) =>
  p.count * surfaceDm2(p.shape, pieceSize(p.shape, p.totalMassG / p.count, p.thicknessMm));
const pepper = "pepper_black_ground";

describe("on a face", () => {
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

describe("a rub", () => {
  test("what misses the food falls off; it is sugared by its lines, and is never meant to be too much", () => {
    const sheet = worked(flatIn("rub"));
    expect(sheet.rest).toEqual({ reached: "surface", missed: "fallenOff" });
    expect(sheet.excess).toBe(false);
    expect(sheet.sugarG).toBeCloseTo(sugarIn(sheet), 6);
    expect(sheet.sugarG).toBeGreaterThan(1);
  });

  test("with salt wanted it keeps as a salted one, without as one that holds none", () => {
    expect(worked(flatIn("rub", { targetFraction: 0.012 })).keep.method).toBe("rubSalted");
    expect(worked(flatIn("rub", { targetFraction: 0 }, { salt: { mode: "none" } })).keep.method).toBe(
      "rubSaltFree",
    );
  });

  test("plain salt rubbed on is a rub without a mixture", () => {
    const plain = worked(flatIn("rub", {}, { lines: [] }));
    expect(plain).not.toHaveProperty("mix");
    expect(plain.lines.map((l) => l.role)).toEqual(["salt"]);
    expect(worked(flatIn("rub")).mix?.massG).toBeGreaterThan(5);
    const none = worked(flatIn("rub", {}, { lines: [], salt: { mode: "none" } }));
    expect(none.lines).toEqual([]);
    expect(none.coat?.stuckShare).toBe(1);
  });

  test("a line that has a place or a word of its own keeps it where part of the rub goes inside", () => {
    const sheet = worked(
      flatIn(
        "rub",
        { insideShare: 0.3 },
        { lines: [line("pepper_black_ground", 5), line("bay_dried", 1, { where: "cavity" })] },
      ),
    );
    expect(sheet.lines.map((l) => l.note)).toEqual([
      "30 % of it inside",
      "30 % of it inside",
      "in the cavity",
    ]);
  });

  test("what is taken off the salt for what hides in its lines is said of the salt line", () => {
    const sheet = worked(flatIn("rub", {}, { lines: [line("soy_sauce", 20)] }));
    expect(sheet.lines[0].less?.naclG).toBeCloseTo(
      20 * (findIngredient("soy_sauce")?.saltFraction ?? NaN),
      6,
    );
    expect(worked(flatIn("rub")).lines[0].less).toBeUndefined();
  });

  test("the oiled face is oiled first", () => {
    const said = (surface: string) => {
      const f = flatIn("rub", { surface, insideShare: 0.25 });
      return rubActs.goesIn(f.preparation as RubPreparation, { massG: 40 } as never);
    };
    expect(said("oiled").why).toBe("Oil it first: a thin film holds the rub.");
    expect(said("dry").why).toBe("What does not stick falls off, and its salt with it.");
    expect(said("dry").title).toBe("Rub on 40 g, every face, 10 g of it inside");
  });
});
