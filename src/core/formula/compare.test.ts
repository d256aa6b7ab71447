import { compareSoaks, whatIfsFor } from "./compare";
import { preparationOffered } from "./defaults";
import { chops, worked } from "./formulation.fixture";
import { outcomeAt } from "./outcome";

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
    const [curve] = compareSoaks([f]);
    const o = outcomeAt(worked(f), 20, 4);
    expect(curve?.meanFraction).toBeCloseTo(o.meanFraction, 12);
    expect(curve?.byDepth[0].fraction).toBeCloseTo(o.surfaceFraction, 6);
    expect(curve?.byDepth.at(-1)?.fraction).toBeCloseTo(o.centreFraction, 6);
    const means = curve?.byHour.map((p) => p.fraction) ?? [];
    expect([...means].sort((a, b) => a - b)).toEqual(means);
  });

  test("half as thick and slashed are ahead of as it is; one the sums refuse leaves a gap", () => {
    const all = whatIfsFor(chops());
    const curves = compareSoaks(all.map((w) => w.input));
    const of = (id: string) => curves[all.findIndex((w) => w.id === id)];
    expect(of("half_thick")?.meanFraction).toBeGreaterThan(of("as_is")?.meanFraction ?? 1);
    expect(of("slashed")?.meanFraction).toBeGreaterThan(of("as_is")?.meanFraction ?? 1);
    expect(compareSoaks([chops({ foodId: "unicorn" }), chops()]).map((c) => c !== undefined)).toEqual([
      false,
      true,
    ]);
  });
});
