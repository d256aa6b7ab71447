import { batchTime, wallTime, WALL_CLOCK, type BatchClock } from "./batch-clock";

const NOON = Date.UTC(2026, 10, 28, 12);
/** From noon on it runs sixty times as fast, and showed eight in the evening then. */
const rehearsed: BatchClock = { fromMs: NOON, ownMs: NOON + 8 * 3_600_000, speed: 60 };

test("as everybody's: its own time is the wall's", () => {
  expect(batchTime(WALL_CLOCK, NOON)).toBe(NOON);
  expect(wallTime(WALL_CLOCK, NOON)).toBe(NOON);
});

test("rehearsed at sixty times the pace, a minute is an hour", () => {
  expect(batchTime(rehearsed, NOON)).toBe(rehearsed.ownMs);
  expect(batchTime(rehearsed, NOON + 60_000)).toBe(rehearsed.ownMs + 3_600_000);
  expect(wallTime(rehearsed, rehearsed.ownMs + 3_600_000)).toBe(NOON + 60_000);
});

test("before the change it stands at the change", () => {
  expect(batchTime(rehearsed, NOON - 5_000)).toBe(rehearsed.ownMs);
});
