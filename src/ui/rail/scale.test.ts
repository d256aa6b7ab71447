import fc from "fast-check";
import { RAIL_TO_H } from "@/core/formula/soak/window";
import { hoursAt, nightsFrom, positionOf, spanOf, stateAt, stateWord, ticksOf, zonesOf } from "./scale";

const hours = fc.double({ min: 0.01, max: RAIL_TO_H, noNaN: true });
const span = fc.double({ min: 0.5, max: RAIL_TO_H, noNaN: true });
const edge = fc.option(fc.double({ min: 0.01, max: 400, noNaN: true }), { nil: undefined });
/** Early comes no later than likely, and likely no later than late. */
const soft = fc.tuple(edge, edge, edge).map(([a, b, c]) => {
  const [early, likely, late] = [a, b, c].sort((x, y) => (x ?? Infinity) - (y ?? Infinity));
  return { early, likely, late };
});

describe("the rail", () => {
  test("goes evenly by the clock: an hour is as long at its end as at its beginning", () =>
    fc.assert(
      fc.property(hours, span, (h, spanH) => {
        fc.pre(h <= spanH);
        expect(hoursAt(positionOf(h, spanH), spanH)).toBeCloseTo(h, 9);
        expect(positionOf(h, spanH)).toBeCloseTo(h / spanH, 12);
      }),
    ));

  test("what lies beyond it is held at its ends", () => {
    expect(positionOf(-1, 10)).toBe(0);
    expect(positionOf(11, 10)).toBe(1);
  });

  test("it always has room for the marker, and a little more", () =>
    fc.assert(
      fc.property(soft, soft, hours, (ready, past, h) => {
        const spanH = spanOf({ ready, past }, h);
        expect(spanH).toBeGreaterThanOrEqual(h);
        expect(spanH).toBeLessThanOrEqual(RAIL_TO_H);
        if (h * 1.12 < RAIL_TO_H) expect(spanH / h).toBeGreaterThanOrEqual(1.12 - 1e-9);
      }),
    ));

  test("minutes for a bake, days for a loin", () => {
    const bake = {
      ready: { early: 0.6, likely: 0.75, late: 0.9 },
      past: { early: 1, likely: 1.1, late: 1.4 },
    };
    expect(spanOf(bake, 0.75)).toBeCloseTo(1.1 * 1.12, 9);
    const loin = { ready: { early: 30, likely: 36, late: 44 }, past: { early: 60, likely: 72, late: 96 } };
    expect(spanOf(loin, 40)).toBeCloseTo(72 * 1.12, 9);
  });

  test("an end days beyond all that matters does not squeeze the rest into a corner", () =>
    expect(spanOf({ ready: { early: 1, likely: 2, late: 3 }, past: { likely: 72 } }, 4)).toBeCloseTo(
      4.48,
      9,
    ));

  test("its ticks are in order, lie on it, and are few", () =>
    fc.assert(
      fc.property(span, fc.integer({ min: 0, max: 1440 }), (spanH, minute) => {
        const start = { atMs: Date.UTC(2026, 10, 27, 0, minute), timeZone: "Europe/London" };
        for (const ticks of [ticksOf(spanH), ticksOf(spanH, start)]) {
          expect(ticks.length).toBeLessThanOrEqual(8);
          for (const [i, tick] of ticks.entries()) {
            expect(tick.hours).toBeLessThanOrEqual(spanH + 1e-9);
            if (i > 0) expect(tick.hours).toBeGreaterThan(ticks[i - 1].hours);
          }
        }
      }),
    ));

  test("by the kitchen's clock: round hours, and another day by its name", () => {
    const start = { atMs: Date.UTC(2026, 10, 27, 21, 50), timeZone: "Europe/London" };
    expect(ticksOf(44, start).map((t) => t.text)).toEqual(["21:50", "Sat 12:00", "Sun 00:00", "12:00"]);
    expect(ticksOf(1.2, { ...start, atMs: Date.UTC(2026, 10, 27, 16, 5) }).map((t) => t.text)).toEqual([
      "16:05",
      "16:15",
      "16:30",
      "16:45",
      "17:00",
    ]);
  });
});

describe("a window on it", () => {
  test("zones never lie outside it or upside down", () =>
    fc.assert(
      fc.property(soft, soft, span, (ready, past, spanH) => {
        const zones = zonesOf({ ready, past }, spanH);
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

  test("what has stood too long before it is as wanted is never shown as wanted", () => {
    const past = { early: 1, likely: 2, late: 3 };
    expect(zonesOf({ ready: { early: 5, likely: 6, late: 7 }, past }, 10).ready).toBeUndefined();
  });

  test("as the hours go by its state only goes forward", () =>
    fc.assert(
      fc.property(soft, soft, fc.array(hours, { minLength: 2, maxLength: 20 }), (ready, past, at) => {
        const order = ["notYet", "maybe", "ready", "past"];
        const states = [...at].sort((a, b) => a - b).map((h) => order.indexOf(stateAt({ ready, past }, h)));
        expect(states).toEqual([...states].sort((a, b) => a - b));
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

  test("salt laid on by the gram is not light before it is ready: it lies outside", () => {
    expect(stateWord("notYet", { lacks: "spreading" })).toBe("salty outside");
    expect(stateWord("notYet", { lacks: "salt" })).toBe("light");
  });

  test("past its end it is salty only where salt ended it; a bake is done or overdone", () => {
    expect(stateWord("past", { pastReason: "over_salted" })).toBe("salty");
    expect(stateWord("past", { pastReason: "storage_limit" })).toBe("stood too long");
    expect(stateWord("past", { pastReason: "over_baked" })).toBe("overdone");
    expect(stateWord("ready", { pastReason: "over_baked" })).toBe("done");
    expect(stateWord("ready", { pastReason: "over_salted" })).toBe("as wanted");
  });
});

describe("nights under it", () => {
  const SPAN = 60;
  const inHours = (nights: { from: number; to: number }[]) =>
    nights.map(({ from, to }) =>
      [hoursAt(from, SPAN), hoursAt(to, SPAN)].map((h) => Math.round(h * 10) / 10),
    );

  test("put in at noon, the first night is ten to eighteen hours on, the next a day later", () =>
    expect(inHours(nightsFrom(Date.UTC(2026, 10, 27, 12), "Europe/London", SPAN)).slice(0, 2)).toEqual([
      [10, 18],
      [34, 42],
    ]));

  test("put in at midnight, that night is under way", () => {
    const [first] = inHours(nightsFrom(Date.UTC(2026, 10, 28, 0), "Europe/London", SPAN));
    expect(first).toEqual([0, 6]);
  });

  test("by the kitchen's own clock, wherever it is", () => {
    const [tokyo] = inHours(nightsFrom(Date.UTC(2026, 10, 27, 3), "Asia/Tokyo", SPAN));
    expect(tokyo).toEqual([10, 18]);
  });
});
