/** An oven as its dial says it. */
export interface OvenSet {
  setC: number;
  fan: boolean;
}

/** A fan cooks as an oven so much hotter without one, °C. *Practice*: 15 to 25. */
const FAN_ADDS_C = 20;

/** What the sums take an oven to be, °C: one without a fan. */
export const stillOvenC = ({ setC, fan }: OvenSet): number => (fan ? setC + FAN_ADDS_C : setC);

/** Ovens that differ by no more are one heat, °C. *Practice*. */
const ONE_HEAT_C = 10;

/** Whether one oven serves two dishes of these heats at once. */
export const isOneHeat = (oneC: number, otherC: number): boolean => Math.abs(oneC - otherC) <= ONE_HEAT_C;

/** From lit to its heat, min. *Practice*: an oven takes longer than its lamp says. */
export const PREHEAT_MIN = 20;

/** The same in an oven that is known to take so many times as long. */
export const preheatMin = (heatUp = 1): number => Math.max(1, Math.round(PREHEAT_MIN * heatUp));
