import fc from "fast-check";
import { coolerPlan, leakWPerK } from "./cooler";
import { frozenBath, type FrozenBathInput } from "./frozen-bath";
import { glazeWindowMin } from "./glaze";
import { coldWaterThawMin, fridgeThawH } from "./thaw";

const BIRD: FrozenBathInput = {
  shape: "slab",
  halfThicknessMm: 45,
  foodKg: 6,
  waterFraction: 0.7,
  foodStartC: -18,
  bathKg: 8,
  bathSaltFraction: 0.05,
  bathStartC: 4,
  iceKg: 0,
  roomC: 20,
  leakWPerK: 2,
  hours: 24,
};

describe("frozen food in a bath", () => {
  test("no heat is lost or made, whatever the shape, the ice and the room", () => {
    const number = (min: number, max: number) => fc.double({ min, max, noNaN: true });
    fc.assert(
      fc.property(
        fc.constantFrom("slab", "cylinder", "sphere"),
        number(10, 80),
        number(0, 3),
        number(0, 30),
        (shape, halfThicknessMm, iceKg, roomC) => {
          const run = frozenBath({
            ...BIRD,
            shape: shape,
            halfThicknessMm,
            iceKg,
            roomC,
            hours: 6,
          });
          return run.energyGap < 1e-9;
        },
      ),
      { seed: 91, numRuns: 25 },
    );
  });

  test("trade fact (common practice, no source): it keeps its water cold for hours, then the room wins", () => {
    const { moments, warmFromH, thawedH } = frozenBath({ ...BIRD, hours: 48 });
    expect(moments[0].bathC).toBeCloseTo(4, 6);
    expect(Math.min(...moments.map((m) => m.bathC))).toBeLessThan(1);
    expect(warmFromH).toBeGreaterThan(6);
    expect(thawedH).toBeGreaterThan(4);
  });

  test("followed until it is warm alone, it is warm at the same hour, and ends with that", () => {
    const whole = frozenBath({ ...BIRD, hours: 48 });
    const { warmFromH, moments } = frozenBath({ ...BIRD, hours: 48, until: "warm" });
    expect(warmFromH).toBe(whole.warmFromH);
    expect(moments).toEqual(whole.moments.slice(0, moments.length));
    expect(moments.at(-1)?.hour).toBe(warmFromH);
    // One that never is, is followed to its end.
    const iced = { ...BIRD, iceKg: 9 };
    expect(frozenBath({ ...iced, until: "warm" })).toEqual(frozenBath(iced));
  });

  test("with enough ice it never warms; in a fridge it settles at the fridge", () => {
    expect(frozenBath({ ...BIRD, iceKg: 9 }).warmFromH).toBeUndefined();
    const cold = frozenBath({ ...BIRD, roomC: 3, hours: 72 }).moments;
    expect(cold[cold.length - 1].bathC).toBeLessThanOrEqual(3);
    expect(cold[cold.length - 1].bathC).toBeGreaterThan(-1);
  });

  test("ice melts at the brine's own freezing point, and is gone before the bath warms", () => {
    const { moments } = frozenBath({ ...BIRD, iceKg: 1, foodKg: 1, hours: 24 });
    const iced = moments.filter((m) => m.iceKg > 0.01);
    expect(iced.length).toBeGreaterThan(3);
    for (const m of iced) expect(m.bathC).toBeCloseTo(iced[0].bathC, 6);
  });
});

describe("cooler ice", () => {
  test("by hand: 2 W/K, 20 K, 10 h is 1.44 MJ, 4.317 kg of ice at 333.55 kJ/kg", () => {
    const plan = coolerPlan({ leakWPerK: 2, roomC: 23, keepC: 3, hours: 10, topUpEveryH: 4, mostIceKg: 20 });
    expect(plan.iceKg).toBeCloseTo((2 * 20 * 36_000) / 333_550, 9);
    expect(plan.topUps.map((t) => t.hour)).toEqual([4, 8]);
  });

  test("what is put in always outlasts the next look", () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0.5, max: 6, noNaN: true }),
        fc.integer({ min: 1, max: 40 }),
        (leak, hours) => {
          const plan = coolerPlan({
            leakWPerK: leak,
            roomC: 22,
            keepC: 3,
            hours,
            topUpEveryH: 4,
            mostIceKg: 50,
          });
          const given = plan.firstIceKg + plan.topUps.reduce((sum, t) => sum + t.iceKg, 0);
          return given >= plan.iceKg - 1e-9;
        },
      ),
      { seed: 92 },
    );
  });

  test("a cooler's wall lets in far less than a pail's", () => {
    expect(leakWPerK("cooler", 1e6)).toBeLessThan(leakWPerK("pail", 1e6) / 3);
  });
});

test("USDA FSIS (from memory): 24 h a fridge for each 4 to 5 lb, 30 min a pound in cold water", () => {
  expect(fridgeThawH(4 * 453.59237).high).toBeCloseTo(24, 9);
  expect(fridgeThawH(5 * 453.59237).low).toBeCloseTo(24, 9);
  expect(coldWaterThawMin(2 * 453.59237)).toBeCloseTo(60, 9);
});

test.each([
  [220, 5, 10],
  [180, 15, 20],
  [140, 30, 45],
])("common practice, no source: in a %d °C oven a sugar glaze stands %d to %d min", (ovenC, low, high) => {
  expect(glazeWindowMin(ovenC)).toEqual({ low, high });
});
