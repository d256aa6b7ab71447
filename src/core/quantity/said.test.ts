import { gramsText, lasting, oneDigit, spanText, spokenMinutes } from "./said";

test("grams as the scale shows them, thousands apart", () => {
  expect([1.25, 45.04, 1000, 12345, 1234567].map(gramsText)).toEqual([
    "1.3",
    "45",
    "1 000",
    "12 345",
    expect.stringMatching(/^1 23\d \d{3}$/) as string,
  ]);
});

test("at most one digit after the point", () => {
  expect([62.78, 63, 62.04, -1.25].map(oneDigit)).toEqual(["62.8", "63", "62", "-1.3"]);
});

test("how long, in words a clock has: hours from an hour and a half on", () => {
  expect([0.4, 89.4, 89.5, 90, 120, 135, 1440].map(lasting)).toEqual([
    "0 min",
    "89 min",
    "1 h 30",
    "1 h 30",
    "2 h",
    "2 h 15",
    "24 h",
  ]);
});

test("short times to the second, long ones as a clock has them", () => {
  expect([0.75, 0.995, 1, 5 + 40 / 60, 99, 100].map(spokenMinutes)).toEqual([
    "45 s",
    "1 min",
    "1 min",
    "5 min 40",
    "99 min",
    "1 h 40",
  ]);
});

test("a span in whole numbers; both ends alike are one", () => {
  expect(spanText(19.2, 24)).toBe("19 to 24");
  expect(spanText(2.8, 3.4)).toBe("3");
  expect(spanText(2.4, 2.5)).toBe("2 to 3");
});
