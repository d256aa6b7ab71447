import type { Food } from "../../materials/types";
import { findFood } from "../../materials/lookup";
import { boughtOf, buyFor, portionsFrom, servingG } from "./buy";

const found = findFood("duck_leg");
if (!found) throw new Error("no duck");
const food: Food = {
  ...found,
  servingLightG: 200,
  servingHeartyG: 300,
  boneFraction: 0.25,
  edibleFraction: 0.6,
  pieceMassG: 280,
};

test("for one eater, light, hearty, or half-way between", () => {
  expect([servingG(food, "light"), servingG(food, "usual"), servingG(food, "hearty")]).toEqual([
    200, 250, 300,
  ]);
});

test("by hand: 8 eaters at 250 g and a tenth over are 2200 g, a quarter of it bone, 15 % trim, eight legs", () => {
  expect(buyFor(food, 8, "usual", 0.1)).toEqual({
    rawG: expect.closeTo(2200, 9) as number,
    boneG: expect.closeTo(550, 9) as number,
    trimG: expect.closeTo(330, 9) as number,
    edibleG: expect.closeTo(1320, 9) as number,
    pieces: 8,
  });
  expect(buyFor(food, 8, "usual").rawG).toBe(2000);
});

test("pieces are rounded up, but a whole number of them is itself", () => {
  expect([280, 281, 559, 560, 561].map((g) => boughtOf(food, g).pieces)).toEqual([1, 2, 2, 2, 3]);
  expect(boughtOf({ ...food, pieceMassG: 0.1 }, 0.3).pieces).toBe(3);
});

test("where bone and what is eaten make more than the whole there is no trim", () => {
  expect(boughtOf({ ...food, edibleFraction: 0.8 }, 100).trimG).toBe(0);
});

test("how many it feeds is rounded down, but a whole number of servings is itself", () => {
  expect([499, 500, 749, 750].map((g) => portionsFrom(food, g, "usual"))).toEqual([1, 2, 2, 3]);
  expect(portionsFrom({ ...food, servingLightG: 0.1 }, 0.3, "light")).toBe(3);
});
