import { TZDate } from "@date-fns/tz";
import { format } from "date-fns";
import Papa from "papaparse";
import { z } from "zod";
import { readingBody } from "@/contracts/requests";
import { sampleRequest, type Channel } from "@/contracts/work";
import type { BatchDetail } from "@/contracts/views";
import type { RecordRow } from "@/contracts/record";
import type { SheetSnapshot } from "@/contracts/sheet";
import type { DishLedger } from "@/core/formula/dish-ledger";
import { Refusal } from "../problem";

/* Tables as CSV (RFC 4180), full figures, units in the heads. A cell that a table program would take for a formula gets
   an apostrophe before it, and loses it again on the way in. */

const STARTS_FORMULA = /^'*[=+\-@\t\r]/;

/** A cell that is text in every program. */
export const plainCell = (text: string): string => (STARTS_FORMULA.test(text) ? `'${text}` : text);

/** The text a cell stood for: the inverse of `plainCell`. */
export const cellText = (cell: string): string => (/^'+[=+\-@\t\r]/.test(cell) ? cell.slice(1) : cell);

type Cell = string | number | null | undefined;
type Row = Record<string, Cell>;

/** Rows as CSV; a negative figure stays a figure. */
export const csvOf = (rows: readonly Row[], fields: string[]): string =>
  Papa.unparse({
    fields,
    data: rows.map((row) =>
      fields.map((field) => {
        const cell = row[field];
        return typeof cell === "string" ? plainCell(cell) : (cell ?? "");
      }),
    ),
  });

const ROWS_MOST = 200_000;

/** Reads CSV with heads into rows of text. @throws Refusal 400, 413 */
export function rowsOf(csv: string): Record<string, string>[] {
  const { data, errors } = Papa.parse<string[]>(csv.replace(/^\uFEFF/, ""), {
    skipEmptyLines: "greedy",
    preview: ROWS_MOST + 2,
  });
  if (data.length > ROWS_MOST + 1)
    throw new Refusal(413, "Too many rows", `At most ${ROWS_MOST} rows, please.`);
  const fault = errors.find((e) => e.type === "Quotes");
  if (fault)
    throw new Refusal(400, "Not CSV", `Row ${(fault.row ?? 0) + 1} does not read as CSV: ${fault.message}.`);
  const heads = (data[0] ?? []).map((head) => head.trim());
  const twice = heads.find((head, i) => heads.indexOf(head) !== i);
  if (twice !== undefined)
    throw new Refusal(400, "Not CSV", `The head “${twice.slice(0, 40)}” stands there twice.`);
  return data
    .slice(1)
    .map((row) =>
      Object.fromEntries(row.flatMap((cell, i) => (heads[i] ? [[heads[i], cellText(cell)]] : []))),
    );
}

/** The weigh-out sheet. */
export const sheetCsv = (lines: SheetSnapshot["lines"]): string =>
  csvOf(
    lines.map((line) => ({
      part: line.part,
      line: line.name,
      id: line.id,
      role: line.role,
      grams: line.massG,
      grows_with: line.scalesWith,
      optional: line.optional ? "yes" : "no",
      salt_g: line.naclG,
      allergens: line.allergens.join(" "),
    })),
    ["part", "line", "id", "role", "grams", "grows_with", "optional", "salt_g", "allergens"],
  );

/** Every gram of salt: where it comes from and where it ends. */
export const ledgerCsv = (ledger: DishLedger): string =>
  csvOf(
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
    ["side", "name", "part", "salt_g", "eaten"],
  );

const local = (ms: number, zone: string): string => format(new TZDate(ms, zone), "yyyy-MM-dd HH:mm:ss");

const READING_FIELDS = ["at_utc", "local", "zone", "what", "value", "before_g", "after_g"];

export interface Sample {
  channel: Channel;
  atMs: number;
  value: number;
}

/** Everything read of a batch, by hand and by instrument. */
export function readingsCsv(batch: BatchDetail, samples: readonly Sample[]): string {
  const rows = [
    ...batch.readings.map(({ atMs, reading }) => ({
      atMs,
      ...(reading.kind === "weight"
        ? { what: "weight", before_g: reading.beforeG, after_g: reading.afterG }
        : { what: "bath_strength", value: reading.saltFraction }),
    })),
    ...samples.map(({ channel, atMs, value }) => ({ atMs, what: channel, value })),
  ].sort((a, b) => a.atMs - b.atMs);
  return csvOf(
    rows.map(({ atMs, ...row }) => ({
      at_utc: new Date(atMs).toISOString(),
      local: local(atMs, batch.timeZone),
      zone: batch.timeZone,
      ...row,
    })),
    READING_FIELDS,
  );
}

const figure = z
  .string()
  .regex(/^-?\d+(\.\d+)?(e-?\d+)?$/i, "a plain figure")
  .transform(Number);
const instant = z.iso
  .datetime({ error: "a time such as 2026-11-25T18:00:00Z" })
  .transform((t) => Date.parse(t));

/** Reads what `readingsCsv` wrote, or anything with its heads. @throws Refusal 400 with the row that does not read */
export function readReadings(csv: string) {
  const read: { readings: { atMs: number; reading: z.infer<typeof readingBody> }[]; samples: Sample[] } = {
    readings: [],
    samples: [],
  };
  rowsOf(csv).forEach((row, i) => {
    const at = instant.safeParse(row.at_utc ?? "");
    const wrong = (what: string) =>
      new Refusal(
        400,
        "Not readings",
        `Row ${i + 2}: ${what}. It wants the heads ${READING_FIELDS.join(", ")}.`,
      );
    if (!at.success) throw wrong("at_utc is a time such as 2026-11-25T18:00:00Z");
    const number = (cell: string | undefined) => {
      const value = figure.safeParse((cell ?? "").trim());
      return value.success ? value.data : Number.NaN;
    };
    if (row.what === "weight" || row.what === "bath_strength") {
      const reading = readingBody.safeParse(
        row.what === "weight"
          ? { kind: "weight", beforeG: number(row.before_g), afterG: number(row.after_g) }
          : { kind: "bathStrength", saltFraction: number(row.value) },
      );
      if (!reading.success) throw wrong(`${row.what}: ${reading.error.issues[0].message}`);
      read.readings.push({ atMs: at.data, reading: reading.data });
    } else {
      const sample = sampleRequest.safeParse({ channel: row.what, atMs: at.data, value: number(row.value) });
      if (!sample.success)
        throw wrong(`${sample.error.issues[0].path.join(".")}: ${sample.error.issues[0].message}`);
      read.samples.push(sample.data);
    }
  });
  return read;
}

/** The record, a batch a row. */
export const recordCsv = (rows: readonly RecordRow[], zone: string): string =>
  csvOf(
    rows.map((r) => ({
      id: r.id,
      name: r.name,
      food: r.foodId,
      preparation: r.kind,
      went_in_utc: new Date(r.startedAtMs).toISOString(),
      went_in_local: local(r.startedAtMs, zone),
      lifted_utc: new Date(r.liftedAtMs).toISOString(),
      lifted_local: local(r.liftedAtMs, zone),
      zone,
      salt_wanted: r.targetFraction,
      salt_judged: r.saltScore,
    })),
    [
      "id",
      "name",
      "food",
      "preparation",
      "went_in_utc",
      "went_in_local",
      "lifted_utc",
      "lifted_local",
      "zone",
      "salt_wanted",
      "salt_judged",
    ],
  );
