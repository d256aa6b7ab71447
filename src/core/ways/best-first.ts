import { PREPARATIONS } from "../preparations";
import { stepsOff } from "./verdict";
import type { Way } from "./way";

/** Ways by the rules that are shown beside them. */
export const bestFirst = (ways: readonly Way[]): Way[] => [...ways].sort(better);

const needsATool = (way: Way): boolean => PREPARATIONS[way.choice].needs !== undefined;

/** In words on the screen: nearest to what is wanted, no needle needed, salted to the middle, least fuss, most even, least salt thrown away. */
function better(a: Way, b: Way): number {
  return (
    stepsOff(a.verdict) - stepsOff(b.verdict) ||
    (a.verdict === "asWanted" ? 0 : farOff(a) - farOff(b)) ||
    Number(needsATool(a)) - Number(needsATool(b)) ||
    Number(a.short === "outside_only") - Number(b.short === "outside_only") ||
    PREPARATIONS[a.choice].fuss - PREPARATIONS[b.choice].fuss ||
    b.evenness - a.evenness ||
    a.cost.lostSaltG - b.cost.lostSaltG
  );
}

const farOff = (way: Way): number => Math.abs(Math.log(Math.max(way.salt.fraction, 1e-6) / way.wanted));
