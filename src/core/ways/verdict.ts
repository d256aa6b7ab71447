import { OVER_SHARE, SEASONED_SHARE } from "../diffusion/readiness";

/** What salt in the flesh is beside what was wanted, from far under to far over. */
export type Verdict = "light" | "littleLight" | "asWanted" | "littleSalty" | "salty";

/** Twice as far off as "as wanted" allows is no longer a little. *Practice*. */
const LITTLE_LIGHT = SEASONED_SHARE - (1 - SEASONED_SHARE);
const LITTLE_SALTY = OVER_SHARE + (OVER_SHARE - 1);
/** Sums that should be equal differ in their last digits. */
const HAIR = 1e-9;

/**
 * Judges salt in the flesh by what was wanted.
 * @param fraction of finished flesh, its own salt counted  @param target on the same basis, above 0
 */
export function verdictOf(fraction: number, target: number): Verdict {
  const share = fraction / target;
  if (share < LITTLE_LIGHT - HAIR) return "light";
  if (share < SEASONED_SHARE - HAIR) return "littleLight";
  if (share <= OVER_SHARE + HAIR) return "asWanted";
  return share <= LITTLE_SALTY + HAIR ? "littleSalty" : "salty";
}

/** How many steps from what was wanted, 0 to 2. */
export function stepsOff(verdict: Verdict): 0 | 1 | 2 {
  if (verdict === "asWanted") return 0;
  return verdict === "littleLight" || verdict === "littleSalty" ? 1 : 2;
}
