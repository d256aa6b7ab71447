import { duration } from "@/ui/format";

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
  if (Math.abs(lateMin) < NEAR_MIN) return "On time.";
  const by = duration(Math.abs(lateMin) / 60);
  const moved = follows ? " What comes after it has moved along." : "";
  if (lateMin < 0)
    return `${by} early: 20 °C less, or a longer rest; a tented roast forgives half an hour.${moved}`;
  const ways = [
    ...(leftMin > WORTH_HEATING_MIN ? ["20 °C more shortens the rest of it by about a seventh"] : []),
    ...(table === undefined ? [`set the table back ${by}`] : []),
  ];
  const said = ways.length > 0 ? `${by} late: ${ways.join(", or ")}.` : `${by} late.`;
  return `${said}${moved}${table === undefined ? "" : ` The table is at ${table}.`}`;
}
