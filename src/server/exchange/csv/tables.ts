import { tzOffset } from "@date-fns/tz";
import type { RecordRow } from "@/contracts/record";
import type { SheetSnapshot } from "@/contracts/sheet";
import type { DishLedger } from "@/core/formula/account/dish-ledger";
import type { PlannedTask } from "@/core/schedule/planned-tasks";
import { tableOf, type Decimal } from "./table";

/** A time as a clock of that zone shows it. */
export const localTime = (ms: number, zone: string, seconds = true): string =>
  localTimes(zone)(ms).slice(0, seconds ? 19 : 16);

const MINUTE_MS = 60_000;
/** Clocks are set on a quarter of an hour, everywhere. */
const QUARTER_MS = 15 * MINUTE_MS;

/** The same for many: a day of readings asks for the zone's offset once a quarter of an hour, not once a second. */
export function localTimes(zone: string): (ms: number) => string {
  const offsets = new Map<number, number>();
  const upToMinutes = byMinute((ms) => {
    const quarter = Math.floor(ms / QUARTER_MS);
    let offsetMin = offsets.get(quarter);
    if (offsetMin === undefined)
      offsets.set(quarter, (offsetMin = tzOffset(zone, new Date(quarter * QUARTER_MS))));
    return new Date(ms + offsetMin * MINUTE_MS).toISOString().slice(0, 17).replace("T", " ");
  });
  return (ms) => upToMinutes(ms) + twoDigits(secondOf(ms));
}

/** UTC as ISO 8601 to the millisecond, for many. */
export function utcTimes(): (ms: number) => string {
  const upToMinutes = byMinute((ms) => new Date(ms).toISOString().slice(0, 17));
  return (ms) =>
    `${upToMinutes(ms)}${twoDigits(secondOf(ms))}.${String(((ms % 1000) + 1000) % 1000).padStart(3, "0")}Z`;
}

/** Readings come by the second: what is the same for a minute is made once for it. */
function byMinute(textOf: (ms: number) => string): (ms: number) => string {
  let minute = Number.NaN;
  let text = "";
  return (ms) => {
    const now = Math.floor(ms / MINUTE_MS);
    if (now !== minute) [minute, text] = [now, textOf(now * MINUTE_MS)];
    return text;
  };
}

const secondOf = (ms: number): number => Math.floor(ms / 1000) - 60 * Math.floor(ms / MINUTE_MS);
const twoDigits = (n: number): string => (n < 10 ? `0${n}` : String(n));

/** The weigh-out. */
export const SHEET = tableOf({
  part: "text",
  line: "text",
  id: "text",
  role: "text",
  mass_g: "figure",
  grows_with: "text",
  optional: "yesNo",
  salt_g: "figure",
  allergens: "words",
} as const);

export const sheetCsv = (lines: SheetSnapshot["lines"], decimal?: Decimal): string =>
  SHEET.write(
    lines.map((line) => ({
      part: line.part,
      line: line.name,
      id: line.id,
      role: line.role,
      mass_g: line.massG,
      grows_with: line.scalesWith,
      optional: line.optional,
      salt_g: line.naclG,
      allergens: line.allergens.map((a) => a.replaceAll(" ", "_")),
    })),
    decimal,
  );

/** Every gram of salt: where it comes from, and where it ends. */
export const LEDGER = tableOf({
  side: "text",
  name: "text",
  part: "text",
  salt_g: "figure",
  eaten: "text",
} as const);

export const ledgerCsv = (ledger: DishLedger, decimal?: Decimal): string =>
  LEDGER.write(
    [
      ...ledger.sources.map((s) => ({
        side: "from",
        name: s.name,
        part: s.part,
        salt_g: s.naclG,
        eaten: "",
      })),
      ...ledger.ends.map((e) => ({
        side: "to",
        name: e.id,
        part: "",
        salt_g: e.naclG,
        eaten: e.eaten ? "yes" : "no",
      })),
    ],
    decimal,
  );

/** The record, a batch a row. */
export const RECORD = tableOf({
  id: "text",
  name: "text",
  food: "text",
  preparation: "text",
  went_in_utc: "instant",
  went_in_local: "text",
  lifted_utc: "instant",
  lifted_local: "text",
  zone: "text",
  salt_wanted_fraction: "figure",
  salt_judged_steps: "figureOrNone",
} as const);

export const recordCsv = (rows: readonly RecordRow[], zone: string, decimal?: Decimal): string =>
  RECORD.write(
    rows.map((r) => ({
      id: r.id,
      name: r.name,
      food: r.foodId,
      preparation: r.kind,
      went_in_utc: r.startedAtMs,
      went_in_local: localTime(r.startedAtMs, zone),
      lifted_utc: r.liftedAtMs,
      lifted_local: localTime(r.liftedAtMs, zone),
      zone,
      salt_wanted_fraction: r.targetFraction,
      salt_judged_steps: r.saltScore,
    })),
    decimal,
  );

/** The acts of a sitting: local times with the zone beside them, and the instants. */
export const ACTS = tableOf({
  start_local: "text",
  end_local: "text",
  zone: "text",
  start_utc: "instant",
  length_min: "figure",
  dish: "text",
  act: "text",
  hands_on: "yesNo",
} as const);

export const actsTable = (tasks: readonly PlannedTask[], zone: string, decimal?: Decimal): string =>
  ACTS.write(
    tasks.map((task) => ({
      start_local: localTime(task.startMs, zone, false),
      end_local: localTime(task.endMs, zone, false),
      zone,
      start_utc: task.startMs,
      length_min: Math.round((task.endMs - task.startMs) / 60_000),
      dish: task.dish,
      act: task.title,
      hands_on: task.handsOn,
    })),
    decimal,
  );
