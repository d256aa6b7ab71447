import type { Formulation } from "../../formulation";
import { outcomeAt } from "../account/outcome";
import { chops, timedChops, worked } from "../formulation.fixture";
import { coldPlan } from "./cold-plan";
import { thawingOf } from "./thawing";

const frozen = (f: Formulation, change: Partial<Formulation["pieces"]> = {}): Formulation => ({
  ...f,
  pieces: { ...f.pieces, thaw: "inBrine", ...change },
});
const meanAt = (f: Formulation, hours: number) => outcomeAt(worked(f), hours, f.portions).meanFraction;
const thawing = (f: Formulation) => worked(f).soak.problem.thawing;

describe("food that goes into its bath frozen", () => {
  test("takes no salt while its face is ice, and less than thawed food at every hour", () => {
    const f = timedChops(0.08);
    const native = worked(f).flesh.nativeSaltFraction;
    // A kilogram at −18 °C makes ice of the face in a kilogram of brine: for an hour nothing goes in.
    expect(meanAt(frozen(f), 1) - native).toBeLessThan(0.02 * (meanAt(f, 1) - native));
    for (const hours of [2, 6, 12, 24]) expect(meanAt(frozen(f), hours)).toBeLessThan(meanAt(f, hours));
    // Once it is thawed it follows some hours behind.
    const lag = thawing(frozen(f))?.thawedH ?? NaN;
    expect(meanAt(frozen(f), 24 + lag)).toBeGreaterThan(meanAt(f, 24) * 0.99);
  });

  test("thaws as the cold plan of the same bath says, in much brine sooner", () => {
    const f = frozen(chops({ water: { mode: "chosen", massG: 3000 } }), {});
    const sheet = worked(f);
    const plan = coldPlan(f, sheet, f.holding.temperatureC, 0);
    const thawed = thawing(f);
    expect(thawed?.thawedH ?? NaN).toBeCloseTo(plan.curve.thawedH ?? NaN, 0);
    const little = thawing(frozen(chops({ water: { mode: "chosen", massG: 1000 } })));
    expect(little?.thawedH).toBeGreaterThan(thawed?.thawedH ?? NaN);
    expect(little?.coldestC).toBeLessThan(thawed?.coldestC ?? NaN);
  });

  test("its pace rises from nothing, leaps when the face thaws, and ends at that of where it is held", () => {
    const { factors, timesS } = thawing(frozen(timedChops(0.08)))?.pace ?? { factors: [], timesS: [] };
    expect(factors[0]).toBeLessThan(1e-5);
    expect(factors.at(-1)).toBe(1);
    expect(timesS.every((t, i) => i === 0 || t > timesS[i - 1])).toBe(true);
    const leap = factors.findIndex((f) => f > 0.5);
    expect(factors[leap - 1]).toBeLessThan(1e-5);
    // As long as it takes to look twice: nothing of a slope lies between.
    expect(timesS[leap] - timesS[leap - 1]).toBeLessThan(301);
  });

  test("is asked of a bath alone, and of what goes in frozen", () => {
    expect(thawing(chops())).toBeUndefined();
    for (const thaw of ["fridge", "coldWater", "counter"] as const)
      expect(thawing(frozen(chops(), { thaw }))).toBeUndefined();
    const dry = frozen(
      chops({ preparation: { kind: "dryBrine", targetFraction: 0.014, salted: "allFaces" } }),
    );
    expect(thawing(dry)).toBeUndefined();
    const { food, flesh, waterG, naclG } = worked(chops());
    const asked = { food, foodG: 1000, thicknessMm: 25, waterFraction: flesh.waterFraction };
    expect(thawingOf(frozen(chops()), { ...asked, bathWaterG: waterG, saltG: naclG })).toBeDefined();
  });

  test("is ready later, and a brine that begins warm no longer counts by itself", () => {
    const f = chops({ water: { mode: "chosen", massG: 2000 } });
    const ready = (g: Formulation) => worked(g).soak.window.ready.likely ?? NaN;
    expect(ready(frozen(f))).toBeGreaterThan(ready(f) + 1);
    expect(ready(frozen(f))).toBeLessThan(ready(f) + 8);
    const warm = frozen({ ...f, holding: { ...f.holding, brineStartC: 15 } });
    expect(worked(warm).soak.problem.warmth).toBeUndefined();
    expect(ready(warm)).toBeLessThan(ready(frozen(f)));
  });
});
