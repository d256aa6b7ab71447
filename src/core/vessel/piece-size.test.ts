import fc from "fast-check";
import type { PieceForm } from "../diffusion/piece-form";
import { FLESH_DENSITY_G_PER_ML, pieceSize, possibleLengthsMm } from "./piece-size";

const SHAPES: PieceForm[] = ["slab", "block", "cylinder", "shortLog", "sphere", "oval", "wedge"];
const FILLS = {
  slab: 1,
  block: 1,
  cylinder: Math.PI / 4,
  shortLog: Math.PI / 4,
  sphere: Math.PI / 6,
  oval: Math.PI / 6,
  wedge: 1 / 2,
};

const anyPiece = fc.record({
  shape: fc.constantFrom(...SHAPES),
  massG: fc.double({ min: 50, max: 6000, noNaN: true }),
  thicknessMm: fc.double({ min: 8, max: 140, noNaN: true }),
  share: fc.double({ min: 0, max: 1, noNaN: true }),
});

test("whatever its length, a piece weighs what it weighs", () => {
  fc.assert(
    fc.property(anyPiece, ({ shape, massG, thicknessMm, share }) => {
      const { min, max } = possibleLengthsMm(shape, massG, thicknessMm);
      for (const lengthMm of [undefined, min + share * (max - min)]) {
        const size = pieceSize(shape, massG, thicknessMm, lengthMm);
        const weighsG =
          (size.lengthMm * size.widthMm * size.heightMm * FILLS[shape] * FLESH_DENSITY_G_PER_ML) / 1000;
        expect(weighsG).toBeCloseTo(massG, 6);
        expect(size.heightMm).toBe(thicknessMm);
      }
    }),
    { seed: 5 },
  );
});

test("by hand: a kilogram of loin 50 mm thick and 240 mm long is 79.4 mm wide", () => {
  // 1000 g / 1.05 g/mL = 952.4 mL; / 50 mm / 240 mm.
  expect(pieceSize("block", 1000, 50, 240).widthMm).toBeCloseTo(79.365, 3);
  expect(pieceSize("shortLog", 1000, 50, 240).widthMm).toBeCloseTo(79.365 / (Math.PI / 4), 2);
});

test("it may be so long that it is as wide as it is thick, and so short that it is as long as thick", () => {
  const { min, max } = possibleLengthsMm("block", 1000, 50);
  expect(min).toBe(50);
  expect(pieceSize("block", 1000, 50, max).widthMm).toBeCloseTo(50, 9);
  expect(max).toBeCloseTo(952_381 / 2500, 2);
  // The usual length is one of them, also of a piece that is thicker than its weight allows.
  for (const thicknessMm of [10, 50, 95, 140]) {
    const possible = possibleLengthsMm("sphere", 500, thicknessMm);
    const usual = pieceSize("sphere", 500, thicknessMm).lengthMm;
    expect(usual).toBeGreaterThanOrEqual(possible.min - 1e-9);
    expect(usual).toBeLessThanOrEqual(possible.max + 1e-9);
  }
});
