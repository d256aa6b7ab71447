import { unitsOf } from "./units";

const AT = Date.UTC(2026, 10, 28, 17, 30);

test("a US kitchen reads inches, cups and quarts, pounds, and twelve hours", () => {
  const us = unitsOf("us");
  expect(us.length(50)).toBe("2 in");
  expect(us.volume(355)).toBe("1½ cups");
  expect(us.volume(2200)).toBe("2.3 qt");
  expect(us.volume(17_000)).toBe("4.5 gal");
  expect(us.mass(3640)).toBe("8 lb");
  expect(us.temperature(3)).toBe("37 °F");
  expect(us.clock(AT, "America/New_York")).toBe("12:30 pm");
  expect(us.dayAndClock(AT, "UTC")).toBe("Sat 5:30 pm");
  expect(us.clock(AT + 30 * 60_000, "UTC")).toBe("6 pm");
  expect(us.clock(AT + 270 * 60_000, "UTC")).toBe("10 pm");
  expect(us.date(AT, "UTC")).toMatch(/^\d+ \w+ \d{4}, 5:30 pm$/);
  expect(us.fullDate(AT, "UTC")).toMatch(/^\w+day \d+ \w+ \d{4}, 5:30 pm$/);
  expect(us.when(AT, AT - 3_600_000, "UTC")).toBe("5:30 pm");
  expect(us.when(AT, AT - 86_400_000, "UTC")).toBe("Sat 5:30 pm");
});

test("any other reads millimetres, litres, grams and twenty-four hours", () => {
  const metric = unitsOf("metric");
  expect(metric.length(12.34, 1)).toBe("12.3 mm");
  expect(metric.volume(2200)).toBe("2.2 L");
  expect(metric.temperature(3)).toBe("3 °C");
  expect(metric.clock(AT, "UTC")).toBe("17:30");
  expect(metric.fullDate(AT, "UTC")).toMatch(/^\w+day \d+ \w+ \d{4}, 17:30$/);
  expect(metric.when(AT, AT - 86_400_000, "UTC")).toBe("Sat 17:30");
});
