import { chops, worked } from "../formula/formulation.fixture";
import { simulated } from "../instruments/instrument";
import { roastCore } from "../instruments/kitchen-truth";
import { roast } from "../heat/roasts.fixture";
import { exitsOf } from "./exits";
import { foreseeDone } from "./foresee";

const MIN = 60_000;
const IN = Date.UTC(2026, 10, 27, 18);
const cook = { toC: 63, minutes: 60, restMin: 5, ovenC: 180 };
const input = chops({ cook });
const sheet = worked(input);
const [whole] = exitsOf(input, sheet);

/** A roast as the house's own model of an oven has it, read by a probe that jitters. */
const truth = roast({ shape: "slab", halfThicknessMm: 25, ovenC: 180, filmWPerM2K: 20 });
const core = roastCore(truth, 5);
function readTo(minutes: number, everyS = 30) {
  const probe = simulated("probe", core, 4);
  return Array.from({ length: Math.floor((minutes * 60) / everyS) + 1 }, (_, i) => i * everyS).flatMap(
    (s) => {
      const { value } = probe.readAt(s);
      return value === null ? [] : [{ channel: "probe", atMs: IN + s * 1000, value }];
    },
  );
}
const doneMin = (() => {
  let s = 0;
  while (core(s) < whole.outC) s += 10;
  return s / 60;
})();

test("from its probe half-way through, within a quarter of what remains", () => {
  const { forecast, readings } = foreseeDone(sheet, whole, IN, readTo(doneMin / 2));
  expect(readings.length).toBeGreaterThan(10);
  const remains = doneMin / 2;
  expect(Math.abs((forecast?.doneMin ?? NaN) - doneMin)).toBeLessThan(remains / 4);
});

test("what other instruments say, and what was read before it went in, is not its core", () => {
  const own = readTo(doneMin / 2);
  const others = own.flatMap((r) => [
    { ...r, channel: "fridge", value: 4 },
    { ...r, atMs: r.atMs - 24 * 60 * MIN, value: 90 },
  ]);
  const alone = foreseeDone(sheet, whole, IN, own);
  expect(foreseeDone(sheet, whole, IN, [...others, ...own])).toEqual(alone);
});

test("read each second or each half minute, it foresees about the same: readings are thinned, not the news", () => {
  const seldom = foreseeDone(sheet, whole, IN, readTo(doneMin / 2)).forecast;
  const often = foreseeDone(sheet, whole, IN, readTo(doneMin / 2, 1));
  expect(often.readings.length).toBeGreaterThan(500);
  expect(Math.abs((often.forecast?.doneMin ?? NaN) - (seldom?.doneMin ?? NaN))).toBeLessThan(doneMin / 10);
});

test("at its exit it has been since the same minute, however much is read after it", () => {
  const since = (minutes: number) => foreseeDone(sheet, whole, IN, readTo(minutes, 10)).forecast?.doneMin;
  const first = since(doneMin + 4);
  expect(first).toBeCloseTo(doneMin, -1);
  for (const later of [10, 17, 25, 40]) expect(since(doneMin + later)).toBe(first);
});

test("with nothing read, or hardly anything, nothing is foreseen", () => {
  expect(foreseeDone(sheet, whole, IN, [])).toEqual({ readings: [], forecast: undefined });
  expect(foreseeDone(sheet, whole, IN, readTo(1)).forecast).toBeUndefined();
});
