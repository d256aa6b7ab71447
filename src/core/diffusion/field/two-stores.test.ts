import { simulateSoak } from "../simulate";
import type { SoakRun } from "../run";
import { sectionAt } from "../section";
import type { Body, Stage } from "../stages";

/*
 * Dry salt that lies unevenly on the two faces of a plane. Held against an explicit integrator of its own (even cells, small
 * steps, written here), against the one-dimensional engine where all salt lies on one face, and against what must hold of any.
 */

const D = 5e-10;
const HOUR = 3600;
const THROUGH_M = 0.024;
const SATURATED = 0.358;

const plane = (otherBarrierMm = 0): Body => ({
  shape: "slab",
  halfThicknessM: THROUGH_M / 2,
  solid: [{ kind: "full", halfM: THROUGH_M / 2, barrierM: 0, otherBarrierM: otherBarrierMm / 1000 }],
});
const salted = (upperShare: number | undefined, salt: number, hours = 72): Stage => ({
  kind: "drySalt",
  durationS: hours * HOUR,
  diffusivityM2PerS: D,
  saltPerFleshWater: salt,
  saturatedPerWater: SATURATED,
  ...(upperShare !== undefined && { upperShare }),
});
function ran(body: Body, stages: Stage[], hours: readonly number[]): SoakRun {
  const result = simulateSoak(body, stages, { outputTimesS: hours.map((h) => h * HOUR) });
  if (!result.ok) throw new Error(result.error.field);
  return result.value;
}
const at = (run: SoakRun, hours: number) =>
  run.moments.find((m) => Math.abs(m.timeS - hours * HOUR) < 1) ??
  (() => {
    throw new Error(`${hours} h`);
  })();

/** Explicit finite volumes on even cells. @returns mean, middle, and the two outer quarters at that hour */
function explicitly(upperShare: number, salt: number, hours: number, otherBarrierM = 0) {
  const n = 160;
  const dx = THROUGH_M / n;
  const dt = (0.2 * dx ** 2) / D;
  const u = new Float64Array(n);
  const store = { low: salt * (1 - upperShare), high: salt * upperShare };
  const steps = Math.round((hours * HOUR) / dt);
  const exact = (hours * HOUR) / steps;
  for (let step = 0; step < steps; step++) {
    const into = (i: number, barrierM: number, left: number) => {
      if (left <= 0) return 0;
      // Half a cell and the barrier in a row; g per g of all the flesh water in one step.
      const flow = ((D * (SATURATED - u[i])) / (dx / 2 + barrierM)) * (exact / THROUGH_M);
      return Math.min(left, flow);
    };
    const low = into(0, otherBarrierM, store.low);
    const high = into(n - 1, 0, store.high);
    const before = u.slice();
    const r = (D * exact) / dx ** 2;
    for (let i = 0; i < n; i++)
      u[i] =
        before[i] +
        r * ((i > 0 ? before[i - 1] - before[i] : 0) + (i < n - 1 ? before[i + 1] - before[i] : 0));
    u[0] += low * n;
    u[n - 1] += high * n;
    store.low -= low;
    store.high -= high;
  }
  const mean = (from: number, to: number) => u.slice(from, to).reduce((sum, c) => sum + c, 0) / (to - from);
  return {
    mean: mean(0, n),
    middle: mean(n / 2 - 1, n / 2 + 1),
    below: mean(0, n / 4),
    above: mean((3 * n) / 4, n),
  };
}

/** The same quarters of a run, from its section. */
function quarters(run: SoakRun, hours: number) {
  const { deep } =
    run.section ??
    (() => {
      throw new Error("no section");
    })();
  const cut = sectionAt(run, hours * HOUR) ?? new Float64Array();
  const mean = (from: number, to: number) => {
    let sum = 0;
    for (let i = 0; i < cut.length; i++)
      sum += cut[i] * Math.max(0, Math.min(to, deep[i + 1]) - Math.max(from, deep[i]));
    return sum / (to - from);
  };
  return { below: mean(-1, -0.5), above: mean(0.5, 1) };
}

