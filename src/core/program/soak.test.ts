import { chops, foodIn } from "../formula/formulation.fixture";
import type { Formulation } from "../formulation";
import { vesselLeakWPerK } from "../heat/vessel-leak";
import { dishOf, held, stepIn, tied, timed } from "./program.fixture";
import { coolerIce, iceLooks } from "./cooler-ice";
import { soakSteps, standsIn } from "./soak";

const placed = (place: Formulation["holding"]["place"], change: Partial<Formulation> = {}) =>
  dishOf(chops({ holding: { ...chops().holding, place }, ...change }));
const of = (dish: ReturnType<typeof dishOf>) => {
  const { steps, ties } = soakSteps(dish);
  return { steps: steps.map(timed), ties: ties.map(tied), step: (id: string) => stepIn(steps, id) };
};

describe("in a cooler for eleven hours: turned once, looked at twice", () => {
  const dish = () => placed("cooler", { pullH: 11 });

  test("its acts, by their minutes", () => {
    expect(of(dish()).steps).toEqual([
      "go_in at 0, 5 min",
      "soak at 0, 660 min, hands 0",
      "ice_1 at 220, 3 min",
      "ice_2 at 440, 3 min",
      "turn_8 at 480, 3 min",
      "lift_out at 660, 5 min",
    ]);
  });

  test("what ties them: no gap of five hours, the turn so far off its hour, nothing in the last hour", () => {
    expect(of(dish()).ties).toEqual([
      "go_in start, soak start: 0 to 0",
      "soak start, turn_8 start: 240 to 720, wants 480, gently, soak's wish",
      "turn_8 end, soak end: 60 or more, soak's wish",
      "soak start, ice_1 start: 0 to 300, wants 220, gently, ice's wish",
      "ice_1 start, ice_2 start: 30 to 300, wants 220, gently, ice's wish",
      "ice_2 start, soak end: 30 to 299, ice's wish",
      "soak end, lift_out start: 0 to 0",
    ]);
  });

  test("its ice is in the act that puts it in and in every look, and what is bought is what they ask for", () => {
    const { step } = of(dish());
    const { allG, firstG, topUpG } = coolerIce(dish());
    expect(step("go_in").title).toBe("Submerge it in 1 L brine; 1 870 g ice about it");
    expect(step("go_in").figures[1]).toEqual({ what: "ice", value: firstG, unit: "g" });
    for (const id of ["ice_1", "ice_2"]) {
      expect(step(id).title).toBe("Look at the ice, top it up with about 1 245 g");
      expect(step(id).figures).toEqual([{ what: "ice", value: topUpG, unit: "g" }]);
    }
    expect(allG).toBeCloseTo(firstG + 2 * topUpG, 9);
  });
});

test("two turns lie three hours apart at least, the second free as the first", () => {
  expect(of(placed("fridge", { pullH: 17.1 })).ties).toEqual([
    "go_in start, soak start: 0 to 0",
    "soak start, turn_8 start: 240 to 720, wants 480, gently, soak's wish",
    "turn_8 end, soak end: 60 or more, soak's wish",
    "soak start, turn_16 start: 720 to 1200, wants 960, gently, soak's wish",
    "turn_16 end, soak end: 60 or more, soak's wish",
    "turn_8 end, turn_16 start: 180 or more, soak's wish",
    "soak end, lift_out start: 0 to 0",
  ]);
});

test("under five hours a cooler is not looked at: all its ice goes in at the start, half as much again as melts", () => {
  const dish = placed("cooler", { pullH: 4.9 });
  expect(of(dish).steps).toEqual([
    "go_in at 0, 5 min",
    "soak at 0, 294 min, hands 0",
    "lift_out at 294, 5 min",
  ]);
  const { allG, firstG, topUpG } = coolerIce(dish);
  expect(topUpG).toBe(0);
  expect(allG).toBe(firstG);
  expect(coolerIce({ ...dish, soakH: 2.45 }).firstG).toBeCloseTo(firstG / 2, 6);
  // 17 K over what it is kept at, by the walls of this vessel: 333.55 kJ melt a kilogram.
  const melts = (vesselLeakWPerK(dish.input.vessel) * 17 * 4.9 * 3600) / 333.55;
  expect(firstG).toBeCloseTo(1.5 * melts, 3);
});

test.each([
  [4.9, 0],
  [4.99, 0],
  [5, 1],
  [9.99, 1],
  [10, 2],
  [15, 3],
])("%d h in a cooler: %d looks", (hours, looks) => expect(iceLooks(hours)).toBe(looks));

