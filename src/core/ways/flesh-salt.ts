import { momentAt } from "../diffusion/moment";
import type { Outcome } from "../formula/account/outcome";
import type { Formulated } from "../formula/formulate";
import { STRENGTH_DOUBT } from "../formula/soak/ensemble";
import { HOUR_S } from "../formula/soak/window";
import { shareOfFinishedFlesh } from "../formula/weigh/equilibrium";

/** One standard deviation of what stays of salt put into the flesh, relative: what runs out again is guessed. *Practice*. */
const HELD_DOUBT = 0.1;

/**
 * By how much less salt the flesh's water may hold than the brine's beside it, one standard deviation: measured ratios of the
 * two in muscle lie from nine tenths to one (water bound to the flesh dissolves none; Del Valle and Nickerson 1967 in fish,
 * *from memory*). The sums take one, as the trade's do.
 */
export const LESS_IN_FLESH = 0.05;

/** Salt in the flesh at an hour, and between which figures it will lie two times in three. Shares of finished flesh. */
export interface FleshSalt {
  fraction: number;
  low: number;
  high: number;
}

/**
 * Salt in the flesh as it goes to the heat after so many hours, with its band. Thickness and rate act like more or less time, which the run already
 * holds; how it was weighed acts on the salt that came from outside.
 * @param hours after it went in
 */
export function fleshSaltAt(sheet: Formulated, outcome: Outcome, hours: number): FleshSalt {
  const { run, spread } = sheet.soak;
  const { waterFraction, nativeSaltFraction } = sheet.soaked;
  const meanAt = (h: number) => shareOfFinishedFlesh(momentAt(run, h * HOUR_S).mean, waterFraction);
  const likely = meanAt(hours);
  const fraction = outcome.toHeat.meanFraction;
  const kept = likely > 0 ? fraction / likely : 1;
  const [slow, quick] = [meanAt(hours / spread.slow), meanAt(hours / spread.quick)];
  // Two doubts that have nothing to do with one another add as squares.
  const doubt = sheet.contact.kind === "within" ? HELD_DOUBT : STRENGTH_DOUBT;
  const gained = Math.max(0, likely - nativeSaltFraction);
  const weighed = doubt * gained;
  const withheld = sheet.contact.kind === "bath" ? LESS_IN_FLESH * gained : 0;
  return {
    fraction,
    low: kept * Math.max(0, likely - Math.hypot(likely - slow, weighed, withheld)),
    high: kept * (likely + Math.hypot(quick - likely, weighed)),
  };
}
