import { diffusivityAt, fleshBody, slashedPathMm } from "./flesh-body";
import { momentAt, railTimesS } from "./moment";
import { firstReach, progress, windowOf, type Aim } from "./readiness";
import { simulateSoak } from "./simulate";

const HOUR_S = 3600;

function soak(halfMm: number, strength: number, waterRatio: number, hours = 96) {
  const result = simulateSoak(
    { shape: "slab", halfThicknessM: halfMm / 1000 },
    [
      {
        kind: "bath",
        durationS: hours * HOUR_S,
        diffusivityM2PerS: 3e-10,
        waterRatio,
        saltPerWater: strength,
      },
    ],
    { outputTimesS: railTimesS(60, hours * HOUR_S, 40) },
  );
  if (!result.ok) throw new Error(result.error.field);
  return result.value;
}

const aim = (change: Partial<Aim> = {}): Aim => ({
  targetPerWater: 0.02,
  readiness: "seasoned",
  dry: false,
  ...change,
});

describe("readiness", () => {
  test("twice as thick takes four times as long", () => {
    const thin = windowOf(soak(6, 0.06, Infinity), aim()).readyS ?? NaN;
    const thick = windowOf(soak(12, 0.06, Infinity), aim()).readyS ?? NaN;
    expect(thick / thin).toBeCloseTo(4, 1);
  });

  test("seasoned is the mean at 85 % of the target", () => {
    const run = soak(10, 0.06, Infinity);
    const readyS = windowOf(run, aim()).readyS ?? NaN;
    expect(momentAt(run, readyS).mean).toBeCloseTo(0.85 * 0.02, 5);
  });

  test("past it when the mean is 15 % over the target; an equilibrium bath never is", () => {
    const strong = soak(10, 0.06, Infinity);
    expect(momentAt(strong, windowOf(strong, aim()).overS ?? NaN).mean).toBeCloseTo(1.15 * 0.02, 5);
    expect(windowOf(soak(10, 0.05, 2 / 3), aim()).overS).toBeUndefined();
  });

  test("even wants the centre too, and comes after seasoned", () => {
    const run = soak(10, 0.05, 2 / 3);
    const seasoned = windowOf(run, aim()).readyS ?? NaN;
    const even = windowOf(run, aim({ readiness: "even" })).readyS ?? NaN;
    expect(even).toBeGreaterThan(seasoned);
  });

  test("unsalted flesh is not ready however even it is", () => {
    const run = soak(10, 0, Infinity);
    expect(progress(run.grid, run.moments[3], aim({ readiness: "even" }))).toBe(0);
  });

  test("a level that is not reached within the run has no time", () => {
    const run = soak(40, 0.03, 1, 12);
    expect(firstReach(run, (m) => m.centre, 0.02)).toBeUndefined();
  });
});

describe("the way salt must go", () => {
  const piece = { thicknessMm: 40, faces: "both" as const, skin: false, slashDepthMm: 0, slashSpacingMm: 20 };

  test("half the thickness from both faces, all of it from one", () => {
    expect(fleshBody("slab", piece, 3e-10).pathMm).toBe(20);
    expect(fleshBody("slab", { ...piece, faces: "one" }, 3e-10).pathMm).toBe(40);
    expect(fleshBody("cylinder", { ...piece, faces: "one" }, 3e-10).pathMm).toBe(20);
  });

  test("slashes shorten it: min(L, √((s/2)² + (L − d)²))", () => {
    expect(slashedPathMm(20, 8, 18)).toBeCloseTo(15, 10); // 9² + 12² = 15²
    expect(slashedPathMm(20, 0, 18)).toBe(20);
    expect(slashedPathMm(20, 1, 100)).toBe(20);
  });

  test("skin all about is a resistance; on a blocked face it changes nothing more", () => {
    expect(fleshBody("cylinder", { ...piece, skin: true }, 4e-10).surfaceTransferMPerS).toBeCloseTo(1e-7, 12);
    expect(fleshBody("slab", { ...piece, skin: true, faces: "one" }, 4e-10).surfaceTransferMPerS).toBe(
      Infinity,
    );
  });

  test("a bath nobody stirs is a film more, and resistances add: 1 mm at 8e-10 m²/s is 8e-7 m/s", () => {
    expect(fleshBody("slab", piece, 4e-10, { stillAtC: 4 }).surfaceTransferMPerS).toBeCloseTo(8e-7, 12);
    const both = fleshBody("sphere", { ...piece, skin: true }, 4e-10, { stillAtC: 4 });
    expect(1 / both.surfaceTransferMPerS).toBeCloseTo(1 / 1e-7 + 1 / 8e-7, 0);
  });

  test("a block is wetted at its sides too: quicker than the flat piece it was cut from", () => {
    const { solid, standIn } = fleshBody("block", piece, 3e-10, { size: { lengthMm: 60, widthMm: 50 } });
    expect(solid?.map((axis) => axis.halfM)).toEqual([0.02, 0.025, 0.03]);
    const surface = (standIn?.exponent ?? 0) + 1;
    expect(surface / (standIn?.halfThicknessM ?? NaN)).toBeCloseTo(2 / 0.04 + 2 / 0.05 + 2 / 0.06, 3);
  });

  test("from 4 to 20 °C salt runs 1.6 to 1.8 times as fast (20 to 25 kJ/mol, from memory)", () => {
    const factor = diffusivityAt(3e-10, 20) / diffusivityAt(3e-10, 4);
    expect(factor).toBeGreaterThan(1.6);
    expect(factor).toBeLessThan(1.81);
    expect(diffusivityAt(3e-10, 4)).toBe(3e-10);
  });
});
