import type { Formulation } from "../../formulation";
import { chops, perKg, timedChops, worked } from "../formulation.fixture";
import { scaled, scaledSalt, scalePreview } from "./scale";

const f = chops({ portions: 6, alongside: [{ count: 2, totalMassG: 300, thicknessMm: 20 }] });

describe("salt given outright", () => {
  test("so many times over: grams, millilitres, pinches", () => {
    expect(scaledSalt({ mode: "grams", massG: 10 }, 2.5)).toEqual({ mode: "grams", massG: 25 });
    expect(scaledSalt({ mode: "measure", volumeMl: 15 }, 2)).toEqual({ mode: "measure", volumeMl: 30 });
    expect(scaledSalt({ mode: "pinch", count: 2, eachG: 0.4 }, 1.5)).toEqual({
      mode: "pinch",
      count: 3,
      eachG: 0.4,
    });
  });

  test("a share grows with the meat by itself, unless it is the taste that changes", () => {
    expect(scaledSalt({ mode: "percent", fraction: 0.01 }, 2)).toEqual({ mode: "percent", fraction: 0.01 });
    expect(scaledSalt({ mode: "percent", fraction: 0.01 }, 2, true)).toEqual({
      mode: "percent",
      fraction: 0.02,
    });
    for (const salt of [{ mode: "wanted" }, { mode: "none" }, undefined] as const)
      expect(scaledSalt(salt, 2, true)).toBe(salt);
  });
});

describe("more food", () => {
  test("more pieces of the same size", () => {
    const more = scaled(f, 2.5, "morePieces");
    expect(more.pieces).toMatchObject({ count: 10, totalMassG: 2500, thicknessMm: 25 });
    expect(more.alongside).toEqual([{ count: 5, totalMassG: 750, thicknessMm: 20 }]);
    expect(more).toMatchObject({ water: { mode: "chosen", massG: 2500 }, portions: 15 });
    expect(more.pieces).not.toHaveProperty("lengthMm");
  });

  test("or the same pieces grown, each length by the cube root", () => {
    const grown = scaled({ ...f, pieces: { ...f.pieces, lengthMm: 120 } }, 8, "largerPieces");
    expect(grown.pieces).toMatchObject({ count: 4, totalMassG: 8000, thicknessMm: 50, lengthMm: 240 });
    expect(grown.alongside).toEqual([{ count: 2, totalMassG: 2400, thicknessMm: 40 }]);
    const same = scaled({ ...f, pieces: { ...f.pieces, lengthMm: 120 } }, 8, "morePieces");
    expect(same.pieces.lengthMm).toBe(120);
  });

  test("never fewer than one piece and one eater; a cover of water stays one", () => {
    const less = scaled({ ...f, water: { mode: "toCover" } }, 0.1, "morePieces");
    expect(less.pieces.count).toBe(1);
    expect(less.portions).toBe(1);
    expect(less.water).toEqual({ mode: "toCover" });
    expect(scaled(f, 0.4, "morePieces").pieces.count).toBe(2);
  });

  test("given salt with it, and what binds a crust", () => {
    const given = { ...f, salt: { mode: "grams" as const, massG: 12 } };
    expect(scaled(given, 2, "morePieces").salt).toEqual({ mode: "grams", massG: 24 });
    const crust = {
      ...f,
      preparation: { kind: "saltCrust", bound: { waterG: 100, whites: 2 } },
    } as unknown as Formulation;
    expect(scaled(crust, 1.5, "morePieces").preparation).toMatchObject({ bound: { waterG: 150, whites: 3 } });
    const free = { ...f, preparation: { kind: "saltCrust" } } as unknown as Formulation;
    expect(scaled(free, 1.5, "morePieces").preparation).toBe(free.preparation);
  });
});

describe("before and after, side by side", () => {
  const rich = chops({
    lines: [perKg("bay_dried", 2)],
    companions: [{ kind: "butter", name: "", lines: [perKg("butter_unsalted", 40)] }],
  });

  test("every line of the preparation and beside it, by its grams", () => {
    const preview = scalePreview(rich, 2, "morePieces");
    const { lines, companions } = worked(rich);
    expect(preview?.lines.map((l) => l.beforeG)).toEqual([...lines, ...companions].map((l) => l.massG));
    for (const line of preview?.lines ?? []) expect(line.afterG / line.beforeG).toBeCloseTo(2, 6);
    expect(new Set(preview?.lines.map((l) => l.id)).size).toBe(lines.length + companions.length);
  });

  test("the hours stand for more of the same, and grow with thickness; the vessel may run over", () => {
    const more = scalePreview(rich, 2, "morePieces");
    expect(more?.readyAfterH).toBeCloseTo(more?.readyBeforeH ?? NaN, 6);
    // Twice the mass in the same pieces is 26 % thicker, and takes some 59 % longer.
    const grown = scalePreview(timedChops(0.06), 2, "largerPieces");
    expect((grown?.readyAfterH ?? NaN) / (grown?.readyBeforeH ?? NaN)).toBeCloseTo(Math.cbrt(2) ** 2, 1);
    const small = {
      ...rich,
      vessel: { ...rich.vessel, shape: "box" as const, lengthMm: 300, widthMm: 200, heightMm: 60 },
    };
    expect(scalePreview(small, 5, "morePieces")?.overflowMl).toBeGreaterThan(1000);
    const roomy = { ...small, vessel: { ...small.vessel, heightMm: 400 } };
    expect(scalePreview(roomy, 1.1, "morePieces")?.overflowMl).toBe(0);
  });

  test("nothing where the sums refuse either", () => {
    expect(
      scalePreview({ ...rich, pieces: { ...rich.pieces, thicknessMm: 4000 } }, 2, "morePieces"),
    ).toBeUndefined();
    expect(scalePreview(rich, 0.1, "morePieces")).toBeDefined();
    // A piece of ten grams is not 25 mm thick.
    expect(scalePreview(rich, 0.01, "morePieces")).toBeUndefined();
  });
});
