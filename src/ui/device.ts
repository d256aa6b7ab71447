import type { MeasureSystem } from "@/core/quantity/spoons";

/** Countries whose kitchens weigh in pounds and ounces. */
const US_COUNTRIES = new Set(["US", "LR", "MM"]);

/** The clock and measures of the device in hand, as its browser tells them. */
export function deviceWays(): { timeZone: string; measures: MeasureSystem } {
  const { timeZone } = Intl.DateTimeFormat().resolvedOptions();
  const { region } = new Intl.Locale(navigator.language);
  return { timeZone, measures: region !== undefined && US_COUNTRIES.has(region) ? "us" : "metric" };
}
