import { USUAL_WORDS } from "../quantity/words";
import { readRecipe } from "./read-recipe";
import { temperaturesIn } from "./temperatures";
import { timesIn } from "./times";

describe("times and temperatures", () => {
  test.each([
    ["brine for 12 to 24 hours", 720, 1440],
    ["leave overnight", 480, 720],
    ["roast 1½ hours", 90, 90],
    ["about 1 hour and 20 minutes", 80, 80],
    ["half an hour", 30, 30],
    ["2-3 days", 2880, 4320],
    ["30 minutes to 2 hours", 30, 120],
    ["45-60 min", 45, 60],
  ])("%s", (text, low, high) => expect(timesIn(text)[0]).toMatchObject({ low, high }));

  test("a minute is a manner of speaking, and no time is none", () => {
    expect(timesIn("wait a minute")).toEqual([]);
    expect(timesIn("cut it in 4 pieces")).toEqual([]);
  });

  test.each([
    ["Heat the oven to 180°C (350°F)", [180]],
    ["gas mark 4", [180]],
    ["bake at 425 degrees", [218.3]],
    ["until a thermometer reads 63 °C", [63]],
    ["in a 220 C oven", [220]],
  ])("%s", (text, wanted) => {
    const found = temperaturesIn(text).map((t) => t.celsius);
    expect(found).toHaveLength(wanted.length);
    wanted.forEach((c, i) => expect(found[i]).toBeCloseTo(c, 0));
  });
});

describe("what kitchens write", () => {
  test.each([
    ["Fan oven 160-170°C", [160]],
    ["Set it to 325 degrees F.", [162.8]],
    ["200°C/180°C fan/gas 6", [200]],
    ["keep it under 5°C", []],
    ["weigh 350 g of salt", []],
  ])("temperatures of “%s”", (text, wanted) =>
    expect(temperaturesIn(text).map((t) => Math.round(t.celsius * 10) / 10)).toEqual(wanted),
  );

  test.each([
    ["brine 24h", 1440, 1440],
    ["three to four hours", 180, 240],
    ["30-minute rest", 30, 30],
    ["for 1¼ hours", 75, 75],
    ["at least 2 days", 2880, 2880],
    ["an hour and a half", 90, 90],
    ["leave all day", 480, 600],
  ])("time of “%s”", (text, low, high) => expect(timesIn(text)[0]).toMatchObject({ low, high }));

  test("two times in one sentence are two, in order", () =>
    expect(timesIn("Marinate for 4 hours, then bake 35 minutes.").map((t) => t.low)).toEqual([240, 35]));
});

test("two thousand amounts on one line, a run of blanks, a figure without end: read, and to an end", () => {
  for (const text of ["40g salt ".repeat(2000), `1${" ".repeat(50_000)}x`, "1".repeat(100_000)])
    expect(() => readRecipe(text, { measures: "us", words: USUAL_WORDS })).not.toThrow();
});
