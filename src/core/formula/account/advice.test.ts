import type { Companion, Formulation, FormulaLine } from "../../formulation";
import { chops, perKg as line, worked } from "../formulation.fixture";
import { withPreparation } from "../offer/offered";
import { cutsFor, type Cut } from "./advice";
import { outcomeAt } from "./outcome";

/*
 * What to cut, case by case. Every promise is held against the sheet worked out again; what the change is, against the
 * formula by hand. A rub keeps all its salt on the food: its shares can be told in the head.
 */

const beside = (kind: Companion["kind"], ...lines: FormulaLine[]): Companion => ({ kind, name: "", lines });
const outcomeOf = (f: Formulation) => outcomeAt(worked(f), f.pullH, f.portions);
const shareOf = (f: Formulation) => outcomeOf(f).ledger.shareOfFood;
const cuts = (f: Formulation, wanted: number): Cut[] => cutsFor(f, worked(f), outcomeOf(f), wanted);
// One direction is solved in a tenth of the time of three.
const plain = chops({ pullH: 24, pieces: { ...chops().pieces, shape: "slab" } });

test("nothing is said up to a twentieth over what is wanted, and nothing where no salt is wanted", () => {
  const f = { ...plain, companions: [beside("sauce", line("soy_sauce", 40))] };
  const share = shareOf(f);
  expect(cuts(f, share / 1.049)).toEqual([]);
  expect(cuts(f, share / 1.051)).not.toEqual([]);
  expect(cuts(f, 0)).toEqual([]);
  expect(cuts(f, -1)).toEqual([]);
});

test("salted butter beside it: its unsalted twin takes its place, all of it, and nothing else changes", () => {
  const f = {
    ...plain,
    companions: [
      beside("sauce", line("butter_salted", 5)),
      beside("butter", line("butter_salted", 80), line("pepper_black_ground", 1)),
    ],
  };
  const butter = cuts(f, 0.8 * shareOf(f)).find((c) => c.source.part === "butter");
  expect(butter).toMatchObject({ kind: "swap", cutG: 80 });
  expect(butter?.formula).toEqual({
    ...f,
    companions: [
      f.companions[0],
      beside("butter", line("butter_unsalted", 80), line("pepper_black_ground", 1)),
    ],
  });
  expect(butter?.shareAfter).toBeCloseTo(shareOf(butter?.formula ?? f), 12);
});

test("so much less of one thing that what is wanted is eaten, to a hundredth", () => {
  const f = { ...plain, companions: [beside("sauce", line("soy_sauce", 60), line("butter_unsalted", 20))] };
  const wanted = (shareOf(plain) + shareOf(f)) / 2;
  const [less] = cuts(f, wanted);
  expect(less).toMatchObject({ kind: "less", source: { ingredientId: "soy_sauce" } });
  expect(Math.abs(less.shareAfter / wanted - 1)).toBeLessThan(0.01);
  expect(less.shareAfter).toBeCloseTo(shareOf(less.formula), 12);
  const [kept, other] = less.formula.companions?.[0].lines ?? [];
  expect(kept.amountG).toBeLessThan(60);
  expect(less.cutG).toBeCloseTo(60 - kept.amountG, 6);
  expect(other).toEqual(line("butter_unsalted", 20));
});

test("left out where even that does not reach, and where only a crumb would be kept", () => {
  const f = { ...plain, companions: [beside("sauce", line("soy_sauce", 10))] };
  const [out] = cuts(f, 0.9 * shareOf(plain));
  expect(out).toMatchObject({ kind: "leaveOut", cutG: 10 });
  expect(out.formula.companions?.[0].lines).toEqual([line("soy_sauce", 10, { off: true })]);
  expect(out.shareAfter).toBeCloseTo(shareOf(plain), 9);
  // 100 g bring so much that a twentieth of it would be kept.
  const much = { ...plain, companions: [beside("sauce", line("soy_sauce", 100))] };
  const crumb = shareOf(plain) + 0.05 * (shareOf(much) - shareOf(plain));
  expect(cuts(much, crumb)[0]).toMatchObject({ kind: "leaveOut", cutG: 100 });
  const spoon = shareOf(plain) + 0.3 * (shareOf(much) - shareOf(plain));
  expect(cuts(much, spoon)[0]).toMatchObject({ kind: "less" });
});

