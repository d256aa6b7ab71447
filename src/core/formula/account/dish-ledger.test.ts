import { chops, worked } from "../formulation.fixture";
import type { Formulated } from "../formulate";
import { waterLine, type SheetLine } from "../weigh/lines";
import type { RestPlace } from "../weigh/prepared";
import { dishLedger, endG, type EndId, type Taken } from "./dish-ledger";

/*
 * Where every gram of salt ends, place by place, in round figures: 1000 g of flesh that hold 2 g of their own; 20 g of salt
 * are put to it, 12 g of that reach it, and 8 g of these have gone in.
 */

const sheet = worked(chops());
const line = (naclG: number, change: Partial<SheetLine> = {}): SheetLine => ({
  ...waterLine(naclG, "foodMass"),
  id: "salt",
  name: "Salt",
  role: "salt",
  naclG,
  ...change,
});
const dish = (change: Partial<Formulated> = {}): Formulated => ({
  ...sheet,
  flesh: { ...sheet.flesh, massG: 1000, nativeSaltFraction: 0.002 },
  soaked: { ...sheet.soaked, massG: 1000 },
  lines: [line(20)],
  companions: [],
  naclG: 20,
  loadG: 12,
  apart: { insideG: 0, leftG: 0 },
  rest: { reached: "bath", missed: "bath" },
  clings: 0,
  stockShare: 0,
  leftoverEaten: false,
  skinOff: false,
  coat: undefined,
  ...change,
});
const TAKEN: Taken = { inFleshG: 10, rinsedG: 0, pouredOver: false };
const ledgerOf = (change: Partial<Formulated> = {}, taken: Partial<Taken> = {}) =>
  dishLedger(dish(change), { ...TAKEN, ...taken }, 4);
/** [place, g, eaten] of every place, in their order. */
const ends = (change: Partial<Formulated> = {}, taken: Partial<Taken> = {}) =>
  ledgerOf(change, taken).ends.map((e) => [e.id, Number(e.naclG.toFixed(9)), e.eaten]);

test("a bath: what is not in the flesh is in the vessel; a portion, its sodium and the share of the finished flesh", () => {
  const ledger = ledgerOf();
  expect(ends()).toEqual([
    ["flesh", 10, true],
    ["vessel", 12, false],
  ]);
  expect(ledger).toMatchObject({ totalG: 22, eatenG: 10, perPortionG: 2.5, shareOfFood: 10 / 1010 });
  // Sodium is 39.34 % of salt.
  expect(ledger.sodiumMgPerPortion).toBeCloseTo(2500 * 0.3934, 0);
  expect(ends({ leftoverEaten: true })[1]).toEqual(["vessel", 12, true]);
});

test("sources: the food's own, lines, and what is beside by its part; what brings none is not named", () => {
  const { sources } = ledgerOf({
    lines: [line(20), line(0, { id: "water" })],
    companions: [line(3, { id: "soy", part: "sauce", optional: true })],
  });
  expect(sources.map((s) => [s.id, s.ingredientId, s.part, s.naclG, s.optional])).toEqual([
    [sheet.food.id, sheet.food.id, "food", 2, false],
    ["salt", "salt", "main", 20, false],
    ["sauce:soy", "soy", "sauce", 3, true],
  ]);
  expect(ledgerOf({ flesh: { ...sheet.flesh, nativeSaltFraction: 0 } }).sources.map((s) => s.id)).toEqual([
    "salt",
  ]);
});

test("rinsed off and boiled out into stock are not eaten; the stock has its share of what is kept", () => {
  expect(ends({ stockShare: 0.25 }, { rinsedG: 2 })).toEqual([
    ["flesh", 6, true],
    ["rinsed", 2, false],
    ["stock", 2, false],
    ["vessel", 12, false],
  ]);
});

