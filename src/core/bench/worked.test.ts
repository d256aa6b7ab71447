import { acidDepthMm, sugarDepthMm } from "../diffusion/fronts";
import { outcomeAt } from "../formula/account/outcome";
import { formulate } from "../formula/formulate";
import { chops } from "../formula/formulation.fixture";
import { withPreparation } from "../formula/offer/offered";
import type { Formulation } from "../formulation";
import { PREPARATION_CHOICES } from "../preparations";
import { NO_LIMITS } from "../safety/limits";
import { plateOf } from "./plate";
import { soakKey } from "./soak-key";
import { sheetOf, workOut } from "./worked";

const asked = (input: Formulation, rateFactor = 1) => ({ input, rateFactor, kitchen: NO_LIMITS });

describe.each(PREPARATION_CHOICES)("the Bench of a %s", (choice) => {
  const input = withPreparation(chops(), choice);
  const answer = workOut(asked(input));

  test("goes from one thread to another as it is", () => {
    expect(structuredClone(answer)).toEqual(answer);
  });

  test("is what the sums give one by one", () => {
    const sheet = formulate(input);
    if (!sheet.ok || !answer.ok) throw new Error("refused");
    expect(answer.sheet).toEqual(sheet.value);
    expect(answer.outcome).toEqual(outcomeAt(sheet.value, input.pullH, input.portions));
    expect(answer.salt.fraction).toBe(answer.outcome.toHeat.meanFraction);
  });

  test("keeps its soak while only the pull, the portions and words change", () => {
    const later = { ...input, pullH: input.pullH / 2, portions: 7, name: "Other", notes: "n" };
    expect(sheetOf(later, 1)).toBe(sheetOf(input, 1));
    const moved = workOut(asked(later));
    if (!moved.ok || !answer.ok) throw new Error("refused");
    expect(moved.outcome).toEqual(outcomeAt(answer.sheet, later.pullH, 7));
  });
});

test("another rate, weight or strength is another soak", () => {
  const f = chops();
  const key = soakKey(f, 1);
  expect(soakKey(f, 1.2)).not.toBe(key);
  expect(soakKey({ ...f, pieces: { ...f.pieces, totalMassG: 1001 } }, 1)).not.toBe(key);
  expect(soakKey({ ...f, cook: { toC: 70, minutes: 10, restMin: 3 } }, 1)).toBe(key);
  const crust = withPreparation(f, "crust");
  const hotter = { ...crust, cook: { toC: 70, minutes: 10, restMin: 3 } };
  expect(soakKey(hotter, 1)).not.toBe(soakKey(crust, 1));
});

test("the kitchen's rate reaches the soak", () => {
  const slow = workOut(asked(withPreparation(chops({ pullH: 2 }), "dry"), 0.5));
  const quick = workOut(asked(withPreparation(chops({ pullH: 2 }), "dry"), 2));
  if (!slow.ok || !quick.ok) throw new Error("refused");
  expect(quick.outcome.centreFraction).toBeGreaterThan(slow.outcome.centreFraction);
});

test("what is refused still says how it would be cooked, if its food is known", () => {
  const refused = workOut(asked(chops({ saltId: "nothing" })));
  expect(refused).toMatchObject({ ok: false, error: { code: "unknown_salt" } });
  expect(refused.cook?.toC).toBeGreaterThan(50);
  expect(workOut(asked(chops({ foodId: "nothing" }))).cook).toBeUndefined();
});

test("acid is drawn only of what is sour, and deeper with the hours", () => {
  const depth = (pullH: number) => {
    const answer = workOut(asked({ ...withPreparation(chops(), "marinade"), pullH }));
    return answer.ok ? answer.fronts.acidMm : NaN;
  };
  const plain = workOut(asked(chops({ pullH: 10 })));
  expect(plain.ok && plain.fronts.acidMm).toBe(0);
  expect(depth(8)).toBeGreaterThan(depth(2));
  expect(depth(0)).toBe(0);
  // Less lemon in it, and what flesh binds holds it back.
  const marinade = { ...withPreparation(chops(), "marinade"), pullH: 2 };
  const thinned = {
    ...marinade,
    lines: ["lemon_juice", "water"].map((ingredientId, i) => ({
      ingredientId,
      amountG: [20, 200][i],
      scalesWith: "foodMass" as const,
      optional: false,
    })),
  };
  const weak = workOut(asked(thinned));
  expect(weak.ok && weak.fronts.acidMm).toBeLessThan(0.9 * depth(2));
  // A sour brine that names no acid is taken as usual.
  const sour = workOut(asked(chops({ pullH: 2, sour: true })));
  const usual = acidDepthMm(
    { shape: "slab", halfThicknessM: 0.0125 },
    sour.ok ? sour.sheet.soak.diffusivityM2PerS : NaN,
    2 * 3600,
    0.15,
  );
  expect(sour.ok && sour.fronts.acidMm).toBeCloseTo(usual, 1);
});

test("sugar goes in from a bath and from what lies on the face, salt alone brings none", () => {
  const sweet = (choice: (typeof PREPARATION_CHOICES)[number], change: Partial<Formulation> = {}) => {
    const answer = workOut(
      asked({ ...withPreparation(chops({ pullH: 4 }), choice), sugarPerSalt: 0.5, ...change }),
    );
    if (!answer.ok) throw new Error("refused");
    return answer;
  };
  for (const choice of ["equilibrium", "dry"] as const) {
    const { fronts, sheet } = sweet(choice, { pullH: 2 });
    const body = { shape: "slab" as const, halfThicknessM: 0.0125 };
    expect(fronts.sugarMm).toBeCloseTo(sugarDepthMm(body, sheet.soak.diffusivityM2PerS, 2 * 3600), 1);
    expect(sweet(choice, { pullH: 8 }).fronts.sugarMm).toBeGreaterThan(fronts.sugarMm);
    expect(sweet(choice, { pullH: 0 }).fronts.sugarMm).toBe(0);
    expect(sweet(choice, { sugarPerSalt: 0 }).fronts.sugarMm).toBe(0);
  }
  expect(sweet("injection").fronts.sugarMm).toBe(0);
});

test("on the plate the salt is more even than when it was taken out", () => {
  const f = withPreparation(chops({ pullH: 3 }), "dry");
  const lifted = workOut(asked(f));
  const plate = plateOf(f, 1);
  if (!lifted.ok || !plate) throw new Error("refused");
  expect(plate.evenness).toBeGreaterThan(lifted.outcome.evenness);
  expect(plate.meanFraction).toBeCloseTo(lifted.outcome.meanFraction, 3);
  expect(plateOf(chops({ saltId: "nothing" }), 1)).toBeUndefined();
});