test("salt once more at the stove comes down as such, and is left out where even that does not reach", () => {
  const f = { ...plain, secondSaltFraction: 0.005 };
  const wanted = (shareOf(plain) + shareOf(f)) / 2;
  const [less] = cuts(f, wanted);
  expect(less).toMatchObject({ kind: "less", source: { part: "secondSalting" } });
  // Half of what it adds is half of it.
  expect(less.formula).toEqual({ ...f, secondSaltFraction: expect.closeTo(0.0025, 4) });
  expect(less.cutG / less.source.massG).toBeCloseTo(1 - (less.formula.secondSaltFraction ?? 0) / 0.005, 9);
  expect(less.shareAfter).toBeCloseTo(shareOf(less.formula), 12);
  expect(Math.abs(less.shareAfter / wanted - 1)).toBeLessThan(0.01);
  const [out] = cuts(f, 0.9 * shareOf(plain));
  expect(out).toMatchObject({ kind: "leaveOut", cutG: out.source.massG });
  expect(out.formula).toEqual({ ...f, secondSaltFraction: undefined });
});

test("the twin first, then what is optional, then the rest by what it mends; three at most, none that mends nothing", () => {
  const f = {
    ...plain,
    companions: [
      beside("sauce", line("soy_sauce", 30), line("pepper_black_ground", 5)),
      beside("glaze", line("soy_sauce_dark", 12, { optional: true })),
      beside("bed", line("stock_salted", 200)),
      beside("butter", line("butter_salted", 60)),
    ],
    secondSaltFraction: 0.004,
  };
  const said = cuts(f, 0.01);
  expect(said).toHaveLength(3);
  const [swap, optional, rest] = said;
  expect(swap.kind).toBe("swap");
  expect(
    [swap.source.part, optional.source.optional].includes(true) ||
      optional.source.optional ||
      optional.kind === "swap",
  ).toBe(true);
  for (const cut of said) expect(cut.shareAfter).toBeLessThan(0.99 * shareOf(f));
  const ranks = said.map((c) => (c.kind === "swap" ? 0 : c.source.optional ? 1 : 2));
  expect(ranks).toEqual([...ranks].sort((a, b) => a - b));
  expect(rest.shareAfter).toBeGreaterThan(0);
});

test("salt the cook gave is the last thing said, and comes down in grams", () => {
  const given = chops({
    pieces: plain.pieces,
    preparation: { kind: "dryBrine", targetFraction: 0.012, salted: "allFaces" },
    salt: { mode: "grams", massG: 20 },
    pullH: 30,
  });
  const [less] = cuts(given, 0.012);
  expect(less).toMatchObject({ kind: "less", source: { part: "main", ingredientId: "pickling" } });
  expect(less.formula.salt).toEqual({ mode: "grams", massG: expect.closeTo(20 - less.cutG, 9) });
  expect(Math.abs(less.shareAfter / 0.012 - 1)).toBeLessThan(0.01);
  const withSoy = { ...given, companions: [beside("sauce", line("soy_sauce", 30))] };
  expect(cuts(withSoy, 0.012).map((c) => c.source.ingredientId)).toEqual(["soy_sauce", "pickling"]);
  // Salt that follows from what is wanted is never told to be less.
  const wanted = { ...withSoy, salt: { mode: "wanted" } } as const;
  expect(cuts(wanted, 0.012).map((c) => c.source.ingredientId)).toEqual(["soy_sauce"]);
});

test("parts of a marinade come down in parts, grams in grams; a line that is off is not touched", () => {
  const marinade = withPreparation({ ...plain, pullH: 12 }, "marinade");
  const off = line("soy_sauce", 300, { off: true });
  const said = (soy: FormulaLine, other: FormulaLine) => {
    const f = { ...marinade, salt: { mode: "none" } as const, lines: [off, soy, other] };
    const [cut] = cuts(f, 0.6 * shareOf(f));
    return cut.formula.lines;
  };
  const butter = line("butter_unsalted", 20);
  const grams = said(line("soy_sauce", 250), butter);
  expect(grams).toEqual([off, line("soy_sauce", expect.any(Number) as number), butter]);
  expect(grams[1].amountG).toBeLessThan(250);
  const water = line("apple_juice", 200, { parts: 3 });
  const parts = said(line("soy_sauce", 250, { parts: 2 }), water);
  expect(parts[1].amountG).toBe(250);
  expect(parts[1].parts).toBeLessThan(2);
  expect([parts[0], parts[2]]).toEqual([off, water]);
});