describe("what the flesh did not take: 4 g that reached it, 8 g that did not", () => {
  const left = (
    reached: RestPlace,
    missed: RestPlace,
    change: Partial<Formulated> = {},
    taken: Partial<Taken> = {},
  ) => ends({ rest: { reached, missed }, ...change }, taken).filter(([id]) => id !== "flesh");

  test("a mixture clings by its share, the rest is in the vessel; poured over, all of it is on the food", () => {
    expect(left("mixture", "mixture", { clings: 0.25 })).toEqual([
      ["surface", 3, true],
      ["vessel", 9, false],
    ]);
    expect(left("mixture", "mixture", { clings: 0.25, leftoverEaten: true })[1]).toEqual(["vessel", 9, true]);
    expect(left("mixture", "mixture", { clings: 0.25 }, { pouredOver: true })).toEqual([
      ["surface", 12, true],
    ]);
  });

  test("a coat sticks by its share, what falls off is not eaten; without a coat's figures all of it sticks", () => {
    const coat = { stuckShare: 0.75 } as Formulated["coat"];
    expect(left("coat", "coat", { coat })).toEqual([
      ["coat", 9, true],
      ["fallenOff", 3, false],
    ]);
    expect(left("coat", "coat")).toEqual([["coat", 12, true]]);
    expect(left("surface", "coat", { coat })).toEqual([
      ["surface", 4, true],
      ["coat", 6, true],
      ["fallenOff", 2, false],
    ]);
  });

  test.each<[RestPlace, EndId, boolean]>([
    ["surface", "surface", true],
    ["takenOff", "takenOff", false],
    ["fallenOff", "fallenOff", false],
    ["runOut", "runOut", false],
    ["crust", "crust", false],
  ])("%s: in one place", (place, id, eaten) => {
    expect(left(place, place)).toEqual([[id, 12, eaten]]);
  });

  test("on a skin that is peeled off neither coat nor face is eaten, and nothing else is lost with it", () => {
    const coat = { stuckShare: 0.75 } as Formulated["coat"];
    expect(left("surface", "coat", { coat, skinOff: true })).toEqual([
      ["skin", 10, false],
      ["fallenOff", 2, false],
    ]);
    expect(left("bath", "bath", { skinOff: true })).toEqual([["vessel", 12, false]]);
  });
});

test("beside the food it is eaten; salt put on once more lies on the food", () => {
  const companions = [
    line(3, { part: "sauce" }),
    line(1, { part: "secondSalting" }),
    line(0.5, { part: "salting" }),
  ];
  expect(ends({ companions })).toEqual([
    ["flesh", 10, true],
    ["surface", 1.5, true],
    ["vessel", 12, false],
    ["companions", 3, true],
  ]);
});

test("set aside first, in the cavity, and left on the tray", () => {
  // 30 g weighed: 3 in the cavity, 2 on the tray, 20 meet the food, 5 are set aside.
  expect(ends({ lines: [line(30)], apart: { insideG: 3, leftG: 2 } })).toEqual([
    ["flesh", 10, true],
    ["vessel", 12, false],
    ["reserve", 5, true],
    ["inside", 3, true],
    ["left", 2, false],
  ]);
});

test("sources and ends sum to the same, wherever it lies; a place that has none holds none", () => {
  for (const reached of ["bath", "mixture", "coat", "surface", "crust"] as const)
    for (const clings of [0, 0.3, 1]) {
      const ledger = ledgerOf(
        {
          rest: { reached, missed: "fallenOff" },
          clings,
          lines: [line(30)],
          apart: { insideG: 3, leftG: 2 },
          companions: [line(4, { part: "glaze" })],
          stockShare: 0.1,
        },
        { rinsedG: 1 },
      );
      expect(ledger.ends.reduce((sum, e) => sum + e.naclG, 0)).toBeCloseTo(ledger.totalG, 9);
    }
  expect([endG(ledgerOf(), "vessel"), endG(ledgerOf(), "stock")]).toEqual([12, 0]);
});
