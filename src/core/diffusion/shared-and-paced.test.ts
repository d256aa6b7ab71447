import fc from "fast-check";
import { acidDepthMm, SUGAR_OVER_SALT, sugarDepthMm } from "./fronts";
import { diffusivityAt } from "./flesh-body";
import { equivalentBody, type SolidShape } from "./equivalent";
import { paceOf } from "./pace";
import { productFraction } from "./product";
import { firstRadialRoot } from "./roots";
import { simulateSharedSoak, simulateSoak } from "./simulate";
import type { Body, Stage } from "./stages";

const D = 4e-10;
const bath = (hours: number, waterRatio: number, change = {}): Stage => ({
  kind: "bath",
  durationS: hours * 3600,
  diffusivityM2PerS: D,
  waterRatio,
  saltPerWater: 0.06,
  ...change,
});

function end(body: Body, stages: Stage[], options = {}) {
  const result = simulateSoak(body, stages, { cells: 160, stepTolerance: 1e-7, ...options });
  if (!result.ok) throw new Error(result.error.field);
  return result.value.moments[result.value.moments.length - 1];
}

describe("pieces of several sizes in one bath", () => {
  const thin = { shape: "slab" as const, halfThicknessM: 0.008, share: 0.3 };
  const thick = { shape: "cylinder" as const, halfThicknessM: 0.03, share: 0.7 };

  function shared(hours: number, ratio: number) {
    const result = simulateSharedSoak([thin, thick], [bath(hours, ratio)]);
    if (!result.ok) throw new Error(result.error.field);
    return result.value.map((run) => run.moments[run.moments.length - 1]);
  }

  test("salt is conserved over both and the bath", () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0.1, max: 90, noNaN: true }),
        fc.double({ min: 0.2, max: 5, noNaN: true }),
        (h, ratio) => {
          const [a, b] = shared(h, ratio);
          const held = 0.3 * a.mean + 0.7 * b.mean + ratio * (a.bath ?? NaN);
          return Math.abs(held / (ratio * 0.06) - 1) < 1e-9;
        },
      ),
      { seed: 61, numRuns: 40 },
    );
  });

  test("two of a size are as one", () => {
    const twins = simulateSharedSoak(
      [
        { ...thin, share: 0.5 },
        { ...thin, share: 0.5 },
      ],
      [bath(10, 1.2)],
      { cells: 160, stepTolerance: 1e-7 },
    );
    const one = end(thin, [bath(10, 1.2)]);
    if (!twins.ok) throw new Error("refused");
    for (const run of twins.value) expect(run.moments[1].mean).toBeCloseTo(one.mean, 7);
  });

  test("the thin piece is ahead, and both end level", () => {
    const [a, b] = shared(6, 1);
    expect(a.mean).toBeGreaterThan(b.mean);
    const [c, d] = shared(2500, 1);
    expect(c.mean).toBeCloseTo(0.03, 5);
    expect(d.mean).toBeCloseTo(0.03, 4);
  });

  test("dry salt is not shared: it is refused by name", () => {
    const dry: Stage = {
      kind: "drySalt",
      durationS: 3600,
      diffusivityM2PerS: D,
      saltPerFleshWater: 0.01,
      saturatedPerWater: 0.357,
    };
    expect(simulateSharedSoak([thin, thick], [dry])).toMatchObject({
      ok: false,
      error: { code: "impossible_order", field: "stages[0].kind" },
    });
  });
});

describe("warmth that changes in time", () => {
  const slab = { shape: "slab" as const, halfThicknessM: 0.012 };
  const ramp = { timesS: [0, 3600, 7200], factors: [1, 3, 2] };

  test("the pace integrates its profile: 2 h at 1→3→2 count for 4.5 h", () => {
    const pace = paceOf(ramp);
    expect(pace.paced(7200)).toBeCloseTo(4.5 * 3600, 6);
    expect(pace.clock(pace.paced(5000))).toBeCloseTo(5000, 6);
    expect(pace.clock(pace.paced(90_000))).toBeCloseTo(90_000, 6);
  });

  test("a warming bath is the steady bath on that clock", () => {
    const warmed = end(slab, [bath(2, 1.5, { pace: ramp })]);
    const steady = end(slab, [bath(4.5, 1.5)]);
    expect(warmed.mean).toBeCloseTo(steady.mean, 8);
    expect(warmed.timeS).toBe(7200);
  });

  test("moments asked for come at their own times, whatever the pace", () => {
    const result = simulateSoak(slab, [bath(2, 1.5, { pace: ramp })], { outputTimesS: [600, 4000] });
    expect(result.ok && result.value.moments.map((m) => m.timeS)).toEqual([0, 600, 4000, 7200]);
  });

  test("a fridge that swings 2 °C about its mean salts as one that does not: a mean temperature is enough", () => {
    // By hand: exp(a·ΔT) over a sine is I0(2a) = 1 + a², a = 22 500 / (8.314 · 277²) = 0.0353 a degree: 0.12 %.
    const [hours, everyH] = [24, 0.75];
    const times = Array.from({ length: 16 * (hours / everyH) + 1 }, (_, i) => (i * everyH) / 16);
    const factors = times.map(
      (h) => diffusivityAt(1, 4 + 2 * Math.sin((2 * Math.PI * h) / everyH)) / diffusivityAt(1, 4),
    );
    const swinging = paceOf({ timesS: times.map((h) => h * 3600), factors });
    const gained = swinging.paced(hours * 3600) / (hours * 3600) - 1;
    expect(gained).toBeGreaterThan(0.0005);
    expect(gained).toBeLessThan(0.002);
  });

  test("a pace that runs backwards is refused by name", () => {
    const odd = bath(2, 1.5, { pace: { timesS: [0, 100, 50], factors: [1, 1, 1] } });
    expect(simulateSoak(slab, [odd])).toMatchObject({
      ok: false,
      error: { field: "stages[0].pace.timesS[2]" },
    });
  });
});

