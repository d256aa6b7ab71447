import type { Companion, FormulaLine } from "../../formulation";
import { chops, worked } from "../formulation.fixture";
import { bedBatches, goesOnAt, linesOf, PUT_ON } from "./companions";

/* What goes beside the food: weighed by each line's own law, by hand. */

const line = (
  ingredientId: string,
  amountG: number,
  change: Partial<FormulaLine & { bakeMin: number }> = {},
): FormulaLine => ({
  ingredientId,
  amountG,
  scalesWith: "foodMass",
  optional: false,
  ...change,
});
const part = (kind: Companion["kind"], lines: FormulaLine[], more: Partial<Companion> = {}): Companion => ({
  kind,
  name: "",
  lines,
  ...more,
});

test("each line by its law, of its part; what is off or unknown is not weighed", () => {
  const f = chops({
    pieces: { ...chops().pieces, totalMassG: 2000, count: 5 },
    companions: [
      part("sauce", [
        line("soy_sauce", 10),
        line("no_such", 10),
        line("butter_salted", 3, { scalesWith: "piece", optional: true }),
      ]),
      part("bed", [
        line("soy_sauce", 7, { off: true }),
        line("butter_unsalted", 50, { scalesWith: "batch", bakeMin: 25 }),
      ]),
    ],
  });
  const { companions } = worked(f);
  expect(companions.map((l) => [l.id, l.massG, l.part, l.companion, l.optional, l.note])).toEqual([
    ["soy_sauce", 20, "sauce", 0, false, undefined],
    ["butter_salted", 15, "sauce", 0, true, undefined],
    ["butter_unsalted", 50, "bed", 1, false, "bakes 25 min"],
  ]);
  expect(linesOf({ companions }, 0).map((l) => l.id)).toEqual(["soy_sauce", "butter_salted"]);
  expect(linesOf({ companions }, 2)).toEqual([]);
});

test("salt once more is so much of the edible weight, of the same salt; none of it where none is asked", () => {
  const again = (secondSaltFraction: number | undefined) => worked(chops({ secondSaltFraction }));
  const { companions, flesh } = again(0.004);
  expect(companions).toHaveLength(1);
  expect(companions[0]).toMatchObject({
    id: "pickling",
    part: "secondSalting",
    naclG: expect.closeTo(0.004 * flesh.massG, 9),
  });
  expect(again(0).companions).toEqual([]);
  expect(again(undefined).companions).toEqual([]);
});

test("when a part goes on: a coat before the heat, a drizzle and salt at the table, unless the cook said", () => {
  expect((["coat", "drizzle", "salting"] as const).map((kind) => goesOnAt({ kind }))).toEqual([
    "beforeHeat",
    "atTable",
    "atTable",
  ]);
  expect(goesOnAt({ kind: "coat", when: "atTable" })).toBe("atTable");
  expect([...PUT_ON].sort()).toEqual(["coat", "drizzle", "salting"]);
});

test("a bed goes in by its baking times, the longest first, those alike together; what is off or bakes not stays out", () => {
  const bed = part("bed", [
    line("a", 1, { bakeMin: 20 }),
    line("b", 1, { bakeMin: 45 }),
    line("c", 1, { bakeMin: 20 }),
    line("d", 1, { bakeMin: 70, off: true }),
    line("e", 1),
  ]);
  expect(bedBatches(bed, 40)).toEqual([
    { bakeMin: 45, ingredientIds: ["b"], inAtMin: -5 },
    { bakeMin: 20, ingredientIds: ["a", "c"], inAtMin: 20 },
  ]);
});
