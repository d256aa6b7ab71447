import { plainProgram, type PlainDish } from "./plain";
import { held, stepIn, tied, timed } from "./program.fixture";

const roots: PlainDish = {
  kind: "plain",
  id: "roots",
  name: "Roast roots",
  prepMin: 20,
  trays: [
    { name: "leeks", minutes: 15 },
    { name: "carrots", minutes: 40 },
    { name: "beets", minutes: 55 },
  ],
  ovenC: 200,
  holdMin: 12,
};

describe("trays by their baking time", () => {
  const { steps, ties, ...rest } = plainProgram(roots);

  test("prepared, heated, each in by its time, all out together at nought", () => {
    expect(steps.map(timed)).toEqual([
      "prep at -75, 20 min",
      "preheat at -75, 20 min, hands 1",
      "tray_2 at -55, 55 min, hands 2",
      "tray_1 at -40, 40 min, hands 2",
      "tray_0 at -15, 15 min, hands 2",
      "serve at 0, 5 min",
    ]);
    expect(rest).toEqual({ soakH: 0, readyMin: 20, tableMin: 5 });
  });

  test("tied: the oven to the longest, the others to its end, none longer done than it may wait", () => {
    expect(ties.map(tied)).toEqual([
      "prep end, tray_0 start: 0 to 240",
      "prep end, tray_1 start: 0 to 240",
      "prep end, tray_2 start: 0 to 240",
      "preheat end, tray_2 start: 0 to 15",
      "tray_2 end, tray_0 end: -3 to 3, wants 0",
      "tray_2 end, tray_1 end: -3 to 3, wants 0",
      "tray_0 end, serve start: 0 to 12",
      "tray_1 end, serve start: 0 to 12",
      "tray_2 end, serve start: 0 to 12",
    ]);
  });

  test("what each holds, by its name", () => {
    expect(stepIn(steps, "prep").title).toBe("Prepare the roast roots");
    expect(held(stepIn(steps, "preheat"))).toBe("oven 200");
    expect(stepIn(steps, "tray_2")).toMatchObject({
      title: "Beets into the oven, 200 °C, 55 min",
      why: "Sorted by their time, so that all are ready together.",
      figures: [{ what: "for", value: 55, unit: "min" }],
    });
    expect(held(stepIn(steps, "tray_2"))).toBe("oven 200 + tray");
    expect(stepIn(steps, "serve").title).toBe("Roast roots to the table");
  });
});

test("on the hob there is no oven to heat, and one pot has nobody to be ready with", () => {
  const { steps, ties } = plainProgram({
    ...roots,
    prepMin: 0,
    trays: [{ name: "stock", minutes: 90 }],
    ovenC: undefined,
  });
  expect(steps.map(timed)).toEqual(["tray_0 at -90, 90 min, hands 2", "serve at 0, 5 min"]);
  expect(ties.map(tied)).toEqual(["tray_0 end, serve start: 0 to 12"]);
  expect(stepIn(steps, "tray_0")).toMatchObject({
    title: "Stock on the hob, 1 h 30",
    why: "Tender is when a knife slides in.",
  });
  expect(held(stepIn(steps, "tray_0"))).toBe("ring");
});

test("of two that take the same the first is the one the oven waits for; a slow oven is lit sooner", () => {
  const twins = {
    ...roots,
    trays: [
      { name: "a", minutes: 30 },
      { name: "b", minutes: 30 },
    ],
    heatUp: 1.5,
  };
  const { steps, ties } = plainProgram(twins);
  expect(ties.map(tied)).toContain("preheat end, tray_0 start: 0 to 15");
  expect(timed(stepIn(steps, "preheat"))).toBe("preheat at -60, 30 min, hands 1");
});
