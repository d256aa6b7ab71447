import { outcomeAt } from "../account/outcome";
import { formulate } from "../formulate";
import { chops, worked } from "../formulation.fixture";
import { withPreparation } from "../offer/offered";
import type { Formulation } from "../../formulation";
import { lotsOf } from "./lots";
import { splitProposed } from "./uneven";

const flat = chops({ pullH: 6 });
const opened = (thicknessMm: number, share: number, f: Formulation = flat): Formulation => ({
  ...f,
  pieces: { ...f.pieces, thin: { thicknessMm, share } },
});

test("the thin part is a lot of its own, before pieces of other sizes; all weighs what it weighed", () => {
  const small = { count: 2, totalMassG: 200, thicknessMm: 10 };
  const { main, others } = lotsOf({ ...opened(15, 0.4), alongside: [small] });
  expect(main.totalMassG).toBeCloseTo(0.6 * flat.pieces.totalMassG, 9);
  expect(main).not.toHaveProperty("thin");
  expect(others).toEqual([
    {
      count: flat.pieces.count,
      totalMassG: expect.closeTo(0.4 * flat.pieces.totalMassG, 9),
      thicknessMm: 15,
      ofEach: true,
    },
    small,
  ]);
  expect(lotsOf({ ...flat, alongside: [small] })).toEqual({ main: flat.pieces, others: [small] });
});

test.each(["equilibrium", "dry", "marinade"] as const)(
  "%s: no more is weighed out for it, the thin part takes salt sooner, and every gram is somewhere",
  (choice) => {
    const whole = withPreparation(flat, choice);
    const parted = opened(12, 0.5, whole);
    const [a, b] = [worked(whole), worked(parted)];
    expect(b.foodG).toBe(a.foodG);
    expect(b.lines.map((l) => Math.round(l.massG))).toEqual(a.lines.map((l) => Math.round(l.massG)));
    const outcome = outcomeAt(b, 6, 4);
    const [thin] = outcome.alongside;
    expect(thin.centreFraction).toBeGreaterThan(outcome.centreFraction);
    expect(b.soak.alongside[0].share).toBeCloseTo(0.5, 9);
    const { sources, ends } = outcome.ledger;
    const sum = (of: readonly { naclG: number }[]) => of.reduce((total, { naclG }) => total + naclG, 0);
    expect(sum(ends)).toBeCloseTo(sum(sources), 6);
  },
);

test("as thin as it is thick, it is one piece", () => {
  const [alone, parted] = [worked(flat), worked(opened(flat.pieces.thicknessMm, 0.5))].map((sheet) =>
    outcomeAt(sheet, 6, 4),
  );
  // Narrower parts salt a little sooner by their sides.
  expect(Math.abs(parted.meanFraction / alone.meanFraction - 1)).toBeLessThan(0.12);
  expect(parted.alongside[0].meanFraction).toBeCloseTo(parted.meanFraction, 6);
});

test("a thickness that cannot be is refused, of either part", () => {
  expect(formulate(opened(-1, 0.5)).ok).toBe(false);
});

test("far apart, they are told apart where pieces are uneven", () => {
  const input = opened(10, 0.3);
  const split = splitProposed(input, worked(input));
  expect(split?.lots.map((l) => l.name)).toEqual(["4 of 25 mm", "their thin part of 10 mm"]);
});
