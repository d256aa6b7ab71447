"use client";

import { ChevronRight } from "lucide-react";
import { useMemo, useState } from "react";
import type { Uses } from "@/contracts/views";
import { useMeasures, useTold } from "@/ui/measures";
import { tablesFor, type TableData } from "./reference-tables";
import * as words from "@/words/stores/reference";
import { firstOf } from "@/core/sequence";

/** The table with a last column: which formulas use the row. */
function withUses({ head, rows, named, ...rest }: TableData, uses: Uses): TableData {
  if (!named) return { head, rows, ...rest };
  const names = (i: number) => (uses[`${named.kind}/${named.ids[i]}`] ?? []).map((u) => u.name).join(", ");
  return { head: [...head, words.inOurFormulas], rows: rows.map((row, i) => [...row, names(i)]), ...rest };
}

export function Reference({ uses, find = "" }: { uses: Uses; find?: string | undefined }) {
  const measures = useMeasures();
  const told = useTold();
  const tables = useMemo(
    () => tablesFor(measures, told).map((table) => withUses(table, uses)),
    [measures, told, uses],
  );
  const [search, setSearch] = useState(find);
  const wanted = search.trim().toLowerCase();
  return (
    <section id="tables" className="lg:col-span-2">
      <div className="flex flex-wrap items-baseline justify-between gap-4">
        <h2 className="text-2xl">{words.whatTheSumsStandOn}</h2>
        <label className="flex items-center gap-2">
          <span className="text-quiet">{words.findInTheTables}</span>
          <input
            className="entry !text-left"
            type="search"
            value={search}
            onChange={(event) => setSearch(event.target.value)}
          />
        </label>
      </div>
      {tables.map((table) => (
        <Table
          key={table.title}
          {...table}
          all={table.rows.length}
          rows={
            wanted === ""
              ? table.rows
              : table.rows.filter((row) => firstOf(row).toLowerCase().includes(wanted))
          }
          searching={wanted !== ""}
        />
      ))}
    </section>
  );
}

/** Drawn only while it is open: hundreds of rows nobody looks at cost every visit. */
function Table(props: TableData & { all: number; searching: boolean }) {
  const [open, setOpen] = useState(false);
  if (props.searching && props.rows.length === 0) return null;
  return (
    <details
      className="group"
      open={props.searching || open}
      onToggle={(event) => setOpen(event.currentTarget.open)}
    >
      <summary className="flex min-h-12 cursor-pointer items-center gap-3 border-b border-line font-display text-xl font-bold">
        <ChevronRight size={22} aria-hidden className="transition-transform group-open:rotate-90" />
        {props.title}{" "}
        <span className="font-sans text-base font-normal text-quiet">
          {props.searching ? words.rowsOfAll(props.rows.length, props.all) : props.all}
        </span>
      </summary>
      <p className="py-2 text-quiet">{props.note}</p>
      {(props.searching || open) && <Rows {...props} />}
    </details>
  );
}

/** A sentence is given the room of one: pressed between figures it makes a row as high as a phone. */
function classOf(cell: string): string {
  if (/^[\d–]/.test(cell)) return "figure";
  return cell.length > SENTENCE ? "min-w-56" : "";
}
const SENTENCE = 28;

function Rows({ title, head, rows }: TableData) {
  return (
    <div
      className="overflow-x-auto"
      tabIndex={0}
      role="region"
      aria-label={words.tableOf(title.toLowerCase())}
    >
      <table className="table">
        <thead>
          <tr className="text-base-content">
            {head.map((cell) => (
              <th key={cell} scope="col">
                {cell}
              </th>
            ))}
          </tr>
        </thead>
        <tbody>
          {rows.map((row, r) => (
            <tr key={`${row[0]}-${r}`} className="border-line">
              {row.map((cell, i) => (
                <td key={head[i]} className={classOf(cell)}>
                  {cell}
                </td>
              ))}
            </tr>
          ))}
        </tbody>
      </table>
    </div>
  );
}
