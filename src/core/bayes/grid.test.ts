import { jStat } from "jstat";
import {
  afterSeeing,
  deviationOf,
  informationOf,
  intervalOf,
  meanOf,
  normalBelief,
  quantileOf,
} from "./grid";

describe("against closed forms", () => {
  const prior = normalBelief(1, 0.5, -3, 5, 801);

  test("a normal belief has its mean, its deviation and its quantiles (standard tables)", () => {
    expect(meanOf(prior)).toBeCloseTo(1, 6);
    expect(deviationOf(prior)).toBeCloseTo(0.5, 4);
    expect(quantileOf(prior, 0.5)).toBeCloseTo(1, 4);
    const [low, high] = intervalOf(prior, 0.95);
    expect(low).toBeCloseTo(1 - 1.95996 * 0.5, 3);
    expect(high).toBeCloseTo(1 + 1.95996 * 0.5, 3);
  });

  test("normal prior and normal reading: the conjugate posterior (Gelman et al., Bayesian Data Analysis, 2.5)", () => {
    const seen = afterSeeing(prior, (x) => -(((2 - x) / 0.25) ** 2) / 2);
    const weight = 1 / 0.5 ** 2 + 1 / 0.25 ** 2;
    expect(meanOf(seen)).toBeCloseTo((1 / 0.5 ** 2 + 2 / 0.25 ** 2) / weight, 5);
    expect(deviationOf(seen)).toBeCloseTo(1 / Math.sqrt(weight), 5);
  });

  test("uniform prior, k of n yes: the Beta posterior's mean, (k + 1) / (n + 2)", () => {
    const at = Array.from({ length: 1001 }, (_, i) => (i + 0.5) / 1001);
    const flat = { at, share: at.map(() => 1 / at.length) };
    const seen = afterSeeing(flat, (p) => 7 * Math.log(p) + 3 * Math.log(1 - p));
    expect(meanOf(seen)).toBeCloseTo(8 / 12, 5);
    for (const share of [1 / 6, 0.5, 5 / 6])
      expect(quantileOf(seen, share)).toBeCloseTo(jStat.beta.inv(share, 8, 4), 3);
  });
});

describe("what a question tells", () => {
  const even = { at: [0, 1], share: [0.5, 0.5] };
  test("all of it where the answer is the figure: ln 2; nothing where it is not", () => {
    expect(informationOf(even, (x) => x)).toBeCloseTo(Math.LN2, 9);
    expect(informationOf(even, () => 0.7)).toBeCloseTo(0, 9);
    expect(informationOf(even, (x) => (x ? 0.9 : 0.1))).toBeGreaterThan(0.3);
  });
});
