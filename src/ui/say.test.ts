import { formulate } from "@/core/formula/formulate";
import { chops } from "@/core/formula/formulation.fixture";
import type { Formulation } from "@/core/formulation";
import { parseQuantity, type QuantityRule } from "@/core/quantity/parse";
import { fill, saltVerdict, sayFormulationError, sayQuantityError } from "./say";

const MASS: QuantityRule = { dimension: "mass", min: 5, max: 200_000 };
const HOURS: QuantityRule = { dimension: "duration", min: 10, max: 96 * 60 };
const COUNT: QuantityRule = { dimension: "none", min: 1, max: 500, whole: true };

function said(text: string, rule: QuantityRule): string {
  const read = parseQuantity(text, rule);
  return read.ok ? "read" : sayQuantityError(read.error, rule);
}

describe("what does not read is said with what a right value looks like", () => {
  test.each([
    ["", MASS, "Enter 2.4 kg, 850 g or 4 lb 6 oz."],
    ["a duck", MASS, "“a duck” does not read as an amount. Try 2.4 kg, 850 g or 4 lb 6 oz."],
    ["3 stone", MASS, "“stone” is not a unit known here. Try 2.4 kg, 850 g or 4 lb 6 oz."],
    ["40 mm", MASS, "“mm” does not fit here. Try 2.4 kg, 850 g or 4 lb 6 oz."],
    ["2,500", MASS, "“2,500” could be 2500 or 2.5. Write one of the two."],
    ["2 g", MASS, "At least 5 g."],
    ["2000 kg", MASS, "2\u202f000 kg is too much; at most 200 kg."],
    ["5 d", HOURS, "5 d is too much; at most 4 d."],
    ["2.5", COUNT, "A whole number, not 2.5."],
    ["3 kg", COUNT, "“kg” does not fit here. Try a plain number such as 1.5."],
  ])("“%s”", (text, rule, sentence) => {
    expect(said(text, rule)).toBe(sentence);
  });
});

function refusal(change: Partial<Formulation>) {
  const result = formulate(chops(change));
  if (result.ok) throw new Error("was not refused");
  return sayFormulationError(result.error);
}

describe("what the sums refuse is said at its field", () => {
  const pieces = chops().pieces;

  test("a thickness that cannot be names the likely one", () => {
    const { field, text } = refusal({ pieces: { ...pieces, thicknessMm: 300 } });
    expect(field).toBe("thickness");
    expect(text).toMatch(/^300 mm cannot be right .* about \d+ mm is likely, \d+ to \d+ mm possible\.$/);
  });

  test("a length that cannot be names those that can", () => {
    const { field, text } = refusal({ pieces: { ...pieces, lengthMm: 900 } });
    expect(field).toBe("length");
    expect(text).toMatch(/cannot be 900 mm long: \d+ to \d+ mm, or it would be narrower than it is thick\.$/);
  });

  test("of another size in the same bath as well", () => {
    const alongside = [{ count: 1, totalMassG: 200, thicknessMm: 300 }];
    expect(refusal({ alongside }).field).toBe("thickness");
  });

  test("food salted already says what it holds", () => {
    const enhanced = { solutionFraction: 0.1, sodiumMgPer100g: 787 };
    const { field, text } = refusal({ pieces: { ...pieces, enhanced } });
    expect(field).toBe("target");
    expect(text).toContain("already holds 2.00 % salt");
  });

  test.each([
    [{ foodId: "unicorn" }, "food", "“unicorn” is not in the table"],
    [{ saltId: "moon" }, "salt", "“moon” is not in the table"],
    [{ saltId: "kcl_pure" }, "salt", "no sodium chloride"],
  ])("%j", (change, field, words) => {
    const problem = refusal(change);
    expect(problem.field).toBe(field);
    expect(problem.text).toContain(words);
  });

  test("an engine's refusal names the input, its unit and its range", () => {
    const error = {
      code: "out_of_range" as const,
      field: "body.halfThicknessM",
      unit: "m",
      value: 0,
      min: 1e-5,
      max: 1,
    };
    expect(sayFormulationError({ code: "soak", error }).text).toBe(
      "The soak cannot be computed: body.halfThicknessM is 0 m; it must lie between 0.00001 and 1.",
    );
  });
});

test("a rule's figures fill its message, rounded as they are read", () => {
  expect(fill("{{a}} % in {{b}} h of {{c}}", { a: 2.3456, b: 36.04, c: "duck" })).toBe(
    "2.35 % in 36 h of duck",
  );
});

test("what several eaters found lies between two words: the nearer is said, and always one", () => {
  for (let score = -2; score <= 2; score += 0.25) expect(saltVerdict(score)).toMatch(/salt|bland/);
  expect([-2, -0.4, 0.5, 2].map(saltVerdict)).toEqual([
    "far too little salt",
    "salt right",
    "a little salty",
    "far too salty",
  ]);
});
