import { outcomeAt } from "../formula/account/outcome";
import { formulate } from "../formula/formulate";
import { newFormulation } from "../formula/offer/defaults";
import { withPreparation } from "../formula/offer/offered";
import type { Formulation } from "../formulation";
import { findFood } from "../materials/lookup";
import { solveThird, type ThirdAnswer } from "./third";

const food = findFood("pork_chop_boneless");
if (!food) throw new Error("no chop");
const chop = newFormulation(food);
const timed = withPreparation(chop, "timed");

function solved(answer: ThirdAnswer): Formulation {
  if (!answer.ok) throw new Error(answer.why);
  return answer.input;
}

/** What the whole, fine sheet says of it. */
function fleshOf(input: Formulation): number {
  const sheet = formulate(input);
  if (!sheet.ok) throw new Error(sheet.error.code);
  return outcomeAt(sheet.value, input.pullH, input.portions).toHeat.meanFraction;
}

function brineAt(saltFraction: number, over: Partial<Formulation> = {}): Formulation {
  const { preparation: p } = timed;
  if (p.kind !== "wetBrine" || p.school !== "timed") throw new Error(p.kind);
  return { ...timed, preparation: { ...p, strength: { basis: "percent", saltFraction } }, ...over };
}

describe("two figures are the cook's, the third is solved", () => {
  test.each([0.04, 0.06, 0.08])("hours of a brine of %d: what is wanted is left after its rinse", (s) => {
    const input = solved(solveThird(brineAt(s, { rinse: { minutes: 15 } }), "hours"));
    expect(fleshOf(input) / 0.014).toBeCloseTo(1, 2);
  });

  test("without a rinse it is out sooner", () => {
    const hours = (rinse: Formulation["rinse"]) =>
      solved(solveThird(brineAt(0.06, { rinse }), "hours")).pullH;
    expect(hours(undefined)).toBeLessThan(hours({ minutes: 5 }));
    expect(hours({ minutes: 5 })).toBeLessThan(hours({ minutes: 15 }));
  });

  test("the strength for four hours", () => {
    const input = solved(solveThird({ ...timed, pullH: 4 }, "strength"));
    expect(input.pullH).toBe(4);
    expect(fleshOf(input) / 0.014).toBeCloseTo(1, 2);
  });

  test("there and back: the hours of the strength that four hours ask for are four hours", () => {
    const strong = solved(solveThird({ ...timed, pullH: 4 }, "strength"));
    expect(solved(solveThird(strong, "hours")).pullH).toBeCloseTo(4, 1);
  });

  test("the salt that comes of a strength and hours is what is wanted then", () => {
    const input = solved(solveThird(brineAt(0.06, { pullH: 6 }), "salt"));
    expect(input.preparation.targetFraction).toBeCloseTo(fleshOf(input), 3);
  });

  test.each(["marinade", "paste"] as const)("the dose of a %s for a night", (choice) => {
    const input = solved(solveThird({ ...withPreparation(chop, choice), pullH: 12 }, "strength"));
    expect(input.salt?.mode).toBe("percent");
    expect(fleshOf(input) / input.preparation.targetFraction).toBeCloseTo(1, 2);
  });

  test("half an hour cannot bring it, and says the nearest it can", () => {
    const answer = solveThird({ ...timed, pullH: 0.5, preparation: { ...timed.preparation } }, "strength", {
      strongest: 0.12,
    });
    if (answer.ok) throw new Error("solved");
    expect(answer.why).toBe("too_slow");
    expect(answer.nearest?.fraction).toBeLessThan(0.014 * 0.999);
    expect(answer.nearest?.fraction).toBeGreaterThan(0);
  });

  test("a fine equilibrium brine has no strength to seek", () => {
    expect(
      solveThird(
        chop.preparation.kind === "wetBrine" ? chop : withPreparation(chop, "equilibrium"),
        "strength",
      ),
    ).toEqual({ ok: false, why: "nothing_to_solve" });
  });
});
