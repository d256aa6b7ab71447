import { chops, worked } from "../formula/formulation.fixture";
import { simulated } from "../instruments/instrument";
import { roastCore } from "../instruments/kitchen-truth";
import type { HeatedStretch } from "../heat/covering";
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

describe("by the oven it stands in", () => {
  /** A core that nears 180 °C by a third an hour, read every half minute. */
  const rising = (minutes: number, everyMin = 0.5) =>
    Array.from({ length: Math.floor(minutes / everyMin) + 1 }, (_, i) => ({
      channel: "probe",
      atMs: IN + i * everyMin * MIN,
      value: Math.round(10 * (180 - 176 * Math.exp(-((i * everyMin) / 150)))) / 10,
    }));
  const heat = (airC: number, minutes: number, part: Partial<HeatedStretch> = {}): HeatedStretch => ({
    airC,
    minutes,
    cover: "open",
    ...part,
  });
  const foreseen = (heated: HeatedStretch[], minutes = 19.5, change: Partial<typeof whole> = {}) =>
    foreseeDone(sheet, { ...whole, heated, ...change }, IN, rising(minutes)).forecast;
  const doneMin = (...asked: Parameters<typeof foreseen>) => foreseen(...asked)?.doneMin ?? NaN;

  test("the heat that is still to come is foreseen with it: hotter is sooner, and the later the change the later", () => {
    const from = (minutes: number) => doneMin([heat(140, minutes), heat(220, 30)]);
    expect(from(25)).toBeLessThan(from(40) - 1);
    expect(from(40)).toBeLessThan(doneMin([heat(140, 90)]) - 1);
    // It stays in the last one past its minutes.
    expect(foreseen([heat(140, 90), heat(140, 5)])).toEqual(foreseen([heat(140, 5)]));
  });

  test("with no oven at all the usual one", () => {
    expect(foreseen([])).toEqual(foreseen([heat(180, 60)]));
  });

  test("by the way to its middle, its cover and its skin", () => {
    const open = foreseen([heat(180, 90)]);
    expect(foreseen([heat(180, 90)], 19.5, { thicknessMm: 60 })).not.toEqual(open);
    expect(foreseen([heat(180, 90, { cover: "lid" })])).not.toEqual(open);
    const skinned = { ...sheet, food: { ...sheet.food, skin: !sheet.food.skin } };
    const heated = [heat(180, 90)];
    expect(foreseeDone(skinned, { ...whole, heated }, IN, rising(19.5)).forecast).not.toEqual(open);
  });

  test("more readings than forty are thinned evenly, the last and the first at its exit kept", () => {
    const all = rising(60, 0.5);
    const every = Math.ceil(all.length / 40);
    const reached = all.findIndex((r) => r.value >= 40);
    const few = all.filter((_, i) => i % every === 0 || i === reached || i === all.length - 1);
    const exit = { ...whole, outC: 40 };
    const at = (samples: typeof all) => foreseeDone(sheet, exit, IN, samples).forecast;
    expect(few.length).toBeLessThanOrEqual(40);
    expect(at(all)).toEqual(at(few));
    expect(at(all)).not.toEqual(at(few.filter((r) => r !== all[reached])));
  });
});
