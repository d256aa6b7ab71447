import type { Formulation } from "../../formulation";
import { outcomeAt } from "../account/outcome";
import { chops, timedChops, worked } from "../formulation.fixture";
import { preparationOffered } from "../offer/defaults";
import { withPreparation } from "../offer/offered";
import { soakCurve, whatIfsFor } from "./compare";

describe("what-ifs", () => {
  test("itself first, then the other schools, slashes and half the thickness", () => {
    expect(whatIfsFor(chops()).map((w) => w.id)).toEqual(["as_is", "timed", "dry", "slashed", "half_thick"]);
    const slashed = chops();
    slashed.pieces = { ...slashed.pieces, slashDepthMm: 6 };
    expect(whatIfsFor(slashed).map((w) => w.id)).toContain("unslashed");
    const dry = chops({ preparation: preparationOffered("dry", 0.012) });
    expect(whatIfsFor(dry).map((w) => w.id)).toEqual([
      "as_is",
      "equilibrium",
      "timed",
      "slashed",
      "half_thick",
    ]);
  });

  test("each keeps the wanted salt and the food's weight", () => {
    for (const { input } of whatIfsFor(chops())) {
      expect(input.preparation.targetFraction).toBe(0.014);
      expect(input.pieces.totalMassG).toBe(1000);
    }
  });

  test("curves agree with the sheet at the pull, and rise with time", () => {
    const f = chops({ pullH: 20 });
    const curve = soakCurve(f);
    const o = outcomeAt(worked(f), 20, 4);
    const hour = curve?.byHour.reduce((a, b) => (Math.abs(b.hours - 20) < Math.abs(a.hours - 20) ? b : a));
    expect(hour?.fraction).toBeCloseTo(o.meanFraction, 3);
    expect(curve?.byDepth[0].fraction).toBeCloseTo(o.surfaceFraction, 6);
    expect(curve?.byDepth.at(-1)?.fraction).toBeCloseTo(o.centreFraction, 6);
    const means = curve?.byHour.map((p) => p.fraction) ?? [];
    expect([...means].sort((a, b) => a - b)).toEqual(means);
  });

  test("half as thick and slashed are ahead of as it is; one the sums refuse has none", () => {
    const all = whatIfsFor(chops());
    const after10h = (id: string) =>
      soakCurve(all.find((w) => w.id === id)?.input ?? chops())?.byHour.find((p) => p.hours >= 10)?.fraction;
    expect(after10h("half_thick")).toBeGreaterThan(after10h("as_is") ?? 1);
    expect(after10h("slashed")).toBeGreaterThan(after10h("as_is") ?? 1);
    expect(soakCurve(chops({ foodId: "unicorn" }))).toBeUndefined();
  });

  test("the kitchen's own rate is in them", () => {
    const middle = (rate: number) => soakCurve(chops({ pullH: 4 }), rate)?.byDepth.at(-1)?.fraction;
    expect(middle(1.5)).toBeGreaterThan(middle(1) ?? 1);
  });
});

describe("by hand", () => {
  const flat = timedChops(0.06, { pullH: 8, pieces: { ...chops().pieces, shape: "slab" } });
  const curve = soakCurve(flat);
  const outcome = outcomeAt(worked(flat), 8, flat.portions);

  test("forty steps from the face to the middle, as deep as the piece is half thick", () => {
    const depths = curve?.byDepth ?? [];
    expect(depths).toHaveLength(41);
    expect(depths[0]).toEqual({ depthMm: 0, fraction: expect.closeTo(outcome.surfaceFraction, 9) as number });
    expect(depths[10].depthMm).toBeCloseTo(12.5 / 4, 9);
    expect(depths[40].depthMm).toBeCloseTo(12.5, 9);
    expect(depths[40].fraction).toBeCloseTo(outcome.centreFraction, 4);
    expect(depths[20].fraction).toBeLessThan(depths[10].fraction);
  });

  test("by the hour from nine minutes on", () => {
    const hours = curve?.byHour.map((p) => p.hours) ?? [];
    expect(hours[0]).toBeGreaterThanOrEqual(0.15);
    expect(hours[0]).toBeLessThan(0.17);
    expect(hours.at(-1)).toBeCloseTo(96, 6);
  });

  test("slashed three tenths deep, or twice as many half as thick; slashed ones without", () => {
    const inputs = (f: Formulation) => Object.fromEntries(whatIfsFor(f).map((w) => [w.id, w.input.pieces]));
    expect(inputs(flat).slashed).toMatchObject({ slashDepthMm: 8, slashSpacingMm: 20 });
    expect(inputs(flat).half_thick).toMatchObject({ count: 8, thicknessMm: 12.5 });
    const cut = { ...flat, pieces: { ...flat.pieces, slashDepthMm: 5 } };
    expect(inputs(cut).unslashed).toMatchObject({ slashDepthMm: 0 });
    expect(Object.keys(inputs(cut))).not.toContain("slashed");
    const injected = withPreparation(flat, "injection");
    expect(whatIfsFor(injected).map((w) => w.id)).toEqual(["as_is", "equilibrium", "timed", "dry"]);
  });
});
