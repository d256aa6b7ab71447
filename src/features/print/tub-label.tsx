"use client";

import { pantryOf } from "@/core/materials/pantry";
import { grams } from "@/ui/format";
import { outAfterH, type PrintData } from "./print-sheet";
import { Told, useUnits } from "@/ui/measures";
import { allergenName } from "@/ui/names";
import * as words from "@/words/print/tub-label";

const LABELS_A_SHEET = 4;
const HOUR_MS = 3_600_000;

/** Tub labels, several to a sheet: what, start, window, allergens, made by. */
export function TubLabels({ data }: { data: PrintData }) {
  return (
    <section className="grid grid-cols-2 gap-4" aria-label={words.tubLabels}>
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
      <p className="font-display text-2xl leading-tight font-bold">{f.name}</p>
      <p className="leading-tight">{words.gRaw(food?.name ?? f.foodId, grams(f.pieces.totalMassG))}</p>
      <dl className="my-2 grid grid-cols-[auto_1fr] gap-x-3">
        <dt>{words.goesIn}</dt>
        <dd className="figure">{at(0)}</dd>
        <dt className="font-bold">{words.out}</dt>
        <dd className="figure text-xl font-bold">{at(outAfterH(data))}</dd>
        <dt>{words.ready}</dt>
        <dd className="figure">{readyH === undefined ? words.notWhileItKeeps : words.from(at(readyH))}</dd>
        <dt>{words.keepsUntil}</dt>
        <dd className="figure">{at(sheet.past.likely ?? 96)}</dd>
      </dl>
      <p>{words.allergensNoneInTheTable(allergens.length, allergens.map(allergenName).join(", "))}</p>
      <p className="mt-1 text-sm">{words.madeBy(<Told>{words.rawKeepAt4C}</Told>, kitchenName)}</p>
    </div>
  );
}
