import { formatQuantity } from "format-quantity";
import { LENGTH_MM, MASS_G, VOLUME_ML } from "./units";

/* Temperatures and lengths as an American dial, thermometer and ruler have them; they stand beside the metric ones. */

/** An oven's dial goes by fives above this, °F. *Practice*. */
const DIAL_FROM_F = 200;
const EIGHTHS = 8;

/**
 * °F as they are set or read: whole ones, an oven's by fives. Exact before rounding: °C × 1.8 + 32.
 * @param celsius any temperature of a kitchen, °C
 */
export function fahrenheitOf(celsius: number): number {
  const exact = celsius * 1.8 + 32;
  return exact < DIAL_FROM_F ? Math.round(exact) : Math.round(exact / 5) * 5;
}

/** Inches to the nearest eighth, as a ruler has them: 25 mm → "1 in"; under a sixteenth "0 in". @param mm 0 or more */
export function inchesOf(mm: number): string {
  const eighths = Math.round((mm / LENGTH_MM.in) * EIGHTHS);
  return `${formatQuantity(eighths / EIGHTHS, true) || "0"} in`;
}

/** A mass as an American scale has it, to the quarter ounce under a pound and the ounce above: "2 lb 5 oz". @param massG 0 or more */
export function poundsOf(massG: number): string {
  const ounces = massG / MASS_G.oz;
  if (ounces < 16) return `${formatQuantity(Math.round(ounces * 4) / 4, true) || "0"} oz`;
  const whole = Math.round(ounces);
  const rest = whole % 16;
  return rest === 0 ? `${Math.floor(whole / 16)} lb` : `${Math.floor(whole / 16)} lb ${rest} oz`;
}

/** A volume as American jugs have it: quarter cups below a quart, tenths of quarts, of gallons from four. @param ml 0 or more */
export function cupsOrQuarts(ml: number): string {
  const quarts = ml / VOLUME_ML.us_quart;
  if (quarts >= 4) return `${tenths(ml / VOLUME_ML.us_gallon)} gal`;
  if (quarts >= 1) return `${tenths(quarts)} qt`;
  const cups = Math.round((ml / VOLUME_ML.us_cup) * 4) / 4;
  return `${formatQuantity(cups, true) || "0"} ${cups > 1 ? "cups" : "cup"}`;
}

const tenths = (value: number): string => (Math.round(value * 10) / 10).toString();

/** "20 °C less" and "it climbs about 3 to 5 °C" are differences: nothing is set to them; what is told in °F already is left as it is. */
const TEMPERATURES =
  /(?<!climbs about (?:\d+ to )?)(?<![\d.])(-?\d+(?:\.\d+)?) °C(?! (?:less|more|warmer|cooler)| \([\d-]+ °F)/g;

/** A text in which every temperature is told in °F as well. Differences stay as they are. */
export const alsoFahrenheit = (text: string): string =>
  text.replace(TEMPERATURES, (said, celsius: string) => `${said} (${fahrenheitOf(Number(celsius))} °F)`);
