import fc from "fast-check";
import { nightRules, nightsBetween } from "./hours";

const HOUR = 3_600_000;
const QUIET = { from: "22:30", to: "06:30" };

/** When the clocks change: EU Directive 2000/84/EC (last Sundays of March and October, 01:00 UTC). */
describe("quiet hours of each night, in elapsed minutes", () => {
  const lengths = (fromMs: number, days: number, zone = "Europe/London") =>
    nightsBetween(fromMs, fromMs + days * 24 * HOUR, zone, QUIET).map((n) => n.toMin - n.fromMin);

  test("a night is eight hours; the last of October's Saturdays nine, of March's seven", () => {
    expect(lengths(Date.UTC(2026, 10, 26, 12), 2)).toEqual([480, 480]);
    expect(lengths(Date.UTC(2026, 9, 24, 12), 1)).toEqual([540]);
    expect(lengths(Date.UTC(2026, 2, 28, 12), 1)).toEqual([420]);
  });

  test("where no clocks are changed every night is alike", () =>
    expect(lengths(Date.UTC(2026, 9, 24, 12), 2, "Asia/Tokyo")).toEqual([480, 480]));

  test("begun in the middle of a night, that night counts, from before nought", () => {
    const [first] = nightsBetween(
      Date.UTC(2026, 10, 27, 2),
      Date.UTC(2026, 10, 27, 12),
      "Europe/London",
      QUIET,
    );
    expect(first).toEqual({ fromMin: -210, toMin: 270 });
  });

  test("hours within one day close that day only", () => {
    const noon = { from: "12:00", to: "14:00" };
    expect(
      nightsBetween(Date.UTC(2026, 10, 26, 9), Date.UTC(2026, 10, 27, 13), "Europe/London", noon),
    ).toEqual([
      { fromMin: 180, toMin: 300 },
      { fromMin: 1620, toMin: 1740 },
    ]);
  });

  test("wherever it begins, nights follow one another and each is over after the beginning", () =>
    fc.assert(
      fc.property(
        fc.integer({ min: 0, max: 366 * 24 }),
        fc.constantFrom(
          "Europe/London",
          "America/New_York",
          "Australia/Lord_Howe",
          "Pacific/Auckland",
          "Asia/Kolkata",
        ),
        (hour, zone) => {
          const fromMs = Date.UTC(2026, 0, 1) + hour * HOUR;
          const nights = nightsBetween(fromMs, fromMs + 72 * HOUR, zone, QUIET);
          expect(nights.length).toBeGreaterThanOrEqual(3);
          nights.forEach((night, i) => {
            expect(night.toMin).toBeGreaterThan(0);
            expect(night.toMin - night.fromMin).toBeGreaterThanOrEqual(7 * 60);
            expect(night.toMin - night.fromMin).toBeLessThanOrEqual(9 * 60);
            if (i > 0) expect(night.fromMin).toBeGreaterThan(nights[i - 1].toMin);
          });
        },
      ),
    ));
});

test("a night is closed to work, and the hour on either side of it is unloved", () =>
  expect(nightRules([{ fromMin: 600, toMin: 1080 }])).toEqual({
    closed: [{ fromMin: 600, toMin: 1080, demand: "quiet" }],
    unloved: [
      { fromMin: 540, toMin: 600 },
      { fromMin: 1080, toMin: 1140 },
    ],
  }));
