"use client";

import { columnVisibilityFeature, createColumnHelper, tableFeatures, useTable } from "@tanstack/react-table";
import { ArrowDown, ArrowUp } from "lucide-react";
import { Link } from "@/ui/link";
import { useMemo } from "react";
import type { RecordQuery, RecordRow } from "@/contracts/record";
import { duration, percent } from "@/ui/format";
import { KIND_NAME } from "@/ui/names";
import { saltVerdict } from "@/ui/say";
import { ariaSort, COLUMNS, nextSort, shownColumns, type ColumnId } from "./columns";
import { useUnits } from "@/ui/measures";
import * as words from "@/words/record/record-table";

const HOUR_MS = 3_600_000;
const features = tableFeatures({ columnVisibilityFeature });
const helper = createColumnHelper<typeof features, RecordRow>();

interface Props {
  rows: RecordRow[];
  query: RecordQuery;
  timeZone: string;
  picked: readonly string[];
  onPick: (id: string) => void;
  onSort: (sort: RecordQuery["sort"]) => void;
}

const kindName = (kind: string): string => KIND_NAME[kind as keyof typeof KIND_NAME] ?? kind;

/** Figures stand under one another, words begin at one line. */
const FIGURES: readonly string[] = ["wanted", "planned", "stood", "out"];
/** On a phone there is room for the batch, its verdict and its day. */
const WIDE_ONLY: readonly string[] = ["kind", "wanted", "planned", "stood"];

/** Batches out of their soak: sorted by a tap on a head, the columns as the address has them. */
export function RecordTable({ rows, query, timeZone, picked, onPick, onSort }: Props) {
  const units = useUnits();
  const columns = useMemo(
    () =>
      helper.columns([
        helper.accessor("name", { id: "name", header: words.batch }),
        helper.accessor((row) => kindName(row.kind), { id: "kind", header: words.preparation }),
        helper.accessor((row) => `${percent(row.targetFraction)} %`, {
          id: "wanted",
          header: words.saltWanted,
        }),
        helper.accessor((row) => (row.saltScore === null ? words.notJudged : saltVerdict(row.saltScore)), {
          id: "verdict",
          header: words.verdict,
        }),
        helper.accessor((row) => duration((row.plannedLiftAtMs - row.startedAtMs) / HOUR_MS), {
          id: "planned",
          header: words.planned,
        }),
        helper.accessor((row) => duration((row.liftedAtMs - row.startedAtMs) / HOUR_MS), {
          id: "stood",
          header: words.stood,
        }),
        helper.accessor((row) => units.date(row.liftedAtMs, timeZone), { id: "out", header: words.takenOut }),
      ]),
    [timeZone, units],
  );
  const shown = shownColumns(query.cols);
  const columnVisibility = Object.fromEntries(COLUMNS.map(({ id }) => [id, shown.includes(id)]));
  const table = useTable({ features, columns, data: rows, state: { columnVisibility } });
  const wide = (id: string) => (WIDE_ONLY.includes(id) ? "hidden md:table-cell" : "");
  const side = (id: string) => (FIGURES.includes(id) ? "text-right" : "text-left");
  return (
    <table className="w-full">
      <thead>
        {table.getHeaderGroups().map((group) => (
          <tr key={group.id} className="border-b-2 border-base-content">
            <td className="w-12" />
            {group.headers.map((header) => (
              <Head
                key={header.id}
                id={header.column.id as ColumnId | "name"}
                label={String(header.column.columnDef.header)}
                sort={query.sort}
                className={`${wide(header.column.id)} ${side(header.column.id)}`}
                onSort={onSort}
              />
            ))}
          </tr>
        ))}
      </thead>
      <tbody>
        {table.getRowModel().rows.map((row) => (
          <tr key={row.id} className="border-b border-line">
            <td>
              <label className="flex min-h-12 min-w-11 cursor-pointer items-center justify-center">
                <input
                  type="checkbox"
                  className="checkbox"
                  checked={picked.includes(row.original.id)}
                  onChange={() => onPick(row.original.id)}
                />
                <span className="sr-only">{words.compare(row.original.name)}</span>
              </label>
            </td>
            {row.getVisibleCells().map((cell) => (
              <td
                key={cell.id}
                className={`py-1 pr-2 md:pr-4 ${wide(cell.column.id)} ${side(cell.column.id)} ${FIGURES.includes(cell.column.id) ? "figure text-sm md:whitespace-nowrap" : ""}`}
              >
                {cell.column.id === "name" ? (
                  <Link
                    href={`/batch/${row.original.id}`}
                    className="flex min-h-11 items-center text-lg font-semibold"
                  >
                    {row.original.name}
                  </Link>
                ) : (
                  String(cell.getValue())
                )}
              </td>
            ))}
          </tr>
        ))}
      </tbody>
    </table>
  );
}

interface HeadProps {
  id: ColumnId | "name";
  label: string;
  sort: RecordQuery["sort"];
  className: string;
  onSort: (sort: RecordQuery["sort"]) => void;
}

function Head({ id, label, sort, className, onSort }: HeadProps) {
  const next = nextSort(id, sort);
  const way = ariaSort(id, sort);
  const Arrow = way === "ascending" ? ArrowUp : ArrowDown;
  return (
    <th scope="col" className={`pr-4 font-normal text-quiet ${className}`} aria-sort={way}>
      {next ? (
        <button
          type="button"
          className="inline-flex min-h-11 cursor-pointer items-center gap-1 underline decoration-dotted underline-offset-4"
          onClick={() => onSort(next)}
        >
          {label}
          {way !== "none" && <Arrow size={16} aria-hidden />}
        </button>
      ) : (
        label
      )}
    </th>
  );
}
