import { roundForScale } from "./rounding";

/* Figures as they are said in a sentence. */

/** Grams as the scale shows them, thousands apart: 1 440. */
export const gramsText = (massG: number): string => {
  const rounded = roundForScale(massG);
  const [whole = "", tenths] = String(rounded).split(".");
  return whole.replace(/\B(?=(\d{3})+$)/g, " ") + (tenths ? `.${tenths}` : "");
};

/** At most one digit after the point. */
export const oneDigit = (value: number): string => String(Number(value.toFixed(1)));

/** "63", "62.8": a temperature as it was set. */
export const degrees = (celsius: number): string => oneDigit(celsius);

/** "1 h 20", "45 min": how long, in words a clock has. */
export function lasting(minutes: number): string {
  const whole = Math.round(minutes);
  if (whole < 90) return `${whole} min`;
  const [h, m] = [Math.floor(whole / 60), whole % 60];
  return m === 0 ? `${h} h` : `${h} h ${m}`;
}

/** "5 min 40", "45 s". */
export function spokenMinutes(minutes: number): string {
  const seconds = Math.round(minutes * 60);
  if (seconds < 60) return `${seconds} s`;
  if (seconds >= 100 * 60) return lasting(seconds / 60);
  const rest = seconds % 60;
  return rest === 0 ? `${seconds / 60} min` : `${Math.floor(seconds / 60)} min ${rest}`;
}

/** A span in whole numbers: "19 to 24", and "3" where both ends round to it. */
export function spanText(low: number, high: number): string {
  const [from, to] = [Math.round(low), Math.round(high)];
  return from === to ? `${to}` : `${from} to ${to}`;
}

/** With a capital letter at its head. */
export const capital = (text: string): string => text.charAt(0).toUpperCase() + text.slice(1);
