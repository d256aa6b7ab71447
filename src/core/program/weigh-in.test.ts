import fc from "fast-check";
import { chops, worked } from "../formula/formulation.fixture";
import { outcomeAt } from "../formula/outcome";
import { bandOf, effectOf, judgeWeight, rebalanced } from "./weigh-in";

describe("weighing in", () => {
  const f = chops();
  const sheet = worked(f);
  const salt = sheet.lines.find((l) => l.role === "salt");
  if (!salt) throw new Error("no salt line");

  test("the band is the line's own, and never finer than the scale", () => {
    const { lowG, highG } = bandOf(salt);
    expect(highG - salt.massG).toBeCloseTo(Math.max(1, 0.02 * salt.massG), 9);
    expect(judgeWeight(salt, salt.massG)).toBe("right");
    expect(judgeWeight(salt, highG + 0.01)).toBe("over");
    expect(judgeWeight(salt, lowG - 0.01)).toBe("under");
  });

  test("poured over: everything up by one factor keeps the strength", () => {
    fc.assert(
      fc.property(fc.double({ min: 1.03, max: 2, noNaN: true }), (factor) => {
        const all = rebalanced(sheet.lines, { [salt.id]: salt.massG * factor });
        return (
          Math.abs(all.factor - factor) < 1e-9 &&
          all.lines.every((l, i) => Math.abs(l.massG - sheet.lines[i].massG * factor) < 1e-9)
        );
      }),
      { seed: 141 },
    );
  });

  test("left as it is: more salt ends saltier; the right weight changes nothing", () => {
    const asIs = effectOf(f, sheet, {});
    const over = effectOf(f, sheet, { [salt.id]: salt.massG * 1.2 });
    if (!asIs.ok || !over.ok) throw new Error("refused");
    expect(asIs.value.meanFraction).toBeCloseTo(outcomeAt(sheet, f.pullH, 4).meanFraction, 6);
    expect(asIs.value.endFraction).toBeCloseTo(0.014, 6);
    expect(over.value.endFraction).toBeGreaterThan(0.016);
    expect(over.value.window.ready.likely ?? 99).toBeLessThan(asIs.value.window.ready.likely ?? 99);
  });
});
