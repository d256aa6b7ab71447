import { duration } from "@/ui/format";
import * as words from "@/words/work/say-drift";

interface Drift {
  /** Against the minutes its cook was to take; early below 0. */
  lateMin: number;
  /** Until it is out. */
  leftMin: number;
  /** What comes after it goes by the forecast. */
  follows: boolean;
  /** When its sitting is on the table, in words; left out where it is in none. */
  table?: string | undefined;
}

const NEAR_MIN = 4;
/** With less left another oven does nothing any more. */
const WORTH_HEATING_MIN = 20;

/** Early or late against its cook, and what to change. A sitting's table is its plan's to move, not the cook's. */
export function sayDrift({ lateMin, leftMin, follows, table }: Drift): string {
  if (Math.abs(lateMin) < NEAR_MIN) return words.onTime;
  const by = duration(Math.abs(lateMin) / 60);
  const moved = follows ? words.whatComesAfterItHas : "";
  if (lateMin < 0) return words.early20CLessOr(by, moved);
  const ways = [
    ...(leftMin > WORTH_HEATING_MIN ? [words.of20CMoreShortensThe] : []),
    ...(table === undefined ? [words.setTheTableBack(by)] : []),
  ];
  const said = words.late({ waysCount: ways.length, by, ways: ways.join(words.or) });
  return `${said}${moved}${table === undefined ? "" : words.theTableIsAt(table)}`;
}