describe("against an explicit integrator: 1 % of what stands there", () => {
  test.each([
    [0.6, 0.03, 1, 0],
    [0.6, 0.03, 6, 0],
    [0.6, 0.03, 24, 0],
    [0.6, 0.03, 6, 4],
    [0.6, 0.12, 12, 4],
    [0.8, 0.06, 12, 0],
    [0.3, 0.06, 12, 0],
  ])(
    "%d of the salt above, %d g a gram of water, %d h, a skin of %d mm below",
    (share, salt, hours, skinMm) => {
      const run = ran(plane(skinMm), [salted(share, salt)], [hours]);
      const truth = explicitly(share, salt, hours, skinMm / 1000);
      expect(at(run, hours).mean).toBeCloseTo(truth.mean, 4);
      for (const [name, value] of Object.entries(quarters(run, hours)))
        expect(Math.abs(value - truth[name as "above" | "below"])).toBeLessThan(0.01 * truth.mean + 1e-5);
      expect(Math.abs(at(run, hours).centre - truth.middle)).toBeLessThan(0.01 * truth.mean + 1e-5);
    },
  );
});

test("all of it above is a piece salted on one face alone", () => {
  const hours = [0.5, 2, 8, 24, 70];
  const two = ran(plane(), [salted(1, 0.05)], hours);
  const one = ran({ shape: "slab", halfThicknessM: THROUGH_M }, [salted(undefined, 0.05)], hours);
  for (const h of hours) expect(at(two, h).mean).toBeCloseTo(at(one, h).mean, 4);
});

test("half and half is as from one lot, and each face takes what lies on it, no more", () => {
  const hours = [0.5, 2, 8, 24];
  const even = ran(plane(), [salted(0.5, 0.05)], hours);
  const one = ran(plane(), [salted(undefined, 0.05)], hours);
  for (const h of hours) {
    expect(at(even, h).mean).toBeCloseTo(at(one, h).mean, 7);
    expect(at(even, h).centre).toBeCloseTo(at(one, h).centre, 7);
  }
  for (const share of [0, 0.25, 0.6, 1]) {
    const run = ran(plane(), [salted(share, 0.05)], [70]);
    expect(at(run, 70).mean).toBeCloseTo(0.05, 9);
    expect(at(run, 70).undissolved).toBe(0);
  }
});

test("no salt is lost or made at any hour: what is in and what still lies sum to what was put on, once a face is done", () => {
  const run = ran(plane(4), [salted(0.6, 0.3, 200)], [200]);
  const { mean, undissolved } = run.moments[run.moments.length - 1];
  expect(mean + undissolved).toBeCloseTo(0.3, 6);
  expect(undissolved).toBeGreaterThanOrEqual(0);
});

test("more on one face comes even later than the same salt half and half", () => {
  const spread = (share: number) => {
    const { above, below } = quarters(ran(plane(), [salted(share, 0.03)], [12]), 12);
    return above / below;
  };
  expect(spread(0.5)).toBeCloseTo(1, 6);
  expect(spread(0.6)).toBeGreaterThan(1.1);
  expect(spread(0.4)).toBeCloseTo(1 / spread(0.6), 6);
});

test("a rest after it carries on from there, and a share out of its range is named", () => {
  const rest: Stage = { kind: "rest", durationS: 400 * HOUR, diffusivityM2PerS: D };
  const run = ran(plane(), [salted(0.6, 0.03, 2), rest], [402]);
  const { above, below } = quarters(run, 402);
  expect(above).toBeCloseTo(below, 4);
  const bad = simulateSoak(plane(), [salted(1.2, 0.03)]);
  expect(bad).toMatchObject({ ok: false, error: { field: "stages[0].upperShare", min: 0, max: 1 } });
});
