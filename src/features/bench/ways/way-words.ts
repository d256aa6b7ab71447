import type { WorkedOut } from "@/core/bench/worked";
import { wordsBy } from "@/core/preparations";
import { verdictOf, type Verdict } from "@/core/ways/verdict";
import type { Way } from "@/core/ways/way";
import { duration, fixed, percent } from "@/ui/format";
import type { Units } from "@/ui/units";

export const WAY_NAME = wordsBy((words) => words.way);

export const VERDICT_WORD: Record<Verdict, string> = {
  light: "light",
  littleLight: "a little light",
  asWanted: "as wanted",
  littleSalty: "a little salty",
  salty: "salty",
};

/** How the salt that comes stands to what was wanted. */
export function sayVerdict({ input, salt }: Pick<WorkedOut, "input" | "salt">): string {
  const wanted = input.preparation.targetFraction;
  return wanted > 0 ? VERDICT_WORD[verdictOf(salt.fraction, wanted)] : "no salt asked for";
}

/** What the way is, in figures: its strength or its dose. */
export function sayStrength({ input }: Way): string | undefined {
  const { preparation: p, salt } = input;
  if (p.kind === "wetBrine")
    return p.school === "equilibrium"
      ? "cannot overshoot"
      : p.strength.basis === "percent"
        ? `${percent(p.strength.saltFraction, 1)} % brine`
        : undefined;
  if (p.kind === "injection") return `${percent(p.pickupFraction, 0)} % of its weight in brine, by needle`;
  if (p.kind === "cure") return `${percent(p.doseFraction, 0)} % salt on it, then off`;
  if (salt?.mode === "percent") return `salt ${percent(salt.fraction, 1)} % of the meat`;
  return undefined;
}

const SURFACE: Record<Way["cost"]["surface"], string> = {
  dry: "dry skin, no tub",
  wet: "",
  coated: "",
  baked: "baked at once",
};

/** What it costs, shortest first: room, salt thrown away, skin. */
export function sayCost({ cost }: Way, units: Units): string[] {
  return [
    SURFACE[cost.surface],
    cost.tubMl >= 100 ? units.volume(cost.tubMl) : "",
    cost.lostSaltG >= 1 ? `${fixed(cost.lostSaltG, 0)} g salt not eaten` : "",
  ].filter(Boolean);
}

const TO_FIVE_MIN = 5;

/** What it takes of a cook until it goes to the heat, to five minutes. */
export const sayHands = ({ cost }: Way): string =>
  `${duration((TO_FIVE_MIN * Math.round(cost.handsMin / TO_FIVE_MIN)) / 60)} by hand`;

/** Why it is not better, in a sentence; undefined where it is as wanted all through. */
export function sayShort(way: Way): string | undefined {
  switch (way.short) {
    case "too_slow":
      return "No more gets in by then.";
    case "too_much":
      return "It holds, or takes, more than that.";
    case "keeps_no_longer":
      return `It may stand ${duration(way.hours)} at most.`;
    case "outside_only":
      return "Salted outside, plain in the middle.";
    default:
      return undefined;
  }
}
