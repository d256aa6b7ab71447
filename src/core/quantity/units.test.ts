import { celsiusFromFahrenheit, MASS_G, unitFromText, VOLUME_ML } from "./units";

// NIST Handbook 44, Appendix C: 1 US gallon = 3.785 411 784 L; imperial gallon 4.546 09 L by UK law.
test.each([
  ["us_gallon", 3785.411784],
  ["us_quart", 946.352946],
  ["us_cup", 236.5882365],
  ["us_fl_oz", 29.5735295625],
  ["us_tbsp", 14.78676478125],
  ["us_tsp", 4.92892159375],
  ["imperial_pint", 568.26125],
  ["imperial_fl_oz", 28.4130625],
  ["metric_cup", 250],
] as const)("%s holds %d mL", (unit, ml) => {
  expect(VOLUME_ML[unit]).toBeCloseTo(ml, 9);
});

test("pound and ounce by the 1959 agreement (NIST SP 811)", () => {
  expect(MASS_G.lb).toBe(453.59237);
  expect(MASS_G.oz).toBeCloseTo(28.349523125, 12);
});

test("Fahrenheit fixed points", () => {
  expect(celsiusFromFahrenheit(32)).toBe(0);
  expect(celsiusFromFahrenheit(212)).toBeCloseTo(100, 12);
  expect(celsiusFromFahrenheit(-40)).toBeCloseTo(-40, 12);
});

test("spellings are found whatever their case or full stop", () => {
  expect(unitFromText("Tbsp.")?.factor).toBe(VOLUME_ML.us_tbsp);
  expect(unitFromText("KG")?.dimension).toBe("mass");
  expect(unitFromText("smidgen")).toBeUndefined();
});
