import { formatQuantity } from "format-quantity";
import { LENGTH_MM, MASS_G, VOLUME_ML } from "./units";

/* Temperatures and lengths as an American dial, thermometer and ruler have them. */

/** An oven's dial goes by fives; what may be the middle of food, up to boiling, is told to the degree, °F. *Practice*. */
const DIAL_FROM_F = 213;
const EIGHTHS = 8;

/**
 * °F as they are set or read: whole ones, an oven's by fives. Exact before rounding: °C × 1.8 + 32.
 * @param celsius any temperature of a kitchen, °C
 */
export function fahrenheitOf(celsius: number): number {
  const exact = celsius * 1.8 + 32;
  return exact < DIAL_FROM_F ? Math.round(exact) : Math.round(exact / 5) * 5;
}

/** What a ruler of eighths no longer has, mm. */
const FINE_MM = LENGTH_MM.in / EIGHTHS / 2;

/**
 * Inches to the nearest eighth, as a ruler has them: 25 mm → "1 in"; what is thinner than a sixteenth, to the hundredth: "0.04 in".
 * @param mm 0 or more
 */
export function inchesOf(mm: number): string {
  if (mm < FINE_MM) return `${Number((mm / LENGTH_MM.in).toFixed(2))} in`;
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

/** With its thousands set apart by the thin space this program writes. */
const NUMBER = String.raw`-?\d+(?:\u202f\d{3})*(?:\.\d+)?`;
const BETWEEN = " to | and |–|-";
const valueOf = (text: string): number => Number(text.replaceAll("\u202f", ""));
/** One figure, or two ("63 to 65 °C", "4 and 60 °C"), with a unit; not part of another number or word. */
const figures = (unit: string) =>
  new RegExp(
    String.raw`(?<![\w.\u202f])(?:(${NUMBER})(${BETWEEN}))?(${NUMBER})[ \u202f]${unit}(?![\w²³/])`,
    "g",
  );

const CELSIUS = figures("°C");
/** What the source tells in °F itself, as it has it. */
const IN_BOTH = new RegExp(
  String.raw`(?:${NUMBER}(${BETWEEN}))?${NUMBER} °C \((${NUMBER})(?:-(${NUMBER}))? °F\)`,
  "g",
);
/** Nothing is set to these: "20 °C less", "it climbs about 3 to 5 °C". */
const DIFFERENCE_AFTER = /^ (?:less|more|warmer|cooler|over\b)/;
const DIFFERENCE_BEFORE = /(?:climbs about|fell by|±) $/;
/** "25 × 79 × 126 mm", as a piece or a vessel is told. */
const SIZES = new RegExp(String.raw`(?<![\w.])(${NUMBER}(?: × ${NUMBER})+) mm(?!\w)`, "g");

/**
 * A text of this program's own in which every temperature, length, volume and kilogram is told as an American kitchen has it.
 * Grams stay: the scale has them.
 */
export function inAmerican(text: string): string {
  const each = (unit: string, told: (value: number) => string) => (said: string) =>
    said.replace(figures(unit), (_, first: string | undefined, between: string | undefined, last: string) => {
      const end = told(valueOf(last));
      if (first === undefined) return end;
      const start = told(valueOf(first));
      const join = between === "-" ? " to " : between;
      // "6 to 8 in", but "4 lb 7 oz to 5 lb 8 oz".
      const [, figure, sign] = /^(\S+) (\S+)$/.exec(start) ?? [];
      return `${sign !== undefined && end.endsWith(` ${sign}`) ? figure : start}${join}${end}`;
    });
  const lengths = (said: string) =>
    said.replace(SIZES, (_, sizes: string) => {
      const inches = sizes.split(" × ").map((mm) => inchesOf(valueOf(mm)).replace(/ in$/, ""));
      return `${inches.join(" × ")} in`;
    });
  return [
    fahrenheitIn,
    lengths,
    each("cm²", (cm2) => `${tenths(cm2 / SQUARE_INCH_CM2)} in²`),
    each("mm", inchesOf),
    each("cm", (cm) => inchesOf(cm * 10)),
    each("kg", (kg) => poundsOf(kg * 1000)),
    each("L", (litres) => cupsOrQuarts(litres * 1000)),
    each("litres?", (litres) => cupsOrQuarts(litres * 1000)),
    each("ml", cupsOrQuarts),
  ].reduce((said, change) => change(said), text);
}

function fahrenheitIn(text: string): string {
  const asSource = text.replace(
    IN_BOTH,
    (_, between: string | undefined, first: string, last: string | undefined) =>
      `${first}${last === undefined ? "" : `${!between || between === "-" ? " to " : between}${last}`} °F`,
  );
  return asSource.replace(
    CELSIUS,
    (said, first: string | undefined, between: string | undefined, last: string, at: number) => {
      const apart =
        DIFFERENCE_AFTER.test(asSource.slice(at + said.length)) ||
        DIFFERENCE_BEFORE.test(asSource.slice(0, at));
      const told = (celsius: string) =>
        apart ? degreesApart(valueOf(celsius)) : fahrenheitOf(valueOf(celsius));
      return `${first === undefined ? "" : `${told(first)}${between === "-" ? " to " : between}`}${told(last)} °F`;
    },
  );
}

const SQUARE_INCH_CM2 = (LENGTH_MM.in / 10) ** 2;

/** A difference of temperatures, °F, to the degree. */
const degreesApart = (celsius: number): number => Math.round(celsius * 1.8);
