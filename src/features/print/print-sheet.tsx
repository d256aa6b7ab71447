import type { MeasureSystem } from "@/core/quantity/spoons";
import type { Formulation } from "@/core/formula/model";
import type { SheetSnapshot } from "@/contracts/sheet";
import { findFood } from "@/core/materials/lookup";
import { duration, fixed, grams, percent, roughly, shortDate } from "@/ui/format";
import { WeighLines } from "@/ui/weigh-lines";

export interface PrintData {
  formulation: Formulation;
  sheet: SheetSnapshot;
  measures: MeasureSystem;
  kitchenName: string;
  timeZone: string;
  /** Left out for a draft: nothing has been put in yet. */
  startedAtMs?: number;
}

/** The weigh-out sheet on one page, black on white. */
export function PrintSheet({
  formulation: f,
  sheet,
  measures,
  kitchenName,
  timeZone,
  startedAtMs,
}: PrintData) {
  const { ready, past, atPull } = sheet;
  const food = findFood(f.foodId);
  return (
    <article className="break-after-page" aria-label="Weigh-out sheet">
      <header className="mb-3 flex items-baseline justify-between border-b-4 border-[var(--iron)] pb-1">
        <h1 className="text-3xl">{f.name}</h1>
        <span>{kitchenName}</span>
      </header>
      <dl className="mb-3 grid grid-cols-2 gap-x-8 gap-y-1">
        <Row
          term="Food"
          text={`${food?.name ?? f.foodId}, ${f.pieces.count} × ${fixed(f.pieces.thicknessMm, 0)} mm`}
        />
        <Row term="On the scale" text={`${grams(f.pieces.totalMassG)} g (flesh ${grams(sheet.fleshG)} g)`} />
        {sheet.brineFraction !== undefined && (
          <Row term="Brine strength" text={`${percent(sheet.brineFraction)} % by weight`} />
        )}
        <Row
          term="Held at"
          text={`${fixed(f.holding.temperatureC, 0)} °C, ${f.holding.covered ? "covered" : "uncovered"}`}
        />
        <Row term="Lift out after" text={duration(f.pullH)} />
        <Row
          term="Ready, likely"
          text={`${ready.likely === undefined ? "over 4 d" : roughly(ready.likely)}; past it ${roughly(past.likely ?? 96)}`}
        />
        <Row
          term="Salt in the flesh then"
          text={`${percent(atPull.meanFraction)} % mean, ${percent(atPull.centreFraction)} % centre`}
        />
        <Row
          term="Sodium a portion"
          text={`${fixed(atPull.sodiumMgPerPortion, 0)} mg of ${f.portions} portions`}
        />
        {startedAtMs !== undefined && (
          <>
            <Row term="Went in" text={shortDate(startedAtMs, timeZone)} />
            <Row term="Lift out" text={shortDate(startedAtMs + f.pullH * 3_600_000, timeZone)} />
          </>
        )}
      </dl>
      <h2 className="text-xl">Weigh out</h2>
      <WeighLines lines={sheet.lines} measures={measures} />
      {f.notes && <p className="mt-3 whitespace-pre-wrap">{f.notes}</p>}
      <p className="mt-3 text-sm">
        Brine cold (4 °C or below) before the food goes in; food under the liquid; fridge at or below 4 °C.
        Follow your local food code. Not for nitrite curing, canning or keeping.
      </p>
      <p className="mt-6 border-t border-line pt-2 text-sm">
        Really weighed: ____________ Went in: ____________ Lifted out: ____________ Initials: ______
      </p>
    </article>
  );
}

function Row({ term, text }: { term: string; text: string }) {
  return (
    <div className="flex justify-between gap-3 border-b border-dotted border-line">
      <dt>{term}</dt>
      <dd className="text-right font-semibold tabular-nums">{text}</dd>
    </div>
  );
}
