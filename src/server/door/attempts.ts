import { RateLimiterMemory, RateLimiterRes } from "rate-limiter-flexible";
import { Refusal } from "../problem";

/** So many wrong passphrases in so many seconds, whoever gives them; devices that are in stay in. */
const WRONG_MOST = 8;
const WITHIN_S = 10 * 60;
const EVERYBODY = "all";

const held = globalThis as { ironCrockAttempts?: RateLimiterMemory };

function wrongOnes(): RateLimiterMemory {
  held.ironCrockAttempts ??= new RateLimiterMemory({ points: WRONG_MOST, duration: WITHIN_S });
  return held.ironCrockAttempts;
}

/** Counts an attempt before it is weighed, so that many at once are no way round. @throws Refusal 429 */
export async function countAttempt(): Promise<void> {
  try {
    await wrongOnes().consume(EVERYBODY);
  } catch (refused) {
    if (!(refused instanceof RateLimiterRes)) throw refused;
    const minutes = Math.ceil(refused.msBeforeNext / 60_000);
    throw new Refusal(
      429,
      "Too many wrong passphrases",
      `Too many wrong passphrases. Try again in ${minutes} min.`,
    );
  }
}

/** It was the right one: it does not count. */
export const forgiveAttempt = (): Promise<unknown> => wrongOnes().reward(EVERYBODY);
