/** An oven as its dial says it. */
export interface OvenSet {
  setC: number;
  fan: boolean;
}

/** A fan cooks as an oven so much hotter without one, °C. *Practice*: 15 to 25. */
const FAN_ADDS_C = 20;

/** What the sums take an oven to be, °C: one without a fan. */
export const stillOvenC = ({ setC, fan }: OvenSet): number => (fan ? setC + FAN_ADDS_C : setC);
