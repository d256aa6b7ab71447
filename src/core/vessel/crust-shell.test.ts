import fc from "fast-check";
import {
  boxShellMl,
  ellipsoidAreaCm2,
  ellipsoidShellMl,
  ellipsoidVolumeMl,
  uniformShellMl,
} from "./crust-shell";

const mm = fc.double({ min: 30, max: 500, noNaN: true });
const thick = fc.double({ min: 4, max: 40, noNaN: true });

test("a ball's shell is the larger ball less the smaller", () => {
  const ball = { lengthMm: 100, widthMm: 100, heightMm: 100 };
  const shell = ((4 / 3) * Math.PI * (62 ** 3 - 50 ** 3)) / 1000;
  expect(ellipsoidShellMl(ball, { overMm: 12, underMm: 12 })).toBeCloseTo(shell, 6);
  expect(uniformShellMl(ball, 12)).toBeCloseTo(shell, 2);
  expect(ellipsoidAreaCm2(ball)).toBeCloseTo((4 * Math.PI * 50 ** 2) / 100, 2);
});

test("a box by hand: 30 × 20 × 10 cm in 2 cm, 1 cm under", () => {
  const box = { lengthMm: 300, widthMm: 200, heightMm: 100 };
  // 34 × 24 × 13 − 30 × 20 × 10 = 10 608 − 6000 cm³
  expect(boxShellMl(box, { overMm: 20, underMm: 10 })).toBeCloseTo(4608, 9);
});

test("the area agrees with Knud Thomsen's formula (p = 1.6075, error at most 1.061 %, from memory)", () => {
  fc.assert(
    fc.property(mm, mm, mm, (l, w, h) => {
      const p = 1.6075;
      const [a, b, c] = [l / 2, w / 2, h / 2].map((x) => x ** p);
      const thomsen = (4 * Math.PI * ((a * b + a * c + b * c) / 3) ** (1 / p)) / 100;
      const area = ellipsoidAreaCm2({ lengthMm: l, widthMm: w, heightMm: h });
      return Math.abs(area / thomsen - 1) < 0.0107;
    }),
    { seed: 81, numRuns: 40 },
  );
});

test("thicker is more; grown axes lie within the true parallel shell", () => {
  fc.assert(
    fc.property(mm, mm, mm, thick, (l, w, h, t) => {
      const food = { lengthMm: l, widthMm: w, heightMm: h };
      const at = (x: number) => ellipsoidShellMl(food, { overMm: x, underMm: x });
      return at(t * 1.1) > at(t) && at(t) <= uniformShellMl(food, t) * 1.0001 && ellipsoidVolumeMl(food) > 0;
    }),
    { seed: 82, numRuns: 40 },
  );
});
