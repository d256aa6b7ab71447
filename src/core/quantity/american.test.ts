import fc from "fast-check";
import { alsoFahrenheit, fahrenheitOf, inchesOf } from "./american";
import { parseQuantity } from "./parse";
import { celsiusFromFahrenheit } from "./units";

/** USDA FSIS safe minimum internal temperatures and their Celsius, and common dials: from memory. */
test.each([
  [63, 145],
  [71, 160],
  [74, 165],
  [-18, 0],
  [100, 210],
  [163, 325],
  [177, 350],
  [190, 375],
  [218, 425],
])("%d °C is %d °F on the dial or the thermometer", (celsius, fahrenheit) =>
  expect(fahrenheitOf(celsius)).toBeCloseTo(fahrenheit, 9),
);

test("as a thermometer reads it, within half a degree F; as an oven is set, within two and a half", () =>
  fc.assert(
    fc.property(fc.double({ min: -30, max: 300, noNaN: true }), (celsius) => {
      const off = Math.abs(celsiusFromFahrenheit(fahrenheitOf(celsius)) - celsius) * 1.8;
      expect(off).toBeLessThanOrEqual(celsius < 93 ? 0.5 + 1e-9 : 2.5 + 1e-9);
    }),
  ));

test.each([
  [25.4, "1 in"],
  [25, "1 in"],
  [38, "1½ in"],
  [45, "1¾ in"],
  [3, "⅛ in"],
  [1, "0 in"],
  [305, "12 in"],
])("%d mm is %s on the ruler", (mm, inches) => expect(inchesOf(mm)).toBe(inches));

test("what the ruler says, typed in again, is the length to a sixteenth of an inch", () =>
  fc.assert(
    fc.property(fc.integer({ min: 2, max: 400 }), (mm) => {
      const read = parseQuantity(inchesOf(mm), { dimension: "length", min: 0, max: 1000 });
      expect(read.ok && Math.abs(read.value - mm)).toBeLessThanOrEqual(25.4 / 16 + 1e-9);
    }),
  ));

describe("within a text", () => {
  test.each([
    ["Heat the oven to 180 °C", "Heat the oven to 180 °C (355 °F)"],
    ["Chill the brine to 4 °C or less.", "Chill the brine to 4 °C (39 °F) or less."],
    ["at -18 °C", "at -18 °C (0 °F)"],
    ["the core read 74.5 °C; 63 °C is usual", "the core read 74.5 °C (166 °F); 63 °C (145 °F) is usual"],
    ["It climbs about 5 °C.", "It climbs about 5 °C."],
    ["climbs about 3 to 5 °C", "climbs about 3 to 5 °C"],
    ["20 °C less, or a longer rest", "20 °C less, or a longer rest"],
    ["between 4 and 60 °C (40-140 °F)", "between 4 and 60 °C (40-140 °F)"],
    ["no temperature at all", "no temperature at all"],
  ])("%s", (text, told) => expect(alsoFahrenheit(text)).toBe(told));
});
