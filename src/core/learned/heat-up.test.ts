import { learntHeatUp } from "./heat-up";

test("one evening of 30 min against the usual 20: the conjugate posterior, by hand", () => {
  // ln 1.5 = 0.4055 ± √(0.15² + (2/30)²) = 0.16415, before 0 ± 0.35: (0.4055 × 37.11) ÷ (37.11 + 8.163) = 0.3324.
  const learnt = learntHeatUp([30])?.learnt;
  expect(learnt?.factor).toBeCloseTo(Math.exp(0.3324), 3);
  // 1 ÷ √45.28 = 0.1486.
  expect(learnt?.doubt).toBeCloseTo(0.1486, 4);
});

test("nobody looked: nothing; again and again the same: it goes there, surer", () => {
  expect(learntHeatUp([])).toBeUndefined();
  const many = learntHeatUp(Array<number>(12).fill(30));
  expect(many?.learnt.factor).toBeGreaterThan(1.47);
  expect(many?.learnt.factor).toBeLessThan(1.5);
  expect(many?.learnt.doubt).toBeLessThan(0.06);
  expect(many?.readings).toBe(12);
  expect(many?.before).toEqual(learntHeatUp([8])?.before);
});