test("turned about every eight hours where it lies wet, never in its last hour", () => {
  const turns = (f: Formulation) =>
    soakSteps(dishOf(f))
      .steps.filter((s) => s.kind === "turn")
      .map((s) => s.id);
  expect(turns(chops({ pullH: 9 }))).toEqual([]);
  expect(turns(chops({ pullH: 9.01 }))).toEqual(["turn_8"]);
  expect(turns(chops({ pullH: 25.01 }))).toEqual(["turn_8", "turn_16", "turn_24"]);
  expect(turns(foodIn("duck_leg", "dry", { pullH: 25 }))).toEqual([]);
});

describe("where it stands, and in what", () => {
  test.each([
    ["fridge", "vessel + fridge 3", "In the fridge at 3 °C, covered."],
    ["cooler", "vessel + cooler", "In a cooler with ice at 3 °C, covered."],
    ["counter", "vessel", "On the counter at 3 °C, covered."],
  ] as const)("in the %s", (place, takes, why) => {
    const dish = placed(place);
    expect(held({ occupies: standsIn(dish) })).toBe(takes);
    expect(of(dish).step("soak")).toMatchObject({
      why,
      occupies: standsIn(dish),
      figures: [{ what: "stands", value: 24, unit: "h" }],
    });
  });

  test("a kilogram and a litre of brine with room about them is three litres of a fridge; dry on its tray it is twice its weight", () => {
    const brined = placed("fridge");
    const sheet = { ...brined.sheet, foodG: 1000, liquidMl: 1300 };
    expect(held({ occupies: standsIn({ ...brined, sheet }) })).toBe("vessel + fridge 3");
    expect(held({ occupies: standsIn({ ...brined, sheet: { ...sheet, liquidMl: 1310 } }) })).toBe(
      "vessel + fridge 4",
    );
    expect(held({ occupies: standsIn({ ...brined, sheet: { ...sheet, liquidMl: 0 } }) })).toBe(
      "tray + fridge 2",
    );
    expect(held({ occupies: standsIn({ ...brined, sheet: { ...sheet, foodG: 1001, liquidMl: 0 } }) })).toBe(
      "tray + fridge 3",
    );
  });

  test("bare where it is to dry", () => {
    const dry = dishOf(foodIn("duck_leg", "dry", { pullH: 10 }));
    expect(of(dry).step("soak").why).toBe("In the fridge at 3 °C, bare, so that the surface dries.");
  });
});

describe("what goes in", () => {
  const wings = foodIn("duck_leg", "marinade", { pullH: 10 }, 2);

  test("less what was set aside; where it does not stand, all of it", () => {
    const all = of(dishOf(wings)).step("go_in").figures[0].value;
    const reserve = { share: 0.25, use: "sauce" as const };
    const dish = dishOf({ ...wings, reserve });
    const made = dish.sheet.lines.reduce((sum, l) => sum + l.massG, 0);
    expect(of(dish).step("go_in").figures).toEqual([
      { what: "on or about it", value: made * 0.75, unit: "g" },
    ]);
    expect(all).toBeGreaterThan(made * 0.7);
    expect(of({ ...dish, soakH: 0 }).step("go_in").figures[0].value).toBeCloseTo(made, 9);
  });

  test("with no time there is nothing to stand, to ice or to take out", () => {
    const dish = placed("cooler", { pullH: 10 });
    const { steps, step } = of({ ...dish, soakH: 0 });
    expect(steps).toEqual(["go_in at 0, 5 min"]);
    expect(step("go_in").title).not.toContain("ice");
    expect(step("go_in").figures).toHaveLength(1);
    // A minute is a soak.
    expect(of({ ...dish, soakH: 1 / 60 }).steps).toHaveLength(3);
    expect(of({ ...dish, soakH: 0.99 / 60 }).steps).toHaveLength(1);
  });

  test("a crust has no soak of its own", () => {
    expect(soakSteps(dishOf(foodIn("grey_mullet_whole", "crust")))).toEqual({ steps: [], ties: [] });
  });
});

describe("taking it out", () => {
  const lift = (f: Formulation) => of(dishOf(f)).step("lift_out");

  test("says how long it keeps, and what becomes of what is left", () => {
    expect(lift(chops()).late).toBe("It keeps 48 h in all, and goes on salting.");
    expect(lift(chops()).why).toMatch(/whether\. What is left in the vessel is thrown away\.$/);
    expect(lift(foodIn("duck_leg", "dry", { pullH: 10 })).why).toMatch(/says whether\.$/);
  });

  test("what a sauce is to be made with is kept for it", () => {
    const companions = [{ kind: "sauce" as const, name: "", leftover: "boiled" as const, lines: [] }];
    expect(lift(chops({ companions })).why).toMatch(
      /whether\. What is left in the vessel is for the sauce\.$/,
    );
    expect(lift(chops({ companions: [{ ...companions[0], leftover: undefined }] })).why).toMatch(
      /thrown away\.$/,
    );
  });
});
