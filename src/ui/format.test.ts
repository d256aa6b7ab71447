import {
  clock,
  duration,
  fromLocalField,
  grams,
  isSameDay,
  roughly,
  tell,
  toLocalField,
  whenFrom,
} from "./format";

test.each([
  [0.5, "30 min"],
  [1, "1 h"],
  [3.2, "3 h 12"],
  [25.5, "25 h 30"],
  [53, "2 d 5 h"],
  [96, "4 d"],
])("%d h is said %s", (hours, text) => {
  expect(duration(hours)).toBe(text);
});

test("an edge in doubt by hours carries no minutes", () => {
  expect(roughly(28.345)).toBe("28 h");
  expect(roughly(5.3)).toBe("5 h 30");
});

test("grams in threes by a thin space", () => {
  expect(grams(2165.8)).toBe("2\u202f165");
  expect(grams(84.6)).toBe("85");
  expect(grams(4.77)).toBe("4.8");
});

describe("times are instants in the kitchen's zone", () => {
  // British clocks go back at 02:00 on 25 October 2026.
  const evening = Date.UTC(2026, 9, 24, 21); // 22:00 in London

  test("a soak of 12 h over the daylight-saving night ends at nine, not ten", () => {
    expect(clock(evening, "Europe/London")).toBe("22:00");
    expect(clock(evening + 12 * 3_600_000, "Europe/London")).toBe("09:00");
  });

  test("the field for a time reads back as the same instant", () => {
    for (const zone of ["Europe/London", "America/New_York", "Asia/Kolkata"])
      expect(fromLocalField(toLocalField(evening, zone), zone)).toBe(evening);
  });

  test("what is no time has none", () => {
    expect(fromLocalField("", "Europe/London")).toBeUndefined();
    expect(fromLocalField("tomorrow", "Europe/London")).toBeUndefined();
  });

  test("told by its minute, in each zone and pattern its own", () => {
    expect(tell(evening, "Europe/London", "H")).toBe("22");
    expect(tell(evening, "Asia/Kathmandu", "H")).toBe("2");
    expect(tell(evening + 59_999, "Europe/London", "HH:mm")).toBe(clock(evening, "Europe/London"));
    expect(tell(evening + 60_000, "Europe/London", "HH:mm")).not.toBe(clock(evening, "Europe/London"));
  });

  test("one day is one by the kitchen's clock, not by the machine's", () => {
    expect(isSameDay(evening, evening + 119 * 60_000, "Europe/London")).toBe(true);
    expect(isSameDay(evening, evening + 120 * 60_000, "Europe/London")).toBe(false);
    expect(isSameDay(evening, evening + 120 * 60_000, "America/New_York")).toBe(true);
  });

  test("another day is named", () => {
    expect(whenFrom(evening, evening, "Europe/London")).toBe("22:00");
    expect(whenFrom(evening + 12 * 3_600_000, evening, "Europe/London")).toBe("Sun 09:00");
  });
});
