import { timeAtTemperature } from "./time-at-temperature";

/** A table for sums by hand: 10 min at 60 °C, a tenth of it for each 6 °C more, nothing under 54 °C. */
const table = (c: number) => (c < 54 ? undefined : 600 * 10 ** ((60 - c) / 6));
const level = (coreC: number, minutes: number) => [
  { atMin: 0, coreC },
  { atMin: minutes, coreC },
];

test("held at one temperature its minutes count as they are", () => {
  expect(timeAtTemperature(level(60, 9.9), table, 60)).toMatchObject({ askedMin: 10, reachedMin: undefined });
  expect(timeAtTemperature(level(60, 10), table, 60)?.reachedMin).toBeCloseTo(10, 6);
  expect(timeAtTemperature(level(60, 25), table, 60)?.givenMin).toBeCloseTo(25, 6);
});

test("6 °C more counts tenfold, 6 °C less a tenth; under the first row nothing counts", () => {
  expect(timeAtTemperature(level(66, 1), table, 60)?.givenMin).toBeCloseTo(10, 6);
  expect(timeAtTemperature(level(54, 30), table, 60)?.givenMin).toBeCloseTo(3, 6);
  expect(timeAtTemperature(level(53.9, 600), table, 60)?.givenMin).toBe(0);
  expect(timeAtTemperature(level(60, 9), table, 50)).toBeUndefined();
});

test("stretches add up, and the minute it is met lies within the last of them", () => {
  // 4 min at 60 are four tenths; the rest, six tenths, takes 0.6 min at 66.
  const points = [...level(60, 4), { atMin: 4, coreC: 66 }, { atMin: 8, coreC: 66 }];
  expect(timeAtTemperature(points, table, 60)?.reachedMin).toBeCloseTo(4.6, 6);
});
