import type { Food } from "../materials/types";
import { chops, foodIn } from "../formula/formulation.fixture";
import type { WorkedDish } from "./dish";
import type { Exit } from "./exits";
import { climbText, plateText, probing, takeOut, timeText } from "./probing";
import { dishOf } from "./program.fixture";

const climb = (low: number, high: number) => ({ low, likely: (low + high) / 2, high });
const exit = (change: Partial<Exit> = {}) =>
  ({ channel: "probe", name: "", endC: 63, outC: 57, climb: climb(5, 10), ...change }) as Exit;
/** Chops, with what a test says of their food. */
const of = (food: Partial<Food> = {}): WorkedDish => {
  const dish = dishOf(chops());
  return { ...dish, sheet: { ...dish.sheet, food: { ...dish.sheet.food, ...food } } };
};

test("what it ends at is what was wanted, and as much more as it may climb", () => {
  expect(plateText({ endC: 63, climb: climb(5, 10) })).toBe("63 to 68 °C");
  expect(plateText({ endC: 85, climb: climb(0, 0.4) })).toBe("85 °C");
  expect(plateText({ endC: 54.4, climb: climb(2, 3) })).toBe("54.4 to 55 °C");
});

test("past its exit it ends as much higher", () => {
  expect(plateText({ endC: 63, climb: climb(5, 10) }, 16.2)).toBe("79 to 84 °C");
  expect(plateText({ endC: 85, climb: climb(0, 0.4) }, 3)).toBe("88 °C");
  // Not there yet, it will come out at its exit.
  expect(plateText({ endC: 63, climb: climb(5, 10) }, -4)).toBe("63 to 68 °C");
  expect(plateText({ endC: 54.4, climb: climb(2, 2) }, 0)).toBe("54.4 °C");
});

test.each([
  [4.6, 9.2, "about 5 to 9 °C"],
  [2.8, 3.2, "about 3 °C"],
  [0, 0.6, "up to 1 °C"],
  [0, 0.4, "hardly at all"],
  [0.6, 1.4, "about 1 °C"],
  [0.6, 2, "about 1 to 2 °C"],
  [0.4, 2, "up to 2 °C"],
])("a climb of %d to %d is said as: %s", (low, high, said) => {
  expect(climbText({ climb: climb(low, high) })).toBe(said);
});

describe("what to look for beside the thermometer", () => {
  test.each([
    [{ kingdom: "plant" }, 90, "A skewer slides in."],
    [{ kingdom: "fungus" }, 90, "A skewer slides in."],
    [{ kingdom: "bird" }, 74, "Juices run clear, the leg's joint loosens."],
    [{ kingdom: "mammal" }, 84.9, "It springs back under a thumb."],
    [{ kingdom: "mammal" }, 85, "A fork turns in it."],
    [{ kingdom: "mammal" }, 90, "A fork turns in it."],
    [{ kingdom: "fish_lean", group: "fish" }, 60, "It flakes and is opaque to the bone."],
    [{ kingdom: "mollusc", group: "shellfish" }, 60, "It springs back under a thumb."],
  ])("%p to %d °C", (food, endC, sign) => {
    const out = takeOut(of(food as Partial<Food>), exit({ endC }), "oven_out");
    expect(out.look).toBe(sign);
  });

  test("a crust rings, and is probed through", () => {
    const mullet = dishOf(foodIn("grey_mullet_whole", "crust"));
    expect(takeOut(mullet, exit(), "oven_out").look).toMatch(
      /^The crust rings hard, golden to brown\. It flakes/,
    );
    expect(probing(mullet, exit(), "probe").title).toBe(
      "Probe the thickest part, through the crust: out at 57 °C",
    );
  });
});

describe("the look at the probe", () => {
  test("where, out at, and what it climbs to; the official minimum where there is one", () => {
    const probe = probing(of({ safeMinC: 62.8 }), exit(), "probe");
    expect(probe).toMatchObject({
      id: "probe",
      handsMin: 2,
      title: "Probe the thickest part: out at 57 °C",
      why: "The thermometer decides. Out of the heat it climbs about 5 to 10 °C, to end at 63 °C.",
      look: "It springs back under a thumb. Official minimum 62.8 °C.",
      figures: [
        { what: "out at", value: 57, unit: "°C" },
        { what: "ends at", value: 63, unit: "°C" },
      ],
    });
    expect(probing(of({ safeMinC: null }), exit(), "probe").look).toBe("It springs back under a thumb.");
    expect(probing(of(), exit({ name: "legs" }), "p2_probe").title).toBe("Probe the legs: out at 57 °C");
  });

  test("the taking out ends by its own probe, and says what is on the plate", () => {
    const out = takeOut(of(), exit({ name: "legs", channel: "probe2" }), "p2_out");
    expect(out).toMatchObject({
      title: "Take the legs out at 57 °C",
      why: "It climbs about 5 to 10 °C more: 63 to 68 °C on the plate.",
      ends: { by: "core", channel: "probe2", outC: 57, endC: 63 },
      figures: [
        { what: "out at", value: 57, unit: "°C" },
        { what: "ends at", value: 63, unit: "°C" },
      ],
    });
    expect(takeOut(of(), exit(), "oven_out").title).toBe("Take it out at 57 °C");
  });
});

test("what the table asks at its end, and what this cook gives, enough or not", () => {
  const time = { atC: 60, askedMin: 12, givenMin: 20, reachedMin: undefined };
  expect(timeText({})).toBe("");
  expect(timeText({ time: { ...time, reachedMin: 80 } })).toBe(
    " At 60 °C the published table asks 12 min; this cook gives 20 min.",
  );
  expect(timeText({ time: { ...time, givenMin: 5 } })).toBe(
    " At 60 °C the published table asks 12 min; this cook gives 5 min, not enough by the table.",
  );
  const out = takeOut(of(), exit({ time: { ...time, reachedMin: 80 } }), "oven_out");
  expect(out.why).toMatch(/on the plate\. At 60 °C the published table asks 12 min/);
});
