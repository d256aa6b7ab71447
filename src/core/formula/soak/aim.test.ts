import fc from "fast-check";
import { OVER_SHARE, SEASONED_SHARE } from "../../diffusion/readiness";
import type { Formulation } from "../../formulation";
import { outcomeAt } from "../account/outcome";
import { rescues } from "../change/rescue";
import { chops, worked } from "../formulation.fixture";
import { preparationOffered } from "../offer/defaults";
import { aimOf, soakAimOf } from "./aim";
import { ensembleWindow } from "./ensemble";

const timed = (over: Partial<Formulation> = {}) =>
  chops({ preparation: preparationOffered("timed", 0.014), ...over });
const rinsedFor = (minutes: number, over: Partial<Formulation> = {}) =>
  timed({ rinse: { minutes }, ...over });

/** Salt as it goes to the heat over what is wanted, at an hour. */
const share = (f: Formulation, hours: number) =>
  outcomeAt(worked(f), hours, f.portions).toHeat.meanFraction / f.preparation.targetFraction;

describe("a soak that is rinsed is judged by what the rinse leaves", () => {
  const shapes: Formulation["pieces"]["shape"][] = ["slab", "cylinder", "block"];
  test("it is ready, and past it, by the salt that goes to the heat: any minutes, any shape", () => {
    fc.assert(
      fc.property(fc.constantFrom(...shapes), fc.integer({ min: 1, max: 60 }), (shape, minutes) => {
        const f = rinsedFor(minutes, { pieces: { ...chops().pieces, shape } });
        const { ready, past } = worked(f).soak.window;
        // Shares of finished flesh and of its water differ by little; a block is rinsed as its stand-in is.
        const digits = shape === "block" ? 1.3 : 1.7;
        expect(share(f, ready.likely ?? NaN)).toBeCloseTo(SEASONED_SHARE, digits);
        expect(share(f, past.likely ?? NaN)).toBeCloseTo(OVER_SHARE, digits);
      }),
      { numRuns: 12 },
    );
  });

  test("the longer it is rinsed, the later; not at all is the same as none asked for", () => {
    const ready = (f: Formulation) => worked(f).soak.window.ready.likely ?? NaN;
    expect(ready(rinsedFor(5))).toBeGreaterThan(ready(timed()));
    expect(ready(rinsedFor(30))).toBeGreaterThan(ready(rinsedFor(5)));
    expect(aimOf(timed(), worked(timed()).load)).toEqual(soakAimOf(timed(), worked(timed()).load));
  });

  test("its soft edges lie about its own hour", () => {
    const f = rinsedFor(15);
    const { load, soak } = worked(f);
    const { ready } = ensembleWindow(f, load).window;
    const likely = soak.window.ready.likely ?? NaN;
    expect(ready.early).toBeLessThan(likely);
    expect(ready.late).toBeGreaterThan(likely);
    expect((ready.likely ?? NaN) / likely).toBeCloseTo(1, 0.8);
  });

  test("outside and even are judged after it too", () => {
    const at = (readiness: Formulation["readiness"], rinse?: Formulation["rinse"]) =>
      worked(timed({ readiness, rinse })).soak.window.ready.likely ?? NaN;
    expect(at("outside", { minutes: 30 })).toBeGreaterThan(at("outside"));
  });
});

test("the ways out of a late batch keep the rinse that was planned: as it is taken out now, it is as the Bench says", () => {
  const f = rinsedFor(15);
  const sheet = worked(f);
  const now = rescues(f, sheet.load, 8, 9).find((r) => r.way === "lift_now");
  expect(now?.meanFraction).toBeCloseTo(outcomeAt(sheet, 8, f.portions).toHeat.meanFraction, 4);
  const rinse = rescues(f, sheet.load, 24, 25).find((r) => r.way === "rinse");
  expect(rinse?.amount).toBeGreaterThan(15);
});
