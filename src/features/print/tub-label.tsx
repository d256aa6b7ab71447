"use client";

import { pantryOf } from "@/core/materials/pantry";
import { grams } from "@/ui/format";
import { outAfterH, type PrintData } from "./print-sheet";
import { Told, useUnits } from "@/ui/measures";
import { allergenName } from "@/ui/names";

const LABELS_A_SHEET = 4;
const HOUR_MS = 3_600_000;

/** Tub labels, several to a sheet: what, start, window, allergens, made by. */
export function TubLabels({ data }: { data: PrintData }) {
  return (
    <section className="grid grid-cols-2 gap-4" aria-label="Tub labels">
      {Array.from({ length: LABELS_A_SHEET }, (_, i) => (
        <TubLabel key={i} data={data} />
      ))}
    </section>
  );
}

function TubLabel({ data }: { data: PrintData }) {
  const { formulation: f, sheet, kitchenName, timeZone, startedAtMs } = data;
  const units = useUnits();
  const food = pantryOf(f.own).food(f.foodId);
  const allergens = [...new Set([...(food?.allergens ?? []), ...sheet.lines.flatMap((l) => l.allergens)])];
  const at = (hours: number) =>
    startedAtMs === undefined ? "________" : units.dayAndClock(startedAtMs + hours * HOUR_MS, timeZone);
  const readyH = sheet.ready.likely;
  return (
    <div className="break-inside-avoid border-2 border-[var(--iron)] p-3">
      <p className="truncate font-display text-2xl font-bold">{f.name}</p>
      <p className="truncate">
        {food?.name ?? f.foodId}, {grams(f.pieces.totalMassG)} g raw
      </p>
      <dl className="my-2 grid grid-cols-[auto_1fr] gap-x-3">
        <dt>In</dt>
        <dd className="figure">{at(0)}</dd>
        <dt className="font-bold">Out</dt>
        <dd className="figure text-xl font-bold">{at(outAfterH(data))}</dd>
        <dt>Ready</dt>
        <dd className="figure">{readyH === undefined ? "not while it keeps" : `from ${at(readyH)}`}</dd>
        <dt>Keeps until</dt>
        <dd className="figure">{at(sheet.past.likely ?? 96)}</dd>
      </dl>
      <p>
        Allergens:{" "}
        {allergens.length > 0 ? allergens.map(allergenName).join(", ") : "none in the table; read labels"}
      </p>
      <p className="mt-1 text-sm">
        <Told>Raw: keep at 4 °C or below.</Told> {kitchenName}. Made by: ____________
      </p>
    </div>
  );
}