describe("bricks and short logs", () => {
  test("first radial roots: π/2, 2.405, π and 4.493 (tabulated Bessel zeros)", () => {
    expect([0, 1, 2, 4].map(firstRadialRoot)).toEqual(
      [Math.PI / 2, 2.404825557695773, Math.PI, 4.493409457909064].map((root) => expect.closeTo(root, 9)),
    );
  });

  const halves = (solid: Exclude<SolidShape, { kind: "ellipsoid" | "wedge" }>): Body[] =>
    solid.kind === "brick"
      ? solid.edgesMm.map((edge) => ({ shape: "slab", halfThicknessM: edge / 2000 }))
      : [
          { shape: "cylinder", halfThicknessM: solid.diameterMm / 2000 },
          { shape: "slab", halfThicknessM: solid.lengthMm / 2000 },
        ];

  test.each<[string, Exclude<SolidShape, { kind: "ellipsoid" | "wedge" }>]>([
    ["a cube", { kind: "brick", edgesMm: [40, 40, 40] }],
    ["a joint", { kind: "brick", edgesMm: [40, 60, 100] }],
    ["a slice", { kind: "brick", edgesMm: [20, 80, 120] }],
    ["a short log", { kind: "finiteCylinder", diameterMm: 60, lengthMm: 80 }],
    ["a long log", { kind: "finiteCylinder", diameterMm: 50, lengthMm: 300 }],
  ])("%s: the equivalent's uptake stays within 1.5 points of the exact product (Crank 2.3)", (_, solid) => {
    for (const hours of [0.5, 3, 12, 48, 120]) {
      const stage = [bath(hours, Infinity)];
      const exact = productFraction(halves(solid).map((body) => end(body, stage).mean / 0.06));
      expect(Math.abs(end(equivalentBody(solid), stage).mean / 0.06 - exact)).toBeLessThan(0.015);
    }
  });
});

test("sugar is early on as deep as the error function says, at a third of salt's pace (Crank 2.14)", () => {
  const slab = { shape: "slab" as const, halfThicknessM: 0.03 };
  const hours = 3;
  expect(sugarDepthMm(slab, 3e-10, hours * 3600)).toBeCloseTo(
    2.326 * Math.sqrt(1.05e-10 * hours * 3600) * 1000,
    1,
  );
  // Sucrose and salt in water at 25 °C, 0.52 and 1.48 ·10⁻⁹ m²/s: CRC Handbook, from memory.
  expect(SUGAR_OVER_SALT).toBeCloseTo(0.52 / 1.48, 2);
});

describe("acid, the second solute", () => {
  const slab = { shape: "slab" as const, halfThicknessM: 0.03 };

  test("early on it is as deep as the error function says: erfc(1.163) = 0.1, so 2.326 √(Dt) (Crank 2.14)", () => {
    const hours = 2;
    // As strong as what flesh binds, 0.06 eq/L: at half of free acid's pace, 0.6 of salt's.
    const depth = acidDepthMm(slab, 3e-10, hours * 3600, 0.06);
    expect(depth).toBeCloseTo(2.326 * Math.sqrt(0.9e-10 * hours * 3600) * 1000, 1);
  });

  test("four times the hours, twice as deep; never deeper than the piece", () => {
    const at = (h: number) => acidDepthMm(slab, 3e-10, h * 3600, 0.3);
    expect(at(8) / at(2)).toBeCloseTo(2, 1);
    expect(acidDepthMm({ shape: "slab", halfThicknessM: 0.001 }, 3e-10, 1e7, 0.3)).toBeCloseTo(1, 6);
  });

  test("the sourer the bath the deeper, as far as free acid goes", () => {
    const at = (acidEqPerL: number) => acidDepthMm(slab, 3e-10, 4 * 3600, acidEqPerL);
    expect(at(0.06)).toBeGreaterThan(at(0.02));
    expect(at(1) / at(0.06)).toBeCloseTo(Math.sqrt(2 / 1.06), 1);
  });

  test("half a centimetre of fish is through in some two hours of lime, as cooks of raw fish have it. *Practice*", () => {
    // Juice of about 0.9 eq/L; salt in lean fish 2.5e-10 m²/s in the fridge.
    const hours = [0.5, 1, 2, 3, 5].find(
      (h) => acidDepthMm({ shape: "slab", halfThicknessM: 0.0025 }, 2.5e-10, h * 3600, 0.9) >= 2.4,
    );
    expect(hours).toBeGreaterThanOrEqual(1);
    expect(hours).toBeLessThanOrEqual(3);
  });
});
