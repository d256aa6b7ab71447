import type { z } from "zod";
import { readingBody } from "@/contracts/requests";
import { sampleSchema, type Channel } from "@/contracts/work";
import type { BatchDetail } from "@/contracts/views";
import { Refusal } from "../../problem";
import { csvOf, rowsOf, type Decimal } from "./table";
import { localTime } from "./tables";

export interface Sample {
  channel: Channel;
  atMs: number;
  value: number;
}

/** One unit a column: which of them a row fills is what was read. */
const HEADS = [
  "at_utc",
  "local",
  "zone",
  "what",
  "temperature_c",
  "salinity_percent",
  "salt_fraction",
  "before_g",
  "after_g",
];

const columnOf = (channel: Channel): string =>
  channel === "salinity" ? "salinity_percent" : channel === "scale" ? "weight_g" : "temperature_c";

/** Everything read of a batch, by hand and by instrument. */
export function readingsCsv(batch: BatchDetail, samples: readonly Sample[], decimal?: Decimal): string {
  const rows = [
    ...batch.readings.map(({ atMs, reading }) => ({
      atMs,
      ...(reading.kind === "weight"
        ? { what: "weight", before_g: reading.beforeG, after_g: reading.afterG }
        : { what: "bath_strength", salt_fraction: reading.saltFraction }),
    })),
    ...samples.map(({ channel, atMs, value }) => ({ atMs, what: channel, [columnOf(channel)]: value })),
  ].sort((a, b) => a.atMs - b.atMs);
  return csvOf(
    rows.map(({ atMs, ...row }) => ({
      at_utc: new Date(atMs).toISOString(),
      local: localTime(atMs, batch.timeZone),
      zone: batch.timeZone,
      ...row,
    })),
    HEADS,
    decimal,
  );
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
  rowsOf(csv).forEach((row, i) => {
    const wrong = (what: string) =>
      new Refusal(400, "Not readings", `Row ${i + 2}: ${what}. It wants the heads ${HEADS.join(", ")}.`);
    const atMs = ISO.test(row.at_utc ?? "") ? Date.parse(row.at_utc) : Number.NaN;
    if (Number.isNaN(atMs)) throw wrong("at_utc is a time such as 2026-11-25T18:00:00Z");
    if (row.what === "weight" || row.what === "bath_strength") {
      const reading = readingBody.safeParse(
        row.what === "weight"
          ? { kind: "weight", beforeG: figureOf(row.before_g), afterG: figureOf(row.after_g) }
          : { kind: "bathStrength", saltFraction: figureOf(row.salt_fraction || row.value) },
      );
      if (!reading.success) throw wrong(`${row.what}: ${reading.error.issues[0].message}`);
      read.readings.push({ atMs, reading: reading.data });
    } else {
      const value = figureOf(row[columnOf(row.what as Channel)] || row.value);
      const sample = sampleSchema.safeParse({ channel: row.what, atMs, value });
      if (!sample.success)
        throw wrong(`${sample.error.issues[0].path.join(".")}: ${sample.error.issues[0].message}`);
      read.samples.push(sample.data);
    }
  });
  return read;
}
