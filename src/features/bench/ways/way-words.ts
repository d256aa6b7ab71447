import type { WorkedOut } from "@/core/bench/worked";
import { wordsBy } from "@/core/preparations";
import { verdictOf, type Verdict } from "@/core/ways/verdict";
import type { Way } from "@/core/ways/way";
import { duration, fixed, percent } from "@/ui/format";
import type { Units } from "@/ui/units";
import * as wording from "@/words/bench/ways/way-words";

export const WAY_NAME = wordsBy((words) => words.way);

export const VERDICT_WORD: Record<Verdict, string> = wording.verdictWord;

/** How the salt that comes stands to what was wanted. */
export function sayVerdict({ input, salt }: Pick<WorkedOut, "input" | "salt">): string {
  const wanted = input.preparation.targetFraction;
  return wanted > 0 ? VERDICT_WORD[verdictOf(salt.fraction, wanted)] : wording.noSaltAskedFor;
}

/** What the way is, in figures: its strength or its dose. */
export function sayStrength({ input }: Way): string | undefined {
  const { preparation: p, salt } = input;
  if (p.kind === "wetBrine")
    return p.school === "equilibrium"
      ? wording.cannotOvershoot
      : p.strength.basis === "percent"
        ? wording.brine(percent(p.strength.saltFraction, 1))
        : undefined;
  if (p.kind === "injection") return wording.ofItsWeightInBrine(percent(p.pickupFraction, 0));
  if (p.kind === "cure") return wording.saltOnItThenOff(percent(p.doseFraction, 0));
  if (salt?.mode === "percent") return wording.saltOfTheMeat(percent(salt.fraction, 1));
  return undefined;
}

const SURFACE: Record<Way["cost"]["surface"], string> = wording.surface;

/** What it costs, shortest first: room, salt thrown away, skin. */
export function sayCost({ cost }: Way, units: Units): string[] {
  return [
    SURFACE[cost.surface],
    cost.tubMl >= 100 ? units.volume(cost.tubMl) : "",
    cost.lostSaltG >= 1 ? wording.gSaltNotEaten(fixed(cost.lostSaltG, 0)) : "",
  ].filter(Boolean);
}

const TO_FIVE_MIN = 5;

/** What it takes of a cook until it goes to the heat, to five minutes. */
export const sayHands = ({ cost }: Way): string =>
  wording.byHand(duration((TO_FIVE_MIN * Math.round(cost.handsMin / TO_FIVE_MIN)) / 60));

/** Why it is not better, in a sentence; undefined where it is as wanted all through. */
export function sayShort(way: Way): string | undefined {
  switch (way.short) {
    case "too_slow":
      return wording.noMoreGetsInBy;
    case "too_much":
      return wording.itHoldsOrTakesMore;
    case "keeps_no_longer":
      return wording.itMayStandAtMost(duration(way.hours));
    case "outside_only":
      return wording.saltedOutsidePlainInThe;
    default:
      return undefined;
  }
}
