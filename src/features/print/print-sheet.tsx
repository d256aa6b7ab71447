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
    count === 1 ? "1 piece" : `${count} pieces`,
    `${fixed(thicknessMm, 0)} mm thick`,
    thin && `${fixed(thin.thicknessMm, 0)} mm in the thin part`,
    lengthMm !== undefined && `${fixed(lengthMm, 0)} mm long`,
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
    <article className="flow-root break-after-page" aria-label="Weigh-out sheet">
      <header className="mb-3 flex items-baseline justify-between border-b-4 border-[var(--iron)] pb-1">
        <h1 className="text-3xl">{f.name}</h1>
        <span>{kitchenName}</span>
      </header>
      <dl className="mb-3 grid grid-cols-2 gap-x-8 gap-y-1">
        <Row term="Food" text={`${food?.name ?? f.foodId}, ${sayPieces(f.pieces)}`} />
        <Row
          term="Weight of all pieces"
          text={`${grams(f.pieces.totalMassG)} g (flesh ${grams(sheet.fleshG)} g)`}
        />
        {sheet.brineFraction !== undefined && (
          <Row term="Brine strength" text={`${percent(sheet.brineFraction)} % by weight`} />
        )}
        <Row
          term="Held at"
          text={`${units.temperature(f.holding.temperatureC)} ${PLACE_SAID[f.holding.place]}, ${f.holding.covered ? "covered" : "uncovered"}`}
        />
        <Row term="Preparation" text={PREPARATION_NAME[choiceOf(f.preparation)]} />
        <Row term={baked ? "Bake for" : "Take out after"} text={duration(outH)} />
        <Row
          term="Ready, likely"
          text={`${ready.likely === undefined ? "over 4 d" : roughly(ready.likely)}; stands too long from ${roughly(past.likely ?? 96)}`}
        />
        <Row
          term="Salt in the flesh then"
          text={`${percent(atPull.meanFraction)} % mean, ${percent(atPull.centreFraction)} % ${described(f.preparation).words.spots.last}`}
        />
        <Row
          term="Sodium a portion"
          text={`${fixed(atPull.sodiumMgPerPortion, 0)} mg of ${f.portions} portions`}
        />
        {startedAtMs !== undefined && (
          <>
            <Row term="Goes in" text={units.date(startedAtMs, timeZone)} />
            <Row term="Take out" text={units.date(startedAtMs + outH * HOUR_MS, timeZone)} />
          </>
        )}
      </dl>
      <h2 className="text-xl">Weigh out</h2>
      <WeighLines lines={sheet.lines} measures={measures} />
      <Method program={program} startedAtMs={startedAtMs} timeZone={timeZone} />
      {f.notes && <p className="mt-3 whitespace-pre-wrap">{f.notes}</p>}
      {f.reserve && (
        <p className="mt-3 font-semibold">
          Set {percent(f.reserve.share, 0)} % of it aside before raw food comes near. What touched raw food is
          boiled or thrown away.
        </p>
      )}
      <p className="mt-3 text-sm">
        <Told>{described(f.preparation).words.care}</Told> Follow your local food code. Not for nitrite
        curing, canning or keeping.
      </p>
      <ReckonedHere heat={f.heatHere} rateFactor={rateFactor} onPaper />
      <ShareCode formulation={f} />
      <p className="mt-6 border-t border-line pt-2 text-sm">
        Really weighed: ____________ Went in: ____________ Taken out: ____________ Initials: ______
      </p>
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
