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

describe("by hand", () => {
  test("what one took away is gone; what one added is there; the order of keys is no change", () => {
    const without = base;
    const rinsed = { ...base, rinse: { minutes: 10 } };
    expect(mergeFormulations(rinsed, without, rinsed).formulation).not.toHaveProperty("rinse");
    expect(mergeFormulations(rinsed, rinsed, { ...without, pullH: 3 }).formulation).toEqual({
      ...without,
      pullH: 3,
    });
    const both = mergeFormulations(base, { ...base, rinse: { minutes: 10 } }, { ...base, skinOff: true });
    expect(both).toEqual({ formulation: { ...base, rinse: { minutes: 10 }, skinOff: true }, conflicts: [] });
    const turned = Object.fromEntries(Object.entries(base.pieces).reverse()) as typeof base.pieces;
    expect(mergeFormulations(base, { ...base, pieces: turned }, { ...base, pullH: 3 })).toEqual({
      formulation: { ...base, pullH: 3 },
      conflicts: [],
    });
  });

  test("both made the same of it: no conflict", () => {
    const same = { ...base, pullH: 30 };
    expect(mergeFormulations(base, same, { ...same, portions: 9 })).toEqual({
      formulation: { ...same, portions: 9 },
      conflicts: [],
    });
  });

  test.each(["kind", "school", "mode", "basis"])(
    "another %s is another thing, not mixed with the first",
    (key) => {
      const thing = (change: object) => ({ ...base, water: { [key]: "a", x: 1, y: 1, ...change } }) as never;
      const merged = mergeFormulations(thing({}), thing({ [key]: "b", x: 2 }), thing({ y: 2 }));
      expect(merged).toMatchObject({
        formulation: { water: { [key]: "b", x: 2, y: 1 } },
        conflicts: ["water"],
      });
      const alike = mergeFormulations(thing({}), thing({ x: 2 }), thing({ y: 2 }));
      expect(alike).toMatchObject({ formulation: { water: { [key]: "a", x: 2, y: 2 } }, conflicts: [] });
    },
  );

  test("the place of a conflict is named down to it; in lines by their ingredient", () => {
    const count = (n: number) => ({ ...base, pieces: { ...base.pieces, count: n } });
    expect(mergeFormulations(base, count(6), count(8)).conflicts).toEqual(["pieces.count"]);
    const thyme = (amountG: number) => ({ ...base, lines: [{ ...base.lines[0], amountG }, base.lines[1]] });
    const merged = mergeFormulations(base, thyme(5), thyme(6));
    expect(merged.conflicts).toEqual(["lines.thyme.amountG"]);
    expect(merged.formulation.lines.map((l) => l.amountG)).toEqual([5, 2]);
  });

  test("lines that name an ingredient twice cannot be told apart: mine stand", () => {
    const twice = { ...base, lines: [...base.lines, base.lines[0]] };
    const merged = mergeFormulations(base, twice, { ...base, lines: [base.lines[0]] });
    expect(merged).toEqual({ formulation: twice, conflicts: ["lines"] });
  });

  test("a list of other things is one thing", () => {
    const beside = (count: number) => ({ ...base, alongside: [{ count, totalMassG: 300, thicknessMm: 20 }] });
    const merged = mergeFormulations(beside(1), beside(2), beside(3));
    expect(merged.conflicts).toEqual(["alongside"]);
    expect(merged.formulation.alongside).toEqual(beside(2).alongside);
  });
});
