import fc from "fast-check";
import { loadReadWhen, readWhen, sayDate, sayWhen } from "./when";

const NOW = Date.UTC(2026, 10, 27, 15, 20);
const MIN = 60_000;

describe("a time as a cook says it", () => {
  test.each([
    ["now", NOW],
    ["6 h", NOW + 360 * MIN],
    ["in 40 min", NOW + 40 * MIN],
    ["40 h 47", NOW + (40 * 60 + 47) * MIN],
    ["18:00", Date.UTC(2026, 10, 27, 18)],
    // That clock time has gone today: tomorrow's is meant.
    ["9:00", Date.UTC(2026, 10, 28, 9)],
    ["6 pm tomorrow", Date.UTC(2026, 10, 28, 18)],
    ["Sat 18:00", Date.UTC(2026, 10, 28, 18)],
  ])("%s", async (text, atMs) => {
    expect(await readWhen(text, NOW, "UTC")).toBe(atMs);
  });

  test.each(["when it rains", "Saturday", "", "25:99"])("“%s” is none", async (text) => {
    expect(await readWhen(text, NOW, "UTC")).toBeUndefined();
  });

  test("in the kitchen's own zone, whatever the machine's", async () => {
    expect(await readWhen("18:00", NOW, "Asia/Tokyo")).toBe(Date.UTC(2026, 10, 28, 9));
    expect(await readWhen("18:00", NOW, "America/New_York")).toBe(Date.UTC(2026, 10, 27, 23));
  });

  test("whatever the app says it reads back, in either clock", async () => {
    await fc.assert(
      fc.asyncProperty(
        fc.integer({ min: 1, max: 300 * 24 * 60 }),
        fc.constantFrom("metric" as const, "us" as const),
        async (minutes, measures) => {
          const atMs = NOW + minutes * MIN;
          return (await readWhen(sayWhen(atMs, NOW, "UTC", measures), NOW, "UTC")) === atMs;
        },
      ),
      { seed: 9, numRuns: 120 },
    );
  });

  test("a day's name alone is this week's; a week on, its date stands with it", () => {
    const at = (days: number, measures: "metric" | "us" = "metric") =>
      sayWhen(NOW + days * 24 * 60 * MIN, NOW, "UTC", measures);
    expect(at(0.2)).not.toMatch(/[A-Z][a-z]{2} /);
    expect(at(6 - 1 / 1440)).toMatch(/^[A-Z][a-z]{2} \d\d:\d\d$/);
    expect(at(6)).toMatch(/^[A-Z][a-z]{2} \d+ [A-Z][a-z]{2}, \d\d:\d\d$/);
    expect(at(7, "us")).toMatch(/^[A-Z][a-z]{2} \d+ [A-Z][a-z]{2}, \d+(:\d\d)? [ap]m$/);
    expect(at(-7)).toMatch(/, \d\d:\d\d$/);
  });

  test("a whole date is read back to the minute, years off and long gone, in any zone and either clock", async () => {
    const read = await loadReadWhen();
    fc.assert(
      fc.property(
        fc.integer({ min: -800 * 24 * 60, max: 800 * 24 * 60 }),
        fc.constantFrom("metric" as const, "us" as const),
        fc.constantFrom("UTC", "Asia/Tokyo", "America/New_York", "Europe/London"),
        (minutes, measures, zone) => {
          const atMs = NOW + minutes * MIN;
          const back = read(sayDate(atMs, zone, measures), NOW, zone);
          // The hour that a clock goes through twice in autumn is one or the other.
          return back !== undefined && sayDate(back, zone, measures) === sayDate(atMs, zone, measures);
        },
      ),
      { seed: 11, numRuns: 300 },
    );
  });
});
