import fc from "fast-check";
import { chops } from "../formulation.fixture";
import { formulations } from "../formulations.fixture";
import { withPreparation } from "../offer/offered";
import { mergeFormulations } from "./merge";

const base = chops({
  lines: [
    { ingredientId: "thyme", amountG: 4, scalesWith: "bath", optional: false },
    { ingredientId: "juniper", amountG: 2, scalesWith: "bath", optional: false },
  ],
});

test("what only one changed is taken, from either side", () => {
  const mine = { ...base, pullH: 30, pieces: { ...base.pieces, count: 6 } };
  const theirs = { ...base, portions: 9, pieces: { ...base.pieces, thicknessMm: 28 } };
  expect(mergeFormulations(base, mine, theirs)).toEqual({
    formulation: { ...base, pullH: 30, portions: 9, pieces: { ...base.pieces, count: 6, thicknessMm: 28 } },
    conflicts: [],
  });
});

test("lines are brought together by their ingredient", () => {
  const [thyme, juniper] = base.lines;
  const bay = { ...thyme, ingredientId: "bay_dried" };
  const mine = { ...base, lines: [{ ...thyme, amountG: 5 }, juniper] };
  const theirs = { ...base, lines: [thyme, bay] };
  expect(mergeFormulations(base, mine, theirs).formulation.lines).toEqual([{ ...thyme, amountG: 5 }, bay]);
});

test("where both changed the same, mine stands and is named", () => {
  const merged = mergeFormulations(base, { ...base, pullH: 30 }, { ...base, pullH: 20 });
  expect(merged.formulation.pullH).toBe(30);
  expect(merged.conflicts).toEqual(["pullH"]);
});

test("two kinds of preparation are not mixed", () => {
  const mine = withPreparation(base, "dry");
  const theirs = withPreparation(base, "timed");
  const merged = mergeFormulations(base, mine, theirs);
  expect(merged.formulation.preparation).toEqual(mine.preparation);
  expect(merged.conflicts).toContain("preparation");
});

describe("for any three", () => {
  test("one that changed nothing leaves the other as it is", () =>
    fc.assert(
      fc.property(formulations, formulations, (a, b) => {
        expect(mergeFormulations(a, a, b)).toEqual({ formulation: b, conflicts: [] });
        expect(mergeFormulations(a, b, a)).toEqual({ formulation: b, conflicts: [] });
        expect(mergeFormulations(a, b, b)).toEqual({ formulation: b, conflicts: [] });
      }),
    ));

  test("both sides see the same places of conflict", () =>
    fc.assert(
      fc.property(formulations, formulations, formulations, (a, b, c) => {
        const [one, other] = [mergeFormulations(a, b, c), mergeFormulations(a, c, b)];
        expect([...one.conflicts].sort()).toEqual([...other.conflicts].sort());
      }),
    ));
});
