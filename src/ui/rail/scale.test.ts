import fc from "fast-check";
import { RAIL_FROM_H, RAIL_TO_H } from "@/core/formula/window";
import { hoursAt, nightsFrom, positionOf, stateAt, STATE_WORDS, TICKS, zonesOf } from "./scale";

const hours = fc.double({ min: RAIL_FROM_H, max: RAIL_TO_H, noNaN: true });
const edge = fc.option(fc.double({ min: 0.01, max: 400, noNaN: true }), { nil: undefined });
/** Early comes no later than likely, and likely no later than late. */
const soft = fc.tuple(edge, edge, edge).map(([a, b, c]) => {
  const [early, likely, late] = [a, b, c].sort((x, y) => (x ?? Infinity) - (y ?? Infinity));
  return { early, likely, late };
});

describe("the rail", () => {
  test("hours and positions are each other's inverse, and later lies further along", () =>
    fc.assert(
      fc.property(hours, hours, (a, b) => {
        expect(hoursAt(positionOf(a)) / a).toBeCloseTo(1, 9);
        // Nearer than figures can tell apart they may lie in one place.
        if (a - b > 1e-9) expect(positionOf(a)).toBeGreaterThan(positionOf(b));
      }),
    ));

  test("what lies beyond it is held at its ends", () => {
    expect(positionOf(0.001)).toBe(0);
    expect(positionOf(1000)).toBe(1);
  });

  test("equal factors are equal distances: two hours to four as four to eight", () =>
    expect(positionOf(4) - positionOf(2)).toBeCloseTo(positionOf(8) - positionOf(4), 12));

  test("its ticks are in order and lie on it", () => {
    const places = TICKS.map((t) => positionOf(t.hours));
    expect(places).toEqual([...places].sort((a, b) => a - b));
    expect(new Set(places).size).toBe(places.length);
  });
});

describe("a window on it", () => {
  test("zones never lie outside it or upside down", () =>
    fc.assert(
      fc.property(soft, soft, (ready, past) => {
        const zones = zonesOf({ ready, past });
        expect(zones.past.from).toBeLessThanOrEqual(zones.past.likely);
        for (const place of [zones.past.from, zones.past.likely, ...Object.values(zones.ready ?? {})]) {
          expect(place).toBeGreaterThanOrEqual(0);
          expect(place).toBeLessThanOrEqual(1);
        }
        if (zones.ready) {
          expect(zones.ready.from).toBeLessThanOrEqual(zones.ready.likely);
          expect(zones.ready.likely).toBeLessThanOrEqual(zones.ready.sure);
          expect(zones.ready.from).toBeLessThan(zones.past.likely);
        }
      }),
    ));

  test("what is past it before it is ready is never shown as ready", () => {
    const past = { early: 1, likely: 2, late: 3 };
    expect(zonesOf({ ready: { early: 5, likely: 6, late: 7 }, past }).ready).toBeUndefined();
  });

  test("as the hours go by its state only goes forward", () =>
    fc.assert(
      fc.property(soft, soft, fc.array(hours, { minLength: 2, maxLength: 20 }), (ready, past, at) => {
        const order = Object.keys(STATE_WORDS);
        const states = [...at].sort((a, b) => a - b).map((h) => order.indexOf(stateAt({ ready, past }, h)));
        expect(states).toEqual([...states].sort());
      }),
    ));

  test.each([
    [1, "notYet"],
    [5, "maybe"],
    [12, "ready"],
    [29, "ready"],
    [30, "ready"],
    [30.01, "past"],
  ])("after %d h: %s", (h, state) =>
    expect(
      stateAt({ ready: { early: 5, likely: 8, late: 12 }, past: { early: 24, likely: 30, late: 40 } }, h),
    ).toBe(state),
  );
});

describe("nights under it", () => {
  const noon = Date.UTC(2026, 10, 27, 12);
  const inHours = (nights: { from: number; to: number }[]) =>
    nights.map(({ from, to }) => [hoursAt(from), hoursAt(to)].map((h) => Math.round(h * 10) / 10));

  test("put in at noon, the first night is ten to eighteen hours on, the next a day later", () =>
    expect(inHours(nightsFrom(noon, "Europe/London")).slice(0, 2)).toEqual([
      [10, 18],
      [34, 42],
    ]));

  test("put in at midnight, that night is under way", () => {
    const [first] = inHours(nightsFrom(Date.UTC(2026, 10, 28, 0), "Europe/London"));
    expect(first[0]).toBe(Math.round(RAIL_FROM_H * 10) / 10);
    expect(first[1]).toBe(6);
  });

  test("by the kitchen's own clock, wherever it is", () => {
    const [tokyo] = inHours(nightsFrom(Date.UTC(2026, 10, 27, 3), "Asia/Tokyo"));
    expect(tokyo).toEqual([10, 18]);
  });
});
