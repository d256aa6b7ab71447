"use client";

import { ChevronRight } from "lucide-react";
import { useState } from "react";
import { FOODS, INGREDIENTS, SALTS } from "@/core/materials/lookup";
import { rows as COOKING } from "@/core/materials/tables/doneness.table";
import { rows as HAZARDS } from "@/core/materials/tables/hazards.table";
import { rows as PRACTICE } from "@/core/materials/tables/methods.table";
import { rows as OVENS } from "@/core/materials/tables/ovens.table";
import type { Uses } from "@/contracts/views";
import { fixed, percent } from "@/ui/format";

interface TableData {
  title: string;
  note: string;
  head: string[];
  rows: string[][];
  /** Of rows that formulas name: the kind, and each row's id. */
  named?: { kind: "salt" | "ingredient" | "food"; ids: string[] };
}

const standing = (row: { provenance: string; fromMemory: boolean; uncertainty: number }) =>
  `${row.provenance}${row.fromMemory ? ", from memory" : ""} (± ${percent(row.uncertainty, 0)} %)`;

const orDash = (value: number | null, digits = 0) => (value === null ? "–" : fixed(value, digits));
const share = (value: number, digits = 1) => percent(value, digits);

/** The tables the sums stand on, every row with where it comes from. */
const TABLES: TableData[] = [
  {
    title: "Salts",
    named: { kind: "salt", ids: SALTS.map((row) => row.id) },
    note: "Spoon densities are level and unpacked. Weigh if you can.",
    head: ["Salt", "g/mL", "g a US tsp", "% NaCl", "For a crust", "Where from"],
    rows: SALTS.map((s) => [
      s.name,
      fixed(s.densityGPerMl, 2),
      fixed(s.densityGPerMl * 4.92892, 1),
      share(s.naclFraction),
      s.fitSaltCrust,
      standing(s),
    ]),
  },
  {
    title: "Ingredients",
    named: { kind: "ingredient", ids: INGREDIENTS.map((row) => row.id) },
    note: "By weight. Acid is titratable, as its own kind; pH of dry spices, herbs and oils is a placeholder.",
    head: ["Ingredient", "g/mL", "water %", "salt %", "sugar %", "acid %", "pH", "fat %", "Where from"],
    rows: INGREDIENTS.map((i) => [
      i.name,
      orDash(i.densityGPerMl, 2),
      share(i.waterFraction, 0),
      share(i.saltFraction, 2),
      share(i.sugarFraction, 0),
      i.acidFraction > 0 ? `${share(i.acidFraction)} ${i.acidKind}` : "–",
      orDash(i.ph, 1),
      share(i.fatFraction, 0),
      standing(i),
    ]),
  },
  {
    title: "Foods",
    named: { kind: "food", ids: FOODS.map((row) => row.id) },
    note: "Sizes are offers: what you measure decides. D is salt's diffusivity in the flesh at 4 °C, uncertain by a factor of about two.",
    head: ["Food", "water %", "own salt %", "D, 10⁻¹⁰ m²/s", "Where from"],
    rows: FOODS.map((f) => [
      f.name,
      share(f.waterFraction, 0),
      percent(f.nativeSaltFraction),
      `${fixed(f.diffusivityM2PerS * 1e10, 1)} (${fixed(f.diffusivityLowM2PerS * 1e10, 1)}–${fixed(f.diffusivityHighM2PerS * 1e10, 1)})`,
      standing(f),
    ]),
  },
  {
    title: "Practice by method",
    note: "How the trade doses and how long it waits; check values and defaults, never a promise.",
    head: ["Method", "For", "salt %", "hours", "At the end", "Where from"],
    rows: PRACTICE.map((m) => [
      m.method.replaceAll("_", " "),
      m.foodClass,
      orDash(m.saltTypicalPct, 1),
      `${m.minH}–${m.maxH}`,
      m.finish,
      standing(m),
    ]),
  },
  {
    title: "Cooking rules",
    note: "Minutes by weight or thickness, carry-over, when to glaze. The thermometer decides.",
    head: ["Rule", "For", "oven °C", "min/kg", "min/25 mm", "rest min", "Where from"],
    rows: COOKING.map((r) => [
      r.form,
      r.foodClass,
      fixed(r.ovenC, 0),
      orDash(r.minutesPerKg),
      orDash(r.minutesPer25Mm),
      orDash(r.restMin),
      standing(r),
    ]),
  },
  {
    title: "Ovens",
    note: "Time over that at 180 °C.",
    head: ["Setting", "°C", "fan °C", "gas", "time ×", "Where from"],
    rows: OVENS.map((o) => [
      o.name,
      fixed(o.ovenC, 0),
      orDash(o.fanC),
      o.gasMark || "–",
      fixed(o.timeFactor, 2),
      standing(o),
    ]),
  },
  {
    title: "Hazards",
    note: "What the cautions say, and whose word goes before them.",
    head: ["Hazard", "Instead", "Goes before", "Where from"],
    rows: HAZARDS.map((h) => [h.title, h.safeAlternative, h.deferTo, standing(h)]),
  },
];

/** The table with a last column: which formulas use the row. */
function withUses({ head, rows, named, ...rest }: TableData, uses: Uses): TableData {
  if (!named) return { head, rows, ...rest };
  const names = (i: number) => (uses[`${named.kind}/${named.ids[i]}`] ?? []).map((u) => u.name).join(", ");
  return { head: [...head, "In our formulas"], rows: rows.map((row, i) => [...row, names(i)]), ...rest };
}

export function Reference({ uses, find = "" }: { uses: Uses; find?: string }) {
  const tables = TABLES.map((table) => withUses(table, uses));
  const [search, setSearch] = useState(find);
  const wanted = search.trim().toLowerCase();
  return (
    <section id="tables" className="lg:col-span-2" data-sources>
      <div className="flex flex-wrap items-baseline justify-between gap-4">
        <h2 className="text-2xl">What the sums stand on</h2>
        <label className="flex items-center gap-2">
          <span className="text-quiet">Find in the tables</span>
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
            wanted === "" ? table.rows : table.rows.filter((row) => row[0].toLowerCase().includes(wanted))
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
          {props.searching ? `${props.rows.length} of ${props.all}` : props.all}
        </span>
      </summary>
      <p className="py-2 text-quiet">{props.note}</p>
      {(props.searching || open) && <Rows {...props} />}
    </details>
  );
}

function Rows({ title, head, rows }: TableData) {
  return (
    <div
      className="overflow-x-auto"
      tabIndex={0}
      role="region"
      aria-label={`Table of ${title.toLowerCase()}`}
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
                <td key={head[i]} className={/^[\d–]/.test(cell) ? "figure" : ""}>
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
