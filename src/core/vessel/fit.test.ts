import fc from "fast-check";
import { fitPieces, liquidLevel, liquidToCoverMl, COVER_MM } from "./fit";
import { pieceSize } from "./piece-size";
import type { Vessel } from "./vessel";

const TUB: Vessel = {
  shape: "box",
  lengthMm: 300,
  widthMm: 200,
  heightMm: 150,
  material: "food_plastic",
  plate: true,
};
const BLOCK = { lengthMm: 150, widthMm: 100, heightMm: 40, volumeMl: 600 };

test("by hand: one block in a tub of 600 cm²", () => {
  const fit = fitPieces(TUB, BLOCK, 1);
  // 600 cm² × (4 + 1.5) cm − 600 mL = 2700 mL
  expect(liquidToCoverMl(TUB, fit)).toBeCloseTo(2700, 6);
  const level = liquidLevel(TUB, fit, 2700);
  expect(level).toMatchObject({ levelMm: 55, headspaceMm: 95, overflowMl: 0, exposedMm: 0 });
});

test("too little liquid leaves food standing out; too much runs over", () => {
  const fit = fitPieces(TUB, BLOCK, 1);
  expect(liquidLevel(TUB, fit, 600).exposedMm).toBeCloseTo(20, 6);
  expect(liquidLevel(TUB, fit, 9000).overflowMl).toBeCloseTo(600, 6);
});

test("pieces go in layers, and stand when too long to lie", () => {
  expect(fitPieces(TUB, BLOCK, 7)).toMatchObject({ perLayer: 3, layers: 3, foodHeightMm: 120 });
  const long = { lengthMm: 400, widthMm: 60, heightMm: 60, volumeMl: 1400 };
  expect(fitPieces(TUB, long, 1)).toMatchObject({ standing: true, foodHeightMm: 400 });
});

test("a round pail's floor is πd²/4", () => {
  const pail: Vessel = { ...TUB, shape: "cylinder", lengthMm: 200 };
  expect(fitPieces(pail, BLOCK, 1).floorMm2).toBeCloseTo(Math.PI * 100 ** 2, 6);
});

test("water to cover does cover, whatever the pieces", () => {
  const mm = fc.double({ min: 20, max: 250, noNaN: true });
  fc.assert(
    fc.property(mm, mm, fc.integer({ min: 1, max: 20 }), (thick, across, count) => {
      const volumeMl = (thick * across * across) / 1000;
      const fit = fitPieces(TUB, { lengthMm: across, widthMm: across, heightMm: thick, volumeMl }, count);
      const tall = { ...TUB, heightMm: 1e5 };
      const level = liquidLevel(tall, fit, liquidToCoverMl(tall, fit));
      return level.exposedMm === 0 && Math.abs(level.levelMm - fit.foodHeightMm - COVER_MM) < 1e-6;
    }),
    { seed: 41 },
  );
});

test.each(["slab", "cylinder", "sphere"] as const)(
  "a %s keeps its volume and its measured thickness",
  (shape) => {
    const size = pieceSize(shape, 1050, 60);
    const share = { slab: 1, cylinder: Math.PI / 4, sphere: Math.PI / 6 }[shape];
    expect(size.volumeMl).toBeCloseTo(1000, 9);
    expect(size.heightMm).toBe(60);
    expect((size.lengthMm * size.widthMm * size.heightMm * share) / 1000).toBeCloseTo(1000, 6);
  },
);
