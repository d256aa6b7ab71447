import { z } from "zod";
import { RANGES } from "./ranges";

export type RangeName = keyof typeof RANGES;

/** A number within one of the core's ranges; `per` turns a fraction into the range's percent. */
export function ranged(name: RangeName, per = 1) {
  const { min, max } = RANGES[name];
  return z
    .number()
    .min(min / per)
    .max(max / per);
}
