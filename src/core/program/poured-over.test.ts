import { chops, foodIn, worked } from "../formula/formulation.fixture";
import { outcomeAt } from "../formula/account/outcome";
import { formulate } from "../formula/formulate";
import { RANGES } from "../quantity/ranges";
import { effectOf, rebalanced, scaledWeights } from "./poured-over";

import { SCALED_MOST } from "./weigh-in";

const f = chops();
const sheet = worked(f);
const line = (role: string) => {
  const found = sheet.lines.find((l) => l.role === role);
  if (!found) throw new Error(role);
  return found;
};
const [salt, water] = [line("salt"), line("water")];
const roomy = {
  ...f,
  vessel: { ...f.vessel, shape: "box" as const, lengthMm: 2000, widthMm: 1500, heightMm: 900 },
};

describe("scaled up", () => {
  test("by the line that ran over most; what is short, or has no mass, asks for nothing", () => {
    expect(rebalanced(f, sheet, {}).factor).toBe(1);
    expect(rebalanced(f, sheet, { [salt.id]: salt.massG * 0.5 }).factor).toBe(1);
    const both = { [salt.id]: salt.massG * 1.2, [water.id]: water.massG * 1.1 };
    expect(rebalanced(f, sheet, both).factor).toBeCloseTo(1.2, 12);
    const nothing = { ...sheet, lines: [{ ...salt, massG: 0 }, water] };
    expect(rebalanced(f, nothing, { [salt.id]: 5 }).factor).toBe(1);
  });

  test("every line by the same factor, read back by its id", () => {
    const { lines } = rebalanced(f, sheet, { [salt.id]: salt.massG * 1.5 });
    expect(scaledWeights(lines)).toEqual({
      [water.id]: expect.closeTo(water.massG * 1.5, 9) as number,
      [salt.id]: expect.closeTo(salt.massG * 1.5, 9) as number,
    });
  });

  test.each([
    ["as much as ten times", SCALED_MOST, undefined],
    ["more", SCALED_MOST + 1e-6, "tooMuch"],
  ])("%s", (_, factor, refused) => {
    expect(rebalanced(roomy, worked(roomy), { [salt.id]: salt.massG * factor }).refused).toBe(refused);
  });

  test("no line past what is weighed: water by its own limit", () => {
    const huge = (massG: number, of = water) => ({
      ...sheet,
      lines: sheet.lines.map((l) => (l.id === of.id ? { ...l, massG } : l)),
    });
    const over = (s: typeof sheet) =>
      rebalanced(roomy, s, { [salt.id]: 2 * (s.lines.find((l) => l.id === salt.id)?.massG ?? 0) }).refused;
    expect(over(huge(RANGES.waterG.max / 2))).toBeUndefined();
    expect(over(huge(RANGES.waterG.max / 2 + 1))).toBe("tooMuch");
    expect(over(huge(RANGES.lineG.max / 2, salt))).toBeUndefined();
    expect(over(huge(RANGES.lineG.max / 2 + 1, salt))).toBe("tooMuch");
    expect(RANGES.waterG.max).toBeGreaterThan(RANGES.lineG.max);
  });

  test("a vessel that does not hold it; salt that lies on the food", () => {
    const small = {
      ...f,
      vessel: { ...f.vessel, shape: "box" as const, lengthMm: 300, widthMm: 200, heightMm: 60 },
    };
    expect(rebalanced(small, worked(small), { [salt.id]: salt.massG * 3 }).refused).toBe("overflows");
    const dry = foodIn("duck_leg", "dry");
    const dried = worked(dry);
    expect(rebalanced(dry, dried, { [dried.lines[0].id]: dried.lines[0].massG * 1.1 }).refused).toBe(
      "saltsTheFood",
    );
  });
});

describe("left as it is", () => {
  const effect = (real: Record<string, number>) => {
    const found = effectOf(f, sheet, real);
    if (!found.ok) throw new Error(found.error.code);
    return found.value;
  };

  test("what is said at the scale is what the food holds from then on", () => {
    const real = { [salt.id]: salt.massG * 1.3, [water.id]: water.massG * 0.97 };
    const as = formulate(f, { poured: { weights: real, scaledBy: 1 } });
    if (!as.ok) throw new Error(as.error.code);
    expect(effect(real).meanFraction).toBe(outcomeAt(as.value, f.pullH, f.portions).meanFraction);
    expect(effect(real).endFraction).toBeCloseTo(as.value.endFraction, 12);
    expect(effect(real).window).toEqual(as.value.soak.window);
  });

  test("more salt ends saltier, more water milder, both alike the same", () => {
    const as = effect({});
    expect(effect({ [salt.id]: salt.massG * 1.1 }).endFraction).toBeGreaterThan(as.endFraction * 1.05);
    expect(effect({ [water.id]: water.massG * 1.1 }).endFraction).toBeLessThan(as.endFraction * 0.97);
    expect(effect({ pepper: 90 })).toEqual(as);
  });

  test("no salt at all is none, and dry salt is not given water", () => {
    expect(effect({ [salt.id]: 0 }).endFraction).toBeLessThan(0.002);
    const dry = foodIn("pork_loin_roast", "dry", { pullH: 24 });
    const dried = worked(dry);
    const [plain, poured] = [effectOf(dry, dried, {}), effectOf(dry, dried, { [water.id]: 500 })];
    if (!plain.ok || !poured.ok) throw new Error("refused");
    expect(poured.value.endFraction).toBeCloseTo(plain.value.endFraction, 9);
  });
});
