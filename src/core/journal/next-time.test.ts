import { outcomeAt } from "../formula/account/outcome";
import { chops, worked } from "../formula/formulation.fixture";
import { preparationOffered } from "../formula/offer/defaults";
import { withPreparation } from "../formula/offer/offered";
import type { Formulation } from "../formulation";
import { accepted, proposalsFor as proposedFor, type Experience } from "./next-time";
import { judgedSalt } from "./outcome";

test("salt as judged: the cook's own word, or else the mean of the eaters'", () => {
  const eaters = [
    { who: "table 1", salt: 2 },
    { who: "table 2", salt: -1 },
  ];
  expect(judgedSalt({ faults: [], words: "", eaters })).toBe(0.5);
  expect(judgedSalt({ faults: [], words: "", eaters, salt: 0 })).toBe(0);
  expect(judgedSalt({ faults: [], words: "" })).toBeUndefined();
});

describe("next time, from the kitchen's own record", () => {
  const f = chops({ preparation: preparationOffered("equilibrium", 0.016) });
  /** Of a formula that brings what is asked of it. */
  const proposalsFor = (
    of: Formulation,
    record: readonly Experience[],
    brings = of.preparation.targetFraction,
  ) => proposedFor(of, record, brings);
  const batch = (salt: number | undefined, heldFraction = 0.016, evenness?: number): Experience => ({
    heldFraction,
    hours: 24,
    judged: {
      ...(salt !== undefined && { salt }),
      ...(evenness !== undefined && { evenness }),
      faults: [],
      words: "",
    },
  });

  test("three batches a little too salty at 1.6 %: by hand, 1.6 − 0.18 × 0.7 × 2/3 = 1.516 %", () => {
    const [p, ...more] = proposalsFor(f, [batch(1), batch(0), batch(1)]);
    expect(more).toEqual([]);
    expect(p).toMatchObject({ field: "target", batches: 3, from: 0.016, to: 0.0152 });
    expect(p.judged).toBeCloseTo(0.016, 12);
    expect(p.meanScore).toBeCloseTo(2 / 3, 12);
    // Scores 1, 0, 1 lie 0.577 about their mean: 3 ÷ (3 + 2 × 0.577).
    expect(p.confidence).toBeCloseTo(3 / (3 + 2 * Math.sqrt(1 / 3)), 9);
    const { formulation, note } = accepted(f, p);
    expect(formulation.preparation.targetFraction).toBe(p.to);
    expect(note).toBe("1.52 % salt: 3 batches, mean +0.7 at 1.60 %");
  });

  test("one batch speaks, less sure; the other way it asks for more", () => {
    const [p] = proposalsFor(f, [batch(-2)]);
    expect(p).toMatchObject({ to: 0.0185, batches: 1 });
    expect(p.confidence).toBeCloseTo(1 / 3, 9);
    expect(accepted(f, p).note).toBe("1.85 % salt: one batch, mean -2.0 at 1.60 %");
  });

  test("told against the batches that were judged: too salty at 1.60 %, and the formula asks for less by now", () => {
    expect(proposalsFor(f, [batch(1)], 0.0155)[0]).toMatchObject({ from: 0.0155, to: 0.0147, judged: 0.016 });
    // "Too salty" never ends in more salt, nor "bland" in less.
    expect(proposalsFor(f, [batch(1)], 0.0145)).toEqual([]);
    expect(proposalsFor(f, [batch(-1, 0.012)], 0.0145)).toEqual([]);
    // A hundredth of a percent is no proposal.
    expect(proposalsFor(f, [batch(1)], 0.01475)).toEqual([]);
    expect(proposalsFor(f, [batch(1)], 0.0149)).toHaveLength(1);
  });

  test("only the newest five count, and of them those whose salt was judged", () => {
    const five = Array<Experience>(5).fill(batch(0));
    expect(proposalsFor(f, [...five, batch(2), batch(2), batch(2), batch(2)])).toEqual([]);
    expect(proposalsFor(f, [batch(1), batch(undefined), batch(undefined)])[0]).toMatchObject({
      batches: 1,
      meanScore: 1,
    });
  });

  test("content eaters: nothing is proposed; nobody judged: nothing either", () => {
    expect(proposalsFor(f, [batch(0), batch(0)])).toEqual([]);
    expect(proposalsFor(f, [])).toEqual([]);
    expect(proposalsFor(f, [batch(undefined)])).toEqual([]);
  });

  test.each([
    [0.24, 0],
    [0.25, 0],
    [0.26, 1],
  ])("a mean verdict of %f: %d proposals", (score, proposals) => {
    expect(proposalsFor(f, [batch(score)])).toHaveLength(proposals);
    expect(proposalsFor(f, [batch(0, 0.016, -score)])).toHaveLength(proposals);
  });

  test("never under or over what can be asked for", () => {
    const weak = chops({ preparation: preparationOffered("equilibrium", 0.003) });
    expect(proposalsFor(weak, [batch(2, 0.003)])[0].to).toBeCloseTo(0.001, 12);
    const strong = chops({ preparation: preparationOffered("equilibrium", 0.0595) });
    expect(proposalsFor(strong, [batch(-2, 0.0595)])[0].to).toBeCloseTo(0.06, 12);
  });

  test("judged in both directions it is less sure than judged alike", () => {
    const sure = proposalsFor(f, [batch(1), batch(1), batch(1)])[0].confidence;
    const torn = proposalsFor(f, [batch(2), batch(-1), batch(1)])[0].confidence;
    expect(sure).toBeGreaterThan(torn);
  });

  test("found uneven: longer by a fifth of the hours it had for each step, and the other way never", () => {
    const [longer] = proposalsFor(f, [batch(0, 0.016, -1), batch(0, 0.016, -2)]);
    expect(longer).toMatchObject({ field: "hours", to: 31.2, judged: 24, meanScore: -1.5, batches: 2 });
    expect(accepted(f, longer)).toMatchObject({
      formulation: { ...f, pullH: 31.2 },
      note: "Longer: 2 batches, mean -1.5 for evenness at 24.0 h",
    });
    expect(proposalsFor(f, [batch(0, 0.016, 2)])).toEqual([]);
    // It stands as long already; and no soak is longer than four days.
    expect(proposalsFor({ ...f, pullH: 31.2 }, [batch(0, 0.016, -1.5)])).toEqual([]);
    expect(proposalsFor(f, [{ ...batch(0, 0.016, -2), hours: 90 }])[0].to).toBe(96);
  });

  test("a crust is asked for no figure: neither salt nor hours", () => {
    expect(proposalsFor(withPreparation(f, "crust"), [batch(2, 0.016, -2)])).toEqual([]);
  });

  describe("what is taken changes what is weighed, so that the same hours bring what is proposed", () => {
    const saltG = (of: Formulation) => worked(of).lines.find((l) => l.role === "salt")?.massG ?? NaN;
    const held = (of: Formulation) => outcomeAt(worked(of), of.pullH, of.portions).toHeat.meanFraction;
    const other = (of: Formulation, times: number) => {
      const from = held(of);
      const to = from * times;
      return accepted(of, {
        field: "target",
        from,
        to,
        judged: from,
        batches: 1,
        meanScore: times < 1 ? 1 : -1,
        confidence: 0.5,
      }).formulation;
    };

    test.each<[string, Formulation, number]>([
      ["a bath of its own strength", chops({ preparation: preparationOffered("timed", 0.014), pullH: 3 }), 4],
      ["a cure", withPreparation(chops({ foodId: "mackerel_fillet", pullH: 0.5 }), "cure"), 4],
      [
        "an equilibrium brine",
        chops({ preparation: preparationOffered("equilibrium", 0.014), pullH: 30 }),
        3,
      ],
      ["a dry brine", chops({ preparation: preparationOffered("dry", 0.014), pullH: 20 }), 3],
      [
        "salt given outright in a bath",
        chops({
          preparation: preparationOffered("timed", 0.014),
          pullH: 3,
          salt: { mode: "grams", massG: 50 },
        }),
        3,
      ],
    ])("%s", (_, before, digits) => {
      const after = other(before, 0.9);
      expect(after.pullH).toBe(before.pullH);
      expect(saltG(after)).toBeLessThan(saltG(before) * 0.97);
      expect(held(after)).toBeCloseTo(held(before) * 0.9, digits);
      if (before.salt) expect(after.salt).toMatchObject({ mode: before.salt.mode });
    });

    test("where no strength brings it, the hours do", () => {
      const short = chops({ preparation: preparationOffered("timed", 0.014), pullH: 0.1 });
      const after = accepted(short, {
        field: "target",
        from: held(short),
        to: 0.02,
        judged: held(short),
        batches: 1,
        meanScore: -1,
        confidence: 0.5,
      }).formulation;
      expect(after.pullH).toBeGreaterThan(1);
      expect(held(after)).toBeCloseTo(0.02, 3);
    });
  });
});
