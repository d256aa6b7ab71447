import fc from "fast-check";
import { inAmerican, fahrenheitOf, inchesOf } from "./american";
import { parseQuantity } from "./parse";
import { celsiusFromFahrenheit } from "./units";

/** USDA FSIS safe minimum internal temperatures and their Celsius, and common dials: from memory. */
test.each([
  [63, 145],
  [71, 160],
  [74, 165],
  [-18, 0],
  [93, 199],
  [95, 203],
  [100, 212],
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
      expect(off).toBeLessThanOrEqual(celsius < 100 ? 0.5 + 1e-9 : 2.5 + 1e-9);
    }),
  ));

test.each([
  [25.4, "1 in"],
  [25, "1 in"],
  [38, "1½ in"],
  [45, "1¾ in"],
  [3, "⅛ in"],
  [1, "0.04 in"],
  [0.7, "0.03 in"],
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
    ["Heat the oven to 180 °C", "Heat the oven to 355 °F"],
    ["Chill the brine to 4 °C or less.", "Chill the brine to 39 °F or less."],
    ["at -18 °C", "at 0 °F"],
    ["the core read 74.5 °C; 63 °C is usual", "the core read 166 °F; 145 °F is usual"],
    ["Out at 61 °C, ends at 63 to 65 °C", "Out at 142 °F, ends at 145 to 149 °F"],
    ["It climbs about 5 °C.", "It climbs about 9 °F."],
    ["climbs about 3 to 5 °C", "climbs about 5 to 9 °F"],
    ["20 °C less, or a longer rest", "36 °F less, or a longer rest"],
    ["It fell by 12 °C to 40 °C", "It fell by 22 °F to 104 °F"],
    ["between 4 and 60 °C (40-140 °F)", "between 40 and 140 °F"],
    ["63 °C (145 °F) and 3 min", "145 °F and 3 min"],
    ["Slash 14 mm deep every 18 mm", "Slash ½ in deep every ¾ in"],
    ["a block of about 25 × 79 × 126 mm; salt", "a block of about 1 × 3⅛ × 5 in; salt"],
    ["Submerge it in 2.2 L brine", "Submerge it in 2.3 qt brine"],
    ["pour over 250 ml", "pour over 1 cup"],
    ["3.6 kg of it, 42 g salt", "7 lb 15 oz of it, 42 g salt"],
    ["19 L", "5 gal"],
    ["2.41e-10 m²/s at 13 mm/h, 4 g/L, 25 mmol", "2.41e-10 m²/s at 13 mm/h, 4 g/L, 25 mmol"],
    ["To cover it: 1\u202f133 ml", "To cover it: 1.2 qt"],
    ["12\u202f500 g in 12\u202f500 ml", "12\u202f500 g in 3.3 gal"],
    ["24 h per 2-2.5 kg", "24 h per 4 lb 7 oz to 5 lb 8 oz"],
    ["a bed of 6 to 8 mm", "a bed of ¼ to ⅜ in"],
    ["-20 °C for 7 days or -35 °C for 15 h", "-4 °F for 7 days or -31 °F for 15 h"],
    ["ends at 95 °C", "ends at 203 °F"],
    ["no figure at all", "no figure at all"],
  ])("%s", (text, told) => expect(inAmerican(text)).toBe(told));
});
