import { sayDrift } from "./say-drift";

const drift = { lateMin: 22, leftMin: 46, follows: false };

test("within a few minutes it is on time; early, it may wait", () => {
  expect(sayDrift({ ...drift, lateMin: 3.9 })).toBe("On time.");
  expect(sayDrift({ ...drift, lateMin: -3.9 })).toBe("On time.");
  expect(sayDrift({ ...drift, lateMin: 4 })).toMatch(/^4 min late/);
  expect(sayDrift({ ...drift, lateMin: -9 })).toMatch(/^9 min early: 20 °C less, or a longer rest/);
});

test("late, a hotter oven while there is time for it, or a later table", () => {
  expect(sayDrift(drift)).toBe(
    "22 min late: 20 °C more shortens the rest of it by about a seventh, or set the table back 22 min.",
  );
  expect(sayDrift({ ...drift, leftMin: 20 })).toBe("22 min late: set the table back 22 min.");
  expect(sayDrift({ ...drift, follows: true })).toMatch(/What comes after it has moved along\.$/);
});

test("of a sitting the table is where the plan has it: nobody is told to move it once more", () => {
  expect(sayDrift({ ...drift, table: "18:14" })).toBe(
    "22 min late: 20 °C more shortens the rest of it by about a seventh. The table is at 18:14.",
  );
  expect(sayDrift({ ...drift, leftMin: 5, table: "18:14" })).toBe("22 min late. The table is at 18:14.");
});
