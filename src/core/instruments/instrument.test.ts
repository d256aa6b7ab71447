import fc from "fast-check";
import { MANNERS, simulated, type InstrumentKind, type Manners } from "./instrument";
import { jitterAt, noiseAt, seeded } from "./random";

const KINDS = Object.keys(MANNERS) as InstrumentKind[];
const seeds = fc.integer({ min: 1, max: 1_000_000 });
const steady: Manners = { noise: 0, driftPerHour: 0, lagS: 0, step: 0.001, dropShare: 0, dropS: 1 };
const mean = (values: number[]) => values.reduce((a, b) => a + b, 0) / values.length;

describe("a simulated instrument", () => {
  test("asked twice, or after a restart, it says the same; every reading is a step of its own", () =>
    fc.assert(
      fc.property(
        fc.constantFrom(...KINDS),
        seeds,
        fc.integer({ min: 0, max: 86_400 }),
        (kind, seed, atS) => {
          const truth = (s: number) => 20 + s / 1000;
          const first = simulated(kind, truth, seed).readAt(atS);
          expect(simulated(kind, truth, seed).readAt(atS)).toEqual(first);
          if (first.value === null) return;
          const steps = first.value / MANNERS[kind].step;
          expect(Math.abs(steps - Math.round(steps))).toBeLessThan(1e-6);
        },
      ),
    ));

  test("without manners it reads the truth", () =>
    fc.assert(
      fc.property(seeds, fc.double({ min: -30, max: 300, noNaN: true }), (seed, value) => {
        const read = simulated("probe", () => value, seed, steady).readAt(77);
        expect(read.value).toBeCloseTo(value, 2);
      }),
    ));

  test("it follows late by its lag, and at the very start reads the start", () => {
    const late = simulated("probe", (s) => s, 5, { ...steady, lagS: 30 });
    expect(late.readAt(100).value).toBe(70);
    expect(late.readAt(10).value).toBe(0);
  });

  test("its readings lie about the truth with the spread it is given", () => {
    const probe = simulated("probe", () => 60, 9, { ...steady, noise: 0.5 });
    const read = Array.from({ length: 2000 }, (_, s) => probe.readAt(s).value ?? NaN);
    expect(mean(read)).toBeCloseTo(60, 1);
    expect(Math.sqrt(mean(read.map((r) => (r - 60) ** 2)))).toBeCloseTo(0.5, 1);
  });

  test("it wanders no further than its drift", () =>
    fc.assert(
      fc.property(seeds, (seed) => {
        const read = simulated("scale", () => 500, seed, { ...steady, driftPerHour: 2 }).readAt(3 * 3600);
        expect(Math.abs((read.value ?? NaN) - 500)).toBeLessThanOrEqual(6.001);
      }),
    ));

  test("it falls silent for whole gaps, about as often as told", () => {
    const manners = { ...steady, dropShare: 0.2, dropS: 40 };
    const probe = simulated("probe", () => 60, 3, manners);
    const silent = Array.from({ length: 40_000 }, (_, s) => probe.readAt(s).value === null);
    expect(mean(silent.map(Number))).toBeGreaterThan(0.15);
    expect(mean(silent.map(Number))).toBeLessThan(0.25);
    for (let gap = 0; gap < 1000; gap++) expect(new Set(silent.slice(gap * 40, gap * 40 + 40)).size).toBe(1);
  });
});

describe("seeded numbers", () => {
  test("lie in [0, 1), evenly, and are the same from the same seed", () =>
    fc.assert(
      fc.property(seeds, (seed) => {
        const draw = seeded(seed);
        const drawn = Array.from({ length: 400 }, draw);
        expect(Math.min(...drawn)).toBeGreaterThanOrEqual(0);
        expect(Math.max(...drawn)).toBeLessThan(1);
        expect(Math.abs(mean(drawn) - 0.5)).toBeLessThan(0.1);
        const again = seeded(seed);
        expect(Array.from({ length: 400 }, again)).toEqual(drawn);
      }),
    ));

  test("one tick's is not the next one's", () => {
    const ticks = Array.from({ length: 500 }, (_, tick) => noiseAt(11, tick));
    expect(new Set(ticks).size).toBe(500);
  });

  test("jitter is about normal: mean 0, spread 1, two in three within one (the normal law)", () => {
    const drawn = Array.from({ length: 5000 }, (_, tick) => jitterAt(2, tick));
    expect(mean(drawn)).toBeCloseTo(0, 1);
    expect(mean(drawn.map((x) => x * x))).toBeCloseTo(1, 1);
    expect(mean(drawn.map((x) => Number(Math.abs(x) < 1)))).toBeCloseTo(0.683, 1);
  });
});
