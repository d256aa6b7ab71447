import fc from "fast-check";
import { outcomeAt } from "../formula/account/outcome";
import { chops, worked } from "../formula/formulation.fixture";
import { effectOf, rebalanced } from "./poured-over";
import { bandOf, judgeWeight, offBy, SCALED_MOST } from "./weigh-in";

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

  test.each([
    ["salt", 500, 10],
    ["water", 1000, 20],
    ["sugar", 400, 20],
    ["mixture", 400, 20],
    ["binder", 200, 20],
    ["aromatic", 200, 30],
    ["egg", 200, 40],
  ] as const)(
    "%s of %d g may be %d g off, and a gram of it no less than the scale reads",
    (role, massG, half) => {
      const band = bandOf({ role, massG });
      expect(band.lowG).toBeCloseTo(massG - half, 9);
      expect(band.highG).toBeCloseTo(massG + half, 9);
      const little = bandOf({ role, massG: 1 });
      expect(little.highG - 1).toBeCloseTo(Math.max(0.1, half / massG), 9);
    },
  );

  test("poured over: everything up by one factor keeps the strength", () => {
    fc.assert(
      fc.property(fc.double({ min: 1.03, max: 2, noNaN: true }), (factor) => {
        const all = rebalanced(f, sheet, { [salt.id]: salt.massG * factor });
        return (
          Math.abs(all.factor - factor) < 1e-9 &&
          all.lines.every((l, i) => Math.abs(l.massG - sheet.lines[i].massG * factor) < 1e-9)
        );
      }),
      { seed: 141 },
    );
  });

  test("how far it is off, in grams; nothing within the band", () => {
    const { lowG, highG } = bandOf(salt);
    expect(offBy(salt, highG)).toBe(0);
    expect(offBy(salt, lowG)).toBe(0);
    expect(offBy(salt, salt.massG + 40)).toBeCloseTo(40, 9);
    expect(offBy(salt, salt.massG - 40)).toBeCloseTo(-40, 9);
  });

  test("scaled up only within what is allowed: the factor, the vessel, and never the salt on the food", () => {
    const over = (input: typeof f, factor: number) => {
      const s = worked(input);
      const line = s.lines.find((l) => l.role === "salt");
      return line && rebalanced(input, s, { [line.id]: line.massG * factor }).refused;
    };
    const tub = { ...f.vessel, shape: "box" as const, lengthMm: 300, widthMm: 200, heightMm: 150 };
    const roomy = { ...f, vessel: { ...tub, lengthMm: 2000, widthMm: 1500, heightMm: 900 } };
    expect(over(f, 1.1)).toBeUndefined();
    expect(over({ ...f, vessel: tub }, 9)).toBe("overflows");
    expect(over(roomy, SCALED_MOST - 0.01)).toBeUndefined();
    expect(over(roomy, SCALED_MOST + 0.01)).toBe("tooMuch");
    const dry = { kind: "dryBrine", targetFraction: 0.014, salted: "allFaces" } as const;
    expect(over({ ...f, preparation: dry }, 1.1)).toBe("saltsTheFood");
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
