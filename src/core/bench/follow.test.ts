import { chops, timedChops } from "../formula/formulation.fixture";
import { withPreparation } from "../formula/offer/offered";
import { followsByItself, withThird } from "./follow";

const cure = withPreparation(chops(), "cure");
const rub = withPreparation(chops(), "rub");

describe("what follows by itself", () => {
  test("an equilibrium brine has its strength and its hours free", () => {
    expect(followsByItself(chops(), "strength")).toBe(true);
    expect(followsByItself(chops(), "hours")).toBe(true);
    expect(followsByItself(chops(), "salt")).toBe(false);
  });

  test("a timed brine and a cure are sought", () => {
    for (const f of [timedChops(0.05), cure])
      for (const third of ["strength", "hours", "salt"] as const)
        expect(followsByItself(f, third)).toBe(false);
  });

  test("dry salt is dosed by what is wanted, and a rub without salt seeks none", () => {
    expect(followsByItself(withPreparation(chops(), "dry"), "strength")).toBe(true);
    expect(followsByItself(rub, "strength")).toBe(false);
    const bare = { ...rub, preparation: { ...rub.preparation, targetFraction: 0 } };
    expect(followsByItself(bare, "strength")).toBe(true);
  });
});

describe("the figure that was sought", () => {
  test("is put into what stands there now, and nothing else is", () => {
    const now = timedChops(0.05, { pullH: 3, notes: "typed since" });
    const solved = timedChops(0.06, { pullH: 9, notes: "" });
    expect(withThird(now, solved, "hours")).toEqual({ ...now, pullH: 9 });
    expect(withThird(now, solved, "strength")).toEqual({
      ...now,
      salt: solved.salt,
      preparation: solved.preparation,
    });
    const wanted = timedChops(0.07);
    wanted.preparation = { ...wanted.preparation, targetFraction: 0.02 };
    expect(withThird(now, wanted, "salt").preparation).toEqual({ ...now.preparation, targetFraction: 0.02 });
  });

  test("of a cure is its dose, of a rub the salt given", () => {
    const solved = { ...cure, preparation: { ...cure.preparation, doseFraction: 0.031 } } as typeof cure;
    expect(withThird(cure, solved, "strength").preparation).toMatchObject({ doseFraction: 0.031 });
    const given = { ...rub, salt: { mode: "percent" as const, fraction: 0.012 } };
    expect(withThird(rub, given, "strength")).toEqual(given);
  });

  test("of another preparation is not taken", () => {
    expect(withThird(cure, timedChops(0.06), "strength")).toBe(cure);
  });
});
