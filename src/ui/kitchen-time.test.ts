import { doneAt, heardTime, kitchenNow } from "./kitchen-time";

const NOW = Date.UTC(2026, 10, 28, 15);
beforeEach(() => jest.useFakeTimers({ now: NOW }));
afterEach(() => jest.useRealTimers());

test.each([
  ["30 s behind is believed", 30_000, 0],
  ["30 s ahead is believed", -30_000, 0],
  ["just over, it is not", 30_001, 30_001],
  ["ahead by an hour, it is not", -3_600_000, -3_600_000],
])("a device's clock %s", (_, serverAhead, corrected) => {
  heardTime(NOW + serverAhead, NOW, NOW);
  expect(kitchenNow()).toBe(NOW + corrected);
});

test("asked and heard, it stood so half-way between; what was long on its way says nothing", () => {
  heardTime(NOW + 62_000, NOW - 4000, NOW);
  expect(kitchenNow()).toBe(NOW + 64_000);
  heardTime(NOW, NOW - 10_001, NOW);
  heardTime(Number.NaN, NOW, NOW);
  // The device's own clock jumped between.
  heardTime(NOW, NOW + 1, NOW);
  expect(kitchenNow()).toBe(NOW + 64_000);
});

test("put right, it is believed again", () => {
  heardTime(NOW + 600_000, NOW, NOW);
  heardTime(NOW + 5, NOW, NOW);
  expect(kitchenNow()).toBe(NOW);
});

test("what was done is sent with how far off the device was, where that was set right", () => {
  heardTime(NOW - 240_000, NOW, NOW);
  expect(doneAt(kitchenNow())).toEqual({ atMs: NOW - 240_000, deviceAheadMs: 240_000 });
  heardTime(NOW - 30_000, NOW, NOW);
  expect(doneAt(kitchenNow())).toEqual({ atMs: NOW });
});
