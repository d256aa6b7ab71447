import Papa from "papaparse";
import { Refusal } from "../../problem";
import * as words from "@/words/server/exchange/csv/table";

/* Tables as CSV (RFC 4180), full figures, one unit a column and named in its head. A cell that a table program would take
   for a formula gets an apostrophe before it, and loses it again on the way in. */

/** How figures and cells are told apart: 1.5 and commas, or 1,5 and semicolons as half of the world's table programs want. */
export type Decimal = "point" | "comma";

const STARTS_FORMULA = /^'*[=+\-@\t\r]/;

/** A cell that is text in every program. */
export const plainCell = (text: string): string => (STARTS_FORMULA.test(text) ? `'${text}` : text);

/** The text a cell stood for: the inverse of `plainCell`. */
export const cellText = (cell: string): string => (/^'+[=+\-@\t\r]/.test(cell) ? cell.slice(1) : cell);

type Cell = string | number | null | undefined;
export type Row = Record<string, Cell>;

/** Rows as CSV; a negative figure stays a figure. */
export function csvOf(rows: readonly Row[], fields: readonly string[], decimal: Decimal = "point"): string {
  const figure = (value: number) => (decimal === "comma" ? String(value).replace(".", ",") : value);
  return Papa.unparse(
    {
      fields: [...fields],
      data: rows.map((row) =>
        fields.map((field) => {
          const cell = row[field];
          if (typeof cell === "string") return plainCell(cell);
          return typeof cell === "number" ? figure(cell) : "";
        }),
      ),
    },
    { delimiter: decimal === "comma" ? ";" : ",", newline: "\r\n" },
  );
}

/**
 * Rows of figures, times and fixed names, in the order of the heads: none of their cells wants quotes, and a day of readings
 * is written in a fraction of the time.
 */
export const plainRows = (rows: readonly (string | number)[][], decimal: Decimal = "point"): string => {
  const separator = decimal === "comma" ? ";" : ",";
  const cells = (row: readonly (string | number)[]) =>
    decimal === "comma"
      ? row.map((value) => (typeof value === "number" ? String(value).replace(".", ",") : value))
      : row;
  return rows.map((row) => cells(row).join(separator)).join("\r\n");
};

/** Four instruments at a reading a second for a day, and some. */
const ROWS_MOST = 400_000;

/** A row as it was read: text under each of its heads, figures with a point. */
export type ReadRow = Record<string, string>;

/**
 * Reads CSV of either kind, with heads, a row at a time: a day of readings is never in memory as rows.
 * @param visit is given each row and its number among the rows under the heads, from 0
 * @throws Refusal 400, 413; and whatever `visit` does
 */
export function eachRow(csv: string, visit: (row: ReadRow, i: number) => void): void {
  const text = csv.replace(/^\uFEFF/, "");
  const [head = ""] = text.split(/\r?\n/, 1);
  // Told by its heads alone: no head has either sign in it.
  const isComma = head.includes(";") && !head.includes(",");
  const read = (cell: string) =>
    isComma && /^-?\d+,\d+(?:e[+-]?\d+)?$/i.test(cell) ? cell.replace(",", ".") : cellText(cell);
  let heads: string[] | undefined;
  let rows = 0;
  Papa.parse<string[]>(text, {
    skipEmptyLines: "greedy",
    delimiter: isComma ? ";" : head.includes("\t") ? "\t" : ",",
    step: ({ data: cells, errors }) => {
      const fault = errors.find((e) => e.type === "Quotes");
      if (fault)
        throw new Refusal(400, words.notCsv, words.rowDoesNotReadAs(heads ? rows + 2 : 1, fault.message));
      if (!heads) {
        heads = headsOf(cells);
        return;
      }
      if (rows >= ROWS_MOST) throw new Refusal(413, words.tooManyRows, words.atMostRowsPlease(ROWS_MOST));
      const row: ReadRow = {};
      for (const [i, head] of heads.entries())
        if (head && cells[i] !== undefined) row[head] = cells[i] === "" ? "" : read(cells[i]);
      visit(row, rows++);
    },
  });
}

function headsOf(cells: string[]): string[] {
  const heads = cells.map((name) => name.trim());
  const twice = heads.find((name, i) => heads.indexOf(name) !== i);
  if (twice !== undefined)
    throw new Refusal(400, words.notCsv, words.theHeadStandsThereTwice(twice.slice(0, 40)));
  return heads;
}

/** All rows of such a file. @throws Refusal 400, 413 */
export function rowsOf(csv: string): ReadRow[] {
  const rows: ReadRow[] = [];
  eachRow(csv, (row) => void rows.push(row));
  return rows;
}

/** What stands in a column. A choice of words is text to CSV, and one of these when it is read. */
export type Column = "text" | "figure" | "figureOrNone" | "yesNo" | "words" | "instant";

interface Stands {
  text: string;
  figure: number;
  figureOrNone: number | null;
  yesNo: boolean;
  words: string[];
  instant: number;
}
type Columns = Readonly<Record<string, Column>>;
export type RowOf<C extends Columns> = { -readonly [K in keyof C]: Stands[C[K]] };

const FIGURE = /^-?\d+(?:\.\d+)?(?:e[+-]?\d+)?$/i;

/** A table by its heads and what stands under them: written and read by the same description. */
export const tableOf = <C extends Columns>(columns: C) => {
  const stands = Object.entries(columns);
  const heads = stands.map(([head]) => head);
  return {
    heads,
    write: (rows: readonly RowOf<C>[], decimal?: Decimal): string =>
      csvOf(
        rows.map((row) =>
          Object.fromEntries(stands.map(([head, column]) => [head, cellOf(column, row[head as keyof C])])),
        ),
        heads,
        decimal,
      ),
    /** @throws Refusal 400 with the row and head that do not read */
    read: (csv: string): RowOf<C>[] =>
      rowsOf(csv).map(
        (row, i) =>
          Object.fromEntries(
            stands.map(([head, column]) => {
              const cell = row[head];
              const value = cell === undefined ? undefined : valueOf(column, cell.trim(), cell);
              if (value === undefined)
                throw new Refusal(
                  400,
                  words.notThisTable,
                  words.rowItWantsTheHeads({
                    amount: i + 2,
                    head,
                    columns: WANTS[column],
                    heads: heads.join(", "),
                  }),
                );
              return [head, value];
            }),
          ) as RowOf<C>,
      ),
  };
};

const WANTS: Record<Column, string> = words.wants;

function cellOf(column: Column, value: unknown): Cell {
  switch (column) {
    case "yesNo":
      return value === true ? "yes" : "no";
    case "words":
      return (value as string[]).join(" ");
    case "instant":
      return new Date(value as number).toISOString();
    default:
      return value as Cell;
  }
}

/** @returns undefined where it does not read */
function valueOf(column: Column, cell: string, asIs: string): unknown {
  switch (column) {
    case "text":
      return asIs;
    case "figure":
      return FIGURE.test(cell) ? Number(cell) : undefined;
    case "figureOrNone":
      return cell === "" ? null : FIGURE.test(cell) ? Number(cell) : undefined;
    case "yesNo":
      return cell === "yes" ? true : cell === "no" ? false : undefined;
    case "words":
      return cell === "" ? [] : cell.split(" ");
    case "instant": {
      const at = /^\d{4}-\d\d-\d\dT\d\d:\d\d/.test(cell) ? Date.parse(cell) : NaN;
      return Number.isNaN(at) ? undefined : at;
    }
  }
}
