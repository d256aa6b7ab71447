import { momentAt } from "../../diffusion/moment";
import { chops, timedChops, worked } from "../formulation.fixture";
import { shareOfFinishedFlesh } from "../weigh/equilibrium";
import { endG } from "./dish-ledger";
import { momentShares, outcomeAt, TASTE_BANDS, tasteBand } from "./outcome";
import { stockShare } from "./stock";

const flat = { pieces: { ...chops().pieces, shape: "slab" as const } };
const f = worked(timedChops(0.06, flat));
const w = f.soaked.waterFraction;

describe("the food as it is lifted out", () => {
  const o = outcomeAt(f, 6, 4);
  const moment = momentAt(f.soak.run, 6 * 3600);

  test("shares of finished flesh, by the moment of the run", () => {
    expect(o.moment.timeS).toBe(6 * 3600);
    expect(o.meanFraction).toBeCloseTo(shareOfFinishedFlesh(moment.mean, w), 12);
    expect(o.surfaceFraction).toBeCloseTo(shareOfFinishedFlesh(moment.surface, w), 12);
    expect(o.centreFraction).toBeCloseTo(shareOfFinishedFlesh(moment.centre, w), 12);
    expect(o.evenness).toBeCloseTo(moment.centre / moment.mean, 12);
    expect(o.toHeat).toEqual({
      meanFraction: o.meanFraction,
      surfaceFraction: o.surfaceFraction,
      centreFraction: o.centreFraction,
    });
  });

  test("the outer third lies between surface and mean; the bath's own strength over its water and salt", () => {
    expect(o.outerThirdFraction).toBeLessThan(o.surfaceFraction);
    expect(o.outerThirdFraction).toBeGreaterThan(o.meanFraction);
    expect(o.bathFraction).toBeCloseTo((moment.bath ?? NaN) / (1 + (moment.bath ?? NaN)), 12);
    const dry = worked(
      chops({ ...flat, preparation: { kind: "dryBrine", targetFraction: 0.012, salted: "allFaces" } }),
    );
    expect(outcomeAt(dry, 6, 4).bathFraction).toBeUndefined();
  });

  test("salt within the flesh starts in the middle of what is solved: what is told as surface is where it enters", () => {
    const shares = momentShares({ ...f, contact: { kind: "within" } as typeof f.contact }, moment);
    expect(shares.surfaceFraction).toBe(o.centreFraction);
    expect(shares.centreFraction).toBe(o.surfaceFraction);
    expect(shares.evenness).toBeCloseTo(moment.surface / moment.mean, 12);
    expect(shares.outerThirdFraction).toBeLessThan(o.meanFraction);
  });

  test("with no salt at all nothing is divided by it", () => {
    expect(momentShares(f, { ...moment, mean: 0 }).evenness).toBe(0);
  });

  test("its ledger has the grams the moment has in the flesh", () => {
    const inFleshG = f.soaked.massG * w * moment.mean;
    expect(endG(o.ledger, "flesh")).toBeCloseTo(inFleshG, 9);
  });
});

test("rinsed: what goes to the heat is what the water left, and what it took is in the ledger", () => {
  const rinsed = worked(timedChops(0.06, { ...flat, rinse: { minutes: 30 } }));
  const o = outcomeAt(rinsed, 6, 4);
  expect(o.toHeat.meanFraction).toBeLessThan(o.meanFraction);
  const kept = endG(o.ledger, "flesh") / (endG(o.ledger, "flesh") + endG(o.ledger, "rinsed"));
  const perWater = (share: number) => share / (1 - share);
  expect(perWater(o.toHeat.meanFraction) / perWater(o.meanFraction)).toBeCloseTo(kept, 3);
});

test("pieces of two sizes: each its own shares, and the ledger sums over both", () => {
  const two = worked(
    timedChops(0.06, { ...flat, alongside: [{ count: 4, totalMassG: 500, thicknessMm: 12 }] }),
  );
  const o = outcomeAt(two, 6, 4);
  const thin = momentAt(two.soak.alongside[0].run, 6 * 3600);
  expect(o.alongside).toEqual([
    {
      meanFraction: expect.closeTo(shareOfFinishedFlesh(thin.mean, two.soaked.waterFraction), 12) as number,
      centreFraction: expect.closeTo(
        shareOfFinishedFlesh(thin.centre, two.soaked.waterFraction),
        12,
      ) as number,
    },
  ]);
  const waterG = two.soaked.massG * two.soaked.waterFraction;
  expect(endG(o.ledger, "flesh")).toBeCloseTo(waterG * ((2 / 3) * o.moment.mean + (1 / 3) * thin.mean), 9);
});

test("a taste's name changes at its limit, not before", () => {
  expect(TASTE_BANDS.slice(0, -1).map((b) => tasteBand(b.below - 1e-9))).toEqual(
    TASTE_BANDS.slice(0, -1).map((b) => b.name),
  );
  expect(TASTE_BANDS.slice(0, -1).map((b) => tasteBand(b.below))).toEqual(
    TASTE_BANDS.slice(1).map((b) => b.name),
  );
  expect(tasteBand(1)).toBe("too salty for most");
});

test("what is no part of a joint taken apart goes to the stock; a trifle does not", () => {
  const cook = { toC: 80, minutes: 90, restMin: 10, apart: true };
  const parts = (...shares: (number | undefined)[]) =>
    shares.map((share) => ({
      name: "part",
      toC: 70,
      thicknessMm: 30,
      ...(share !== undefined && { share }),
    }));
  const share = (change: object) => stockShare({ cook: { ...cook, ...change } });
  expect(share({ parts: parts(0.3, 0.34) })).toBeCloseTo(0.36, 12);
  expect(share({ parts: parts(0.3, undefined) })).toBeCloseTo(0.7, 12);
  expect(share({ parts: parts(0.5, 0.4985) })).toBeCloseTo(0.0015, 12);
  expect(share({ parts: parts(0.5, 0.4995) })).toBe(0);
  expect(share({ parts: parts(0.3), apart: false })).toBe(0);
  expect(share({ parts: [] })).toBe(0);
  expect(share({})).toBe(0);
  expect(stockShare({})).toBe(0);
});
