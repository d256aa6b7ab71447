import type { SheetSnapshot } from "@/contracts/sheet";
import type { Formulation, Pieces } from "@/core/formulation";
import { pantryOf } from "@/core/materials/pantry";
import { choiceOf, described, isBaked } from "@/core/preparations";
import type { Program } from "@/core/program/step";
import type { MeasureSystem } from "@/core/quantity/spoons";
import { duration, fixed, grams, percent, roughly } from "@/ui/format";
import { Told } from "@/ui/measures";
import { PLACE_SAID, PREPARATION_NAME } from "@/ui/names";
import { ReckonedHere } from "@/ui/reckoned-here";
import { ShareCode } from "@/ui/share-code";
import { unitsOf } from "@/ui/units";
import { WeighLines } from "@/ui/weigh-lines";
import { Method } from "./method";
import * as words from "@/words/print/print-sheet";

export interface PrintData {
  formulation: Formulation;
  sheet: SheetSnapshot;
  measures: MeasureSystem;
  kitchenName: string;
  timeZone: string;
  /** What is done, step by step. */
  program: Program;
  /** Left out for a draft: nothing has been put in yet. */
  startedAtMs?: number | undefined;
  /** When it is to be taken out: a sitting's plan may give it other hours than its formula. */
  takeOutAtMs?: number | undefined;
  /** How fast salt goes in here, over the table. */
  rateFactor?: number | undefined;
}

const HOUR_MS = 3_600_000;

/** After how many hours it is taken out. */
export const outAfterH = ({
  formulation,
  startedAtMs,
  takeOutAtMs,
}: Pick<PrintData, "formulation" | "startedAtMs" | "takeOutAtMs">): number =>
  startedAtMs === undefined || takeOutAtMs === undefined
    ? formulation.pullH
    : (takeOutAtMs - startedAtMs) / HOUR_MS;

/** How many, how thick, how long. A count stands for itself: "2 × 38 mm" would read as two lengths. */
const sayPieces = ({ count, thicknessMm, thin, lengthMm }: Pieces): string =>
  [
    words.pieces(count),
    words.mmThick(fixed(thicknessMm, 0)),
    thin && words.mmInTheThinPart(fixed(thin.thicknessMm, 0)),
    lengthMm !== undefined && words.mmLong(fixed(lengthMm, 0)),
  ]
    .filter(Boolean)
    .join(", ");

/** The weigh-out sheet on one page, black on white. */
export function PrintSheet({
  formulation: f,
  sheet,
  measures,
  kitchenName,
  timeZone,
  program,
  startedAtMs,
  takeOutAtMs,
  rateFactor,
}: PrintData) {
  const units = unitsOf(measures);
  const outH = outAfterH({ formulation: f, startedAtMs, takeOutAtMs });
  const { ready, past, atPull } = sheet;
  const food = pantryOf(f.own).food(f.foodId);
  const baked = isBaked(f);
  return (
    <article className="flow-root break-after-page" aria-label={words.weighOutSheet}>
      <header className="mb-3 flex items-baseline justify-between border-b-4 border-[var(--iron)] pb-1">
        <h1 className="text-3xl">{f.name}</h1>
        <span>{kitchenName}</span>
      </header>
      <dl className="mb-3 grid grid-cols-2 gap-x-8 gap-y-1">
        <Row term={words.food} text={`${food?.name ?? f.foodId}, ${sayPieces(f.pieces)}`} />
        <Row
          term={words.weightOfAllPieces}
          text={words.gFlesh(grams(f.pieces.totalMassG), grams(sheet.fleshG))}
        />
        {sheet.brineFraction !== undefined && (
          <Row term={words.brineStrength} text={words.byWeight(percent(sheet.brineFraction))} />
        )}
        <Row
          term={words.heldAt}
          text={words.holding({
            temperature: units.temperature(f.holding.temperatureC),
            place: PLACE_SAID[f.holding.place],
            covered: f.holding.covered,
          })}
        />
        <Row term={words.preparation} text={PREPARATION_NAME[choiceOf(f.preparation)]} />
        <Row term={words.bakeFor(baked)} text={duration(outH)} />
        <Row
          term={words.readyLikely}
          text={words.standsTooLongFrom(
            ready.likely === undefined ? words.over4D : roughly(ready.likely),
            roughly(past.likely ?? 96),
          )}
        />
        <Row
          term={words.saltInTheFleshThen}
          text={words.mean({
            meanFraction: percent(atPull.meanFraction),
            centreFraction: percent(atPull.centreFraction),
            last: described(f.preparation).words.spots.last,
          })}
        />
        <Row
          term={words.sodiumAPortion}
          text={words.mgOfPortions(fixed(atPull.sodiumMgPerPortion, 0), f.portions)}
        />
        {startedAtMs !== undefined && (
          <>
            <Row term={words.goesIn} text={units.date(startedAtMs, timeZone)} />
            <Row term={words.takeOut} text={units.date(startedAtMs + outH * HOUR_MS, timeZone)} />
          </>
        )}
      </dl>
      <h2 className="text-xl">{words.weighOut}</h2>
      <WeighLines lines={sheet.lines} measures={measures} />
      <Method program={program} startedAtMs={startedAtMs} timeZone={timeZone} />
      {f.notes && <p className="mt-3 whitespace-pre-wrap">{f.notes}</p>}
      {f.reserve && (
        <p className="mt-3 font-semibold">{words.setOfItAsideBefore(percent(f.reserve.share, 0))}</p>
      )}
      <p className="mt-3 text-sm">
        {words.followYourLocalFoodCode(<Told>{described(f.preparation).words.care}</Told>)}
      </p>
      <ReckonedHere heat={f.heatHere} rateFactor={rateFactor} onPaper />
      <ShareCode formulation={f} />
      <p className="mt-6 border-t border-line pt-2 text-sm">{words.reallyWeighedWentInTaken}</p>
    </article>
  );
}

function Row({ term, text }: { term: string; text: string }) {
  return (
    <div className="flex justify-between gap-3 border-b border-dotted border-line">
      <dt>{term}</dt>
      <dd className="text-right font-semibold tabular-nums">
        <Told>{text}</Told>
      </dd>
    </div>
  );
}
