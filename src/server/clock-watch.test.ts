import { clockJumped, jumpBetween, watchClock } from "./clock-watch";

const before = { wallMs: Date.UTC(2026, 10, 28, 15), steadyMs: 1000 };
const after = (wall: number, steady: number) => ({
  wallMs: before.wallMs + wall,
  steadyMs: before.steadyMs + steady,
});

test.each([
  ["both went on", 5000, 5000, 0],
  ["put right by a minute", 65_000, 5000, 0],
  ["by more than a minute", 65_001, 5000, 60_001],
  ["an hour back", 5000 - 3_600_000, 5000, -3_600_000],
  ["a slow look is no jump", 900_000, 900_000, 0],
])("%s", (_, wall, steady, byMs) => expect(jumpBetween(before, after(wall, steady))).toBe(byMs));

test("noticed at the next look, and told of for six hours of this process's own", () => {
  jest.useFakeTimers({ now: before.wallMs });
  watchClock();
  jest.advanceTimersByTime(20_000);
  expect(clockJumped()).toBe(0);
  jest.setSystemTime(before.wallMs + 3 * 3_600_000);
  jest.advanceTimersByTime(5000);
  expect(Math.round(clockJumped() / 60_000)).toBe(180);
  jest.advanceTimersByTime(5 * 3_600_000);
  expect(clockJumped()).not.toBe(0);
  jest.advanceTimersByTime(3_600_000);
  expect(clockJumped()).toBe(0);
  jest.useRealTimers();
});
