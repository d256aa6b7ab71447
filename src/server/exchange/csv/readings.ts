import type { z } from "zod";
import { readingBody } from "@/contracts/requests";
import { isReading, sampleSchema, type Channel } from "@/contracts/work";
import type { BatchDetail } from "@/contracts/views";
import { Refusal } from "../../problem";
import { eachRow, plainRows, type Decimal } from "./table";
import { localTimes, utcTimes } from "./tables";
import * as words from "@/words/server/exchange/csv/readings";
import { firstOf } from "@/core/sequence";

/** A day of four instruments at a reading a second, and some. */
export const CSV_MOST_BYTES = 40 * 1024 * 1024;

export interface Sample {
  channel: Channel;
  atMs: number;
  value: number;
}

/** One unit a column: which of them a row fills is what was read. */
const FIGURE_HEADS = ["temperature_c", "salinity_percent", "salt_fraction", "before_g", "after_g"] as const;
const HEADS = ["at_utc", "local", "zone", "what", ...FIGURE_HEADS] as const;

type FigureHead = (typeof FIGURE_HEADS)[number];
const PLACE = Object.fromEntries(HEADS.map((head, i) => [head, i])) as Record<FigureHead, number>;

/** A scale is looked at, not recorded: it has no column. */
const columnOf = (channel: Channel): FigureHead =>
  channel === "salinity" ? "salinity_percent" : "temperature_c";

/** What of a batch its readings are written with. */
export type ReadOf = Pick<BatchDetail, "readings" | "timeZone">;

const LINES_AT_ONCE = 20_000;

/** Everything read of a batch, by hand and by instrument. */
export const readingsCsv = (batch: ReadOf, samples: Iterable<Sample>, decimal?: Decimal): string =>
  [...readingsLines(batch, samples, decimal)].join("\r\n");

/**
 * The same in parts that belong one under the other, so that a day of four instruments is never in memory as a whole.
 * @param samples oldest first
 */
export function* readingsLines(
  batch: ReadOf,
  samples: Iterable<Sample>,
  decimal?: Decimal,
): Generator<string> {
  const [utc, local] = [utcTimes(), localTimes(batch.timeZone)];
  const line = (atMs: number, what: string, figures: readonly [FigureHead, number][]) => {
    const row: (string | number)[] = [utc(atMs), local(atMs), batch.timeZone, what, "", "", "", "", ""];
    for (const [head, figure] of figures) row[PLACE[head]] = figure;
    return row;
  };
  const byHand = [...batch.readings]
    .sort((a, b) => a.atMs - b.atMs)
    .map(({ atMs, reading }) => ({
      atMs,
      cells:
        reading.kind === "weight"
          ? line(atMs, "weight", [
              ["before_g", reading.beforeG],
              ["after_g", reading.afterG],
            ])
          : line(atMs, "bath_strength", [["salt_fraction", reading.saltFraction]]),
    }));
  let lines: (string | number)[][] = [[...HEADS]];
  for (const { channel, atMs, value } of samples) {
    const later = byHand.findIndex((r) => r.atMs > atMs);
    lines.push(...byHand.splice(0, later < 0 ? byHand.length : later).map((r) => r.cells));
    lines.push(line(atMs, channel, [[columnOf(channel), value]]));
    if (lines.length < LINES_AT_ONCE) continue;
    yield plainRows(lines, decimal);
    lines = [];
  }
  lines.push(...byHand.map((r) => r.cells));
  if (lines.length > 0) yield plainRows(lines, decimal);
}

const FIGURE = /^-?\d+(\.\d+)?(e[+-]?\d+)?$/i;
const ISO = /^\d{4}-\d\d-\d\dT\d\d:\d\d(:\d\d(\.\d+)?)?Z$/;

const figureOf = (cell: string | undefined): number => {
  const text = (cell ?? "").trim();
  return FIGURE.test(text) ? Number(text) : Number.NaN;
};

/** Reads what `readingsCsv` wrote, or anything with its heads; files of before had all figures under `value`. @throws Refusal 400 with the row that does not read */
export function readReadings(csv: string) {
  const read: { readings: { atMs: number; reading: z.infer<typeof readingBody> }[]; samples: Sample[] } = {
    readings: [],
    samples: [],
  };
  eachRow(csv, (row, i) => {
    const wrong = (what: string) =>
      new Refusal(
        400,
        words.notReadings,
        words.rowItWantsTheHeads({ amount: i + 2, what, heads: HEADS.join(", ") }),
      );
    const { at_utc: at = "" } = row;
    const atMs = ISO.test(at) ? Date.parse(at) : Number.NaN;
    if (Number.isNaN(atMs)) throw wrong(words.atUtcIsATime);
    if (row.what === "weight" || row.what === "bath_strength") {
      const reading = readingBody.safeParse(
        row.what === "weight"
          ? { kind: "weight", beforeG: figureOf(row.before_g), afterG: figureOf(row.after_g) }
          : { kind: "bathStrength", saltFraction: figureOf(row.salt_fraction || row.value) },
      );
      if (!reading.success) throw wrong(`${row.what}: ${firstOf(reading.error.issues).message}`);
      read.readings.push({ atMs, reading: reading.data });
    } else {
      const channel = row.what as Channel;
      const sample = { channel, atMs, value: figureOf(row[columnOf(channel)] || row.value) };
      // The contract is asked only for its words: asked of each of a day's readings it takes longer than all the rest.
      const known = isReading(sample) ? undefined : sampleSchema.safeParse(sample);
      if (known && !known.success) {
        const { path, message } = firstOf(known.error.issues);
        throw wrong(`${path.join(".")}: ${message}`);
      }
      read.samples.push(sample);
    }
  });
  return read;
}
