import { endG } from "../formula/account/dish-ledger";
import { outcomeAt } from "../formula/account/outcome";
import { chops, foodIn, perKg } from "../formula/formulation.fixture";
import type { Companion, Formulation } from "../formulation";
import { dishOf, stepIn, timed } from "./program.fixture";
import { besideSteps, servingSteps } from "./serve";

const beside = (companions: Companion[]) => besideSteps(dishOf(chops({ companions })));
const serving = (f: Formulation) => servingSteps(dishOf(f));
const serve = (f: Formulation) => stepIn(serving(f), "serve");
const butter = (change: Partial<Companion> = {}): Companion => ({
  kind: "butter",
  name: "",
  lines: [perKg("butter_unsalted", 40)],
  ...change,
});

describe("made beside it", () => {
  test("while it is in the heat, its grams with it, ten minutes of a hand", () => {
    const [step] = beside([butter()]);
    expect(timed(step)).toBe("beside_1 at 0, 10 min");
    expect(step.title).toMatch(/^Make the butter: 40 g butter/);
    expect(step.why).toBe("Its salt is in the ledger.");
    expect(step.figures).toEqual([
      { what: expect.stringContaining("butter") as string, value: 40, unit: "g" },
    ]);
  });

  test("by the cook's name for it; a capital stays where it is one", () => {
    expect(beside([butter({ name: "Herb butter" })])[0].title).toMatch(/^Make the herb butter: /);
    expect(beside([butter({ name: "XO butter" })])[0].title).toMatch(/^Make the XO butter: /);
  });

  test.each(["sauce", "dressing", "baste"] as const)("a %s too", (kind) => {
    const said = kind === "baste" ? "basting" : kind;
    expect(beside([butter({ kind })])[0].title).toMatch(new RegExp(`^Make the ${said}: `));
  });

  test("salt and coats that go on in the heat; not those of before and after", () => {
    expect(beside([butter({ kind: "salting", when: "inHeat" })])[0].title).toMatch(
      /^While it cooks, salt it: /,
    );
    expect(beside([butter({ kind: "drizzle", when: "inHeat" })])[0].title).toMatch(
      /^While it cooks, drizzle over it: /,
    );
    for (const when of ["beforeHeat", "afterHeat", "atTable"] as const)
      expect(beside([butter({ kind: "salting", when })])).toEqual([]);
    expect(beside([butter({ kind: "glaze" }), butter({ kind: "bed" })])).toEqual([]);
  });

  test("what has nothing in it is not made; the next keeps its own number", () => {
    expect(beside([butter({ lines: [] }), butter()]).map((s) => s.id)).toEqual(["beside_2"]);
    expect(beside([butter({ leftover: "boiled" })])[0].why).toBe("With what lay on the food, boiled first.");
  });
});

describe("to the table", () => {
  const weighing = (totalMassG: number, count: number, carveMin?: number) =>
    chops({
      pieces: { ...chops().pieces, totalMassG, count },
      cook: { toC: 63, minutes: 60, restMin: 5, ...(carveMin !== undefined && { carveMin }) },
    });

  test.each([
    [999, 1, 5, "Dish up and serve"],
    [1000, 1, 10, "Carve and serve"],
    [1998, 2, 5, "Dish up and serve"],
    [2000, 2, 10, "Carve and serve"],
  ])("%d g in %d: %d min", (massG, count, minutes, title) => {
    expect(serve(weighing(massG, count))).toMatchObject({ handsMin: minutes, title });
  });

  test("as long as the cook carves; a large piece across the grain", () => {
    expect(serve(weighing(2000, 1, 25)).handsMin).toBe(25);
    expect(serve(weighing(2000, 1)).why).toBe("Across the grain, on a clean board.");
    expect(serve(weighing(200, 1)).why).toBe("On warm plates.");
  });

  test("a crust is opened whatever it weighs", () => {
    const opened = serve(
      foodIn("grey_mullet_whole", "crust", { pieces: { ...chops().pieces, totalMassG: 300 } }),
    );
    expect(opened).toMatchObject({ handsMin: 10, look: "A clean knife; no salt on the flesh." });
    expect(opened.title).toBe("Crack round the side, lift off, brush the salt away, serve");
  });

  test("what goes on last: out of the heat over it, at the table at the table", () => {
    const salt = (
      when: "afterHeat" | "atTable" | "beforeHeat",
      lines = [perKg("butter_unsalted", 5)],
    ): Companion => ({
      kind: "drizzle",
      name: "",
      when,
      lines,
    });
    expect(serve(chops({ companions: [salt("afterHeat"), salt("atTable")] })).title).toMatch(
      /^Dish up and serve; over it 5 g butter.*; at the table 5 g butter/,
    );
    expect(serve(chops({ companions: [salt("afterHeat")] })).figures).toHaveLength(1);
    expect(serve(chops({ companions: [salt("beforeHeat"), salt("atTable", [])] })).title).toBe(
      "Dish up and serve",
    );
    expect(serve(chops({ companions: [butter()] })).figures).toEqual([]);
    expect(serve(foodIn("grey_mullet_whole", "crust", { companions: [salt("atTable")] })).title).toMatch(
      /serve; at the table [\d.]+ g butter/,
    );
  });
});

test("what is left is chilled within two hours", () => {
  const last = serving(chops()).at(-1);
  expect(last).toMatchObject({
    id: "chill_leftovers",
    handsMin: 5,
    late: "After two hours warm it is thrown away.",
  });
  expect(serving(chops())).toHaveLength(2);
});

test("carcass and trimmings go to the stock with what salt they carry, by the ledger", () => {
  const parts = [{ name: "breasts", toC: 66, thicknessMm: 40, share: 0.3 }];
  const f = foodIn("goose_whole", "dry", {
    pullH: 24,
    cook: { toC: 80, minutes: 150, restMin: 15, apart: true, parts },
  });
  const { sheet } = dishOf(f);
  const { ledger, toHeat } = outcomeAt(sheet, 24, 1);
  const stock = stepIn(serving(f), "stock");
  const [massG, saltG, percent] = stock.figures.map((x) => x.value);
  expect(massG).toBeCloseTo(sheet.foodG * 0.7, 9);
  expect(saltG).toBeCloseTo(endG(ledger, "stock"), 9);
  expect(percent).toBeCloseTo(100 * toHeat.meanFraction, 9);
  expect(stock.why).toBe(
    `They carry ${percent.toFixed(1)} % salt, ${saltG.toFixed(1)} g in all: taste the stock before any more goes in.`,
  );
  expect(serving(f).map((s) => s.id)).toEqual(["serve", "stock", "chill_leftovers"]);
});
