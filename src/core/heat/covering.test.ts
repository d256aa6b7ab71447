import { airAlong, airIn, biotOf, diffusionMin, FACE, type HeatedStretch } from "./covering";

const piece = { halfThicknessMm: 40, startC: 5 };
const stretch = (part: Partial<HeatedStretch> = {}): HeatedStretch => ({
  airC: 180,
  minutes: 60,
  cover: "open",
  ...part,
});

test("an open face gives off more than a covered one, and more comes to it; a pouch lets nothing off", () => {
  const at = (cover: HeatedStretch["cover"]) => airIn(piece, stretch({ cover }))(10);
  expect(at("open")).toEqual({ airC: 180, biot: biotOf(17, 40), wetness: 0.11 });
  expect(at("lid").wetness).toBeLessThan(at("open").wetness);
  expect(at("foil").biot).toBeLessThan(at("lid").biot);
  expect(at("pouch").wetness).toBe(0);
});

test("in a crust it is as warm as the food at first, and comes to the boil and a fifth of the oven over it", () => {
  const air = airIn(piece, stretch({ cover: "crust", airC: 200 }));
  expect(air(0).airC).toBe(5);
  expect(air(20).airC).toBeCloseTo(5 + 115 * (1 - Math.exp(-1)), 9);
  expect(air(600).airC).toBeCloseTo(120, 6);
});

test("each time it is opened it loses two to four minutes of its heat", () => {
  const air = airIn(piece, stretch({ opened: { atMin: [30, 60], basted: false } }));
  // Before it is opened for the first time nothing is lost.
  expect(air(29.9).airC).toBe(180);
  expect(air(30).airC).toBeCloseTo(180 - 0.6 * 158, 9);
  const STEP = 0.01;
  const lost = Array.from({ length: 3000 }, (_, i) => 1 - (air(30 + i * STEP).airC - 22) / 158);
  const lostMin = STEP * lost.reduce((sum, of) => sum + of, 0);
  // Table: each opening adds 2 to 4 min. Common practice, no source.
  expect(lostMin).toBeGreaterThan(2);
  expect(lostMin).toBeLessThan(4);
});

test("a face that dries does so while it is open, and is wet again when it is basted", () => {
  const guess = { film: 1, wetter: 1, driesInMin: 40 };
  const wetness = (part: Partial<HeatedStretch>, atMin: number) =>
    airIn(piece, stretch(part), guess)(atMin).wetness;
  expect(wetness({}, 40)).toBeCloseTo(FACE.open.wetness / Math.E, 9);
  expect(wetness({ cover: "lid" }, 40)).toBe(FACE.lid.wetness);
  expect(wetness({ opened: { atMin: [40], basted: false } }, 50)).toBeCloseTo(0.11 * Math.exp(-50 / 40), 9);
  expect(wetness({ opened: { atMin: [40], basted: true } }, 50)).toBeCloseTo(0.11 * Math.exp(-10 / 40), 9);
  expect(wetness({ opened: { atMin: [40], basted: true } }, 39)).toBeCloseTo(0.11 * Math.exp(-39 / 40), 9);
});

test("stretch after stretch, each by its own minutes, and the last goes on", () => {
  const air = airAlong(piece, [
    stretch({ airC: 120, minutes: 150, cover: "lid" }),
    stretch({ airC: 220, minutes: 20, opened: { atMin: [10, 30], basted: false } }),
  ]);
  expect(air(149.9).airC).toBe(120);
  expect(air(150)).toEqual({ airC: 220, biot: biotOf(17, 40), wetness: 0.11 });
  expect(air(160).airC).toBeLessThan(110);
  expect(air(169.9).airC).toBeGreaterThan(190);
  expect(air(189).airC).toBe(air(169).airC);
});

test("a piece twice as thick takes four times its diffusion time, a faster one less", () => {
  expect(diffusionMin(40)).toBeCloseTo(4 * diffusionMin(20), 9);
  expect(diffusionMin(40, 2)).toBeCloseTo(diffusionMin(40) / 2, 9);
});
