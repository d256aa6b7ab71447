import type { Cook, CookStage } from "../../formulation";
import { cookMinutesFor } from "../../heat/cook-minutes";
import { findFood } from "../../materials/lookup";
import { chops } from "../formulation.fixture";
import { withPreparation } from "../offer/offered";
import { cookMinutes, cookOf, cookOffered, minutesOf, ovenMinutes, presetStages, stagesOf } from "./cook";

/* A cook where none was entered, its stages, and the usual ways to divide it: by hand. */

const duck =
  findFood("duck_leg") ??
  (() => {
    throw new Error("table");
  })();
const pieces = { count: 4, totalMassG: 1200, thicknessMm: 40 };
const oven = (ovenC: number, minutes: number, more: Partial<CookStage> = {}): CookStage => ({
  ovenC,
  minutes,
  cover: "open",
  ...more,
});

test("minutes: of one piece, from the fridge, in the oven as it really is", () => {
  const heat = { ovenC: 170, endC: 80, restMin: 5 };
  const by = (ovenC: number, startC = 4, cover: CookStage["cover"] = "open") =>
    cookMinutesFor(duck, { massG: 300, thicknessMm: 40, startC }, { ovenC, cover, endC: 80, restMin: 5 })
      .minutes;
  expect(minutesOf(duck, pieces, heat).minutes).toBe(by(170));
  expect(minutesOf(duck, pieces, { ...heat, ovenOffC: -20 }).minutes).toBe(by(150));
  expect(minutesOf(duck, pieces, { ...heat, startC: 20, cover: "foil" }).minutes).toBe(by(170, 20, "foil"));
});

test("offered: to the food's own core, at 180 °C, rested five minutes or as long as is asked, in minutes a cook would say", () => {
  const of = (safeRestMin: number | null, thicknessMm = 40) =>
    cookOffered({ ...duck, safeRestMin }, { ...pieces, thicknessMm });
  const offered = of(3);
  expect(offered).toMatchObject({ toC: duck.targetC, restMin: 5 });
  expect([of(null).restMin, of(12).restMin]).toEqual([5, 12]);
  const plain = minutesOf(duck, pieces, { ovenC: 180, endC: duck.targetC, restMin: 5 }).minutes;
  expect(offered.minutes).toBe(plain < 30 ? Math.round(plain) : Math.round(plain / 5) * 5);
  expect(cookOffered(duck, pieces, { ovenOffC: -30 }).minutes).toBeGreaterThan(offered.minutes);
  // By five from half an hour on, by one before.
  const fish = findFood("mackerel_fillet") ?? duck;
  for (let thicknessMm = 6; thicknessMm < 60; thicknessMm += 3) {
    const exact = minutesOf(
      fish,
      { ...pieces, thicknessMm },
      { ovenC: 180, endC: fish.targetC, restMin: Math.max(5, fish.safeRestMin ?? 5) },
    ).minutes;
    const { minutes } = cookOffered(fish, { ...pieces, thicknessMm });
    expect(Math.abs(minutes - exact)).toBeLessThanOrEqual(exact < 30 ? 0.5 : 2.5);
    expect(minutes % (exact < 30 ? 1 : 5)).toBe(0);
  }
});

test("what was entered goes before what is offered", () => {
  const own: Cook = { toC: 70, minutes: 33, restMin: 7 };
  const food = findFood("pork_chop_boneless") ?? duck;
  expect(cookOf(chops({ cook: own }), food)).toBe(own);
  expect(cookOf(chops(), food)).toEqual(cookOffered(food, chops().pieces));
  expect(cookOf(chops({ heatHere: { ovenOffC: -30 } }), food)).toEqual(
    cookOffered(food, chops().pieces, { ovenOffC: -30 }),
  );
});

test("stages: those written down, or the one that its figures say; a crust bakes for its own hours", () => {
  const cook: Cook = { toC: 70, minutes: 40, restMin: 5 };
  const written = [oven(200, 10), oven(120, 50, { cover: "lid" })];
  expect(stagesOf(chops(), { ...cook, stages: written })).toBe(written);
  expect(stagesOf(chops(), cook)).toEqual([oven(180, 40)]);
  expect(stagesOf(chops(), { ...cook, ovenC: 150 })).toEqual([oven(150, 40)]);
  expect(stagesOf(chops(), { ...cook, stages: [] })).toEqual([oven(180, 40)]);
  const crust = { ...withPreparation(chops(), "crust"), pullH: 0.75 };
  expect(stagesOf(crust, cook)[0]).toMatchObject({ minutes: 45, cover: "crust" });
  expect(stagesOf(crust, { ...cook, stages: written })).toEqual([oven(200, 45, { cover: "crust" })]);
  expect(stagesOf({ ...crust, pullH: 0 }, cook)[0].minutes).toBe(1);
});

test("a pan's minutes are no oven's", () => {
  const stages = [oven(220, 6, { on: "pan" }), oven(160, 30), oven(200, 10, { on: "oven" })];
  expect([ovenMinutes(stages), cookMinutes(stages), ovenMinutes([])]).toEqual([40, 46, 0]);
});

test("the usual ways to divide a cook keep its minutes in the oven", () => {
  expect(presetStages("one", 180, 60)).toBeUndefined();
  expect(presetStages("hotThenLow", 180, 60)).toEqual([
    oven(220, 15),
    oven(160, 45, { cover: "foil", action: "tent" }),
  ]);
  expect(presetStages("lowThenHot", 180, 60)).toEqual([
    oven(160, 45, { cover: "lid" }),
    oven(220, 15, { action: "baste", everyMin: 15 }),
  ]);
  expect(presetStages("searFirst", 180, 60)).toEqual([
    oven(220, 6, { action: "sear", on: "pan" }),
    oven(180, 60),
  ]);
  expect(presetStages("pouch", 180, 60)).toEqual([oven(180, 60, { cover: "pouch" })]);
  // A minute at least of each.
  expect(presetStages("hotThenLow", 180, 1)?.map((s) => s.minutes)).toEqual([1, 1]);
});

test.each(["duck_leg", "beef_short_rib", "pork_shoulder", "lamb_shoulder_butterflied", "celeriac"])(
  "%s: a hotter oven never takes longer, and a degree moves no cook by more than a twentieth, nor the engine's estimate",
  (id) => {
    const food = findFood(id) ?? duck;
    const at = (ovenC: number) =>
      minutesOf(
        food,
        { count: 1, totalMassG: food.pieceMassG, thicknessMm: food.thicknessMm },
        {
          ovenC,
          endC: food.targetC,
          restMin: 5,
        },
      );
    let before = at(110);
    for (let ovenC = 111; ovenC <= 230; ovenC++) {
      const now = at(ovenC);
      for (const figure of ["minutes", "engineMin"] as const) {
        const [a, b] = [before[figure] ?? NaN, now[figure] ?? NaN];
        // Halved until a quarter of a minute is left.
        expect(b).toBeLessThan(a + 0.9);
        expect(b).toBeGreaterThan(0.95 * a - 0.9);
      }
      before = now;
    }
  },
);
