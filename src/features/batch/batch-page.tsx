"use client";

import { Link } from "@/ui/link";
import { Suspense } from "react";
import type { DerivedBatch } from "@/contracts/at-work";
import type { BatchDetail, KitchenView } from "@/contracts/views";
import type { WorkView } from "@/contracts/work";
import type { Formulation } from "@/core/formulation";
import type { Proposal } from "@/core/journal/next-time";
import { hasBath, isBaked } from "@/core/preparations";
import { batchTime } from "@/core/program/batch-clock";
import { wentOn } from "@/core/program/out";
import type { Program } from "@/core/program/step";
import { batchNote } from "@/ui/batch-words";
import { duration, fixed, grams, offBy, percent } from "@/ui/format";
import { LiftButton, UndoLiftButton } from "@/ui/lift-button";
import { SoakRail } from "@/ui/rail/soak-rail";
import { SaltLedger } from "@/ui/salt-ledger";
import { Section } from "@/ui/section/section";
import { Shell } from "@/ui/shell/shell";
import { useNow } from "@/ui/use-now";
import { READ_AGAIN_MS, useReread } from "@/ui/use-reread";
import { WeighLines } from "@/ui/weigh-lines";
import { AsItWent } from "./as-it-went";
import { BatchFiles } from "./batch-files";
import { NextTime } from "./next-time";
import { PlanAndReal } from "./plan-and-real";
import { useBatchState } from "./use-batch-state";

import { ReadingsPanel } from "./readings-panel";
import { RescuePanel } from "./rescue-panel";
import { useTold, useUnits } from "@/ui/measures";
import * as words from "@/words/batch/batch-page";

interface Props {
  kitchen: KitchenView;
  batch: BatchDetail;
  work: WorkView;
  drawnWith: string;
  /** Left out where its sums no longer work out. */
  derived: DerivedBatch | null;
  newest: { version: number; formulation: Formulation };
  proposals: Proposal[];
  nowMs: number;
}

/** As the server sent it, until its sums are worked out here too. */
export function BatchPage(props: Props) {
  return (
    <Suspense fallback={null}>
      <BatchNow {...props} />
    </Suspense>
  );
}

/** One batch: the food in it now (or when it came out), what was weighed, what happened. */
function BatchNow(props: Props) {
  const { kitchen, batch, work, derived, newest, proposals, nowMs: serverNowMs } = props;
  useReread(props.drawnWith, READ_AGAIN_MS);
  const units = useUnits();
  const nowMs = batchTime(batch.clock, useNow(serverNowMs));
  const atMs = batch.liftedAtMs ?? nowMs;
  const { sheet, outcome, hours, onRail, state, window } = useBatchState(batch, atMs);
  const lifted = batch.liftedAtMs !== null;
  const zone = batch.timeZone;
  return (
    <Shell
      title={batch.name}
      note={<>{words.formulaVersion(batchNote(batch, units), batch.version)}</>}
      actions={
        <>
          <Link className="btn btn-primary min-h-11" href={`/work/${batch.id}`}>
            {words.atWork}
          </Link>
          <Link className="btn min-h-11" href={`/print/batch/${batch.id}`}>
            {words.printSheetAndLabel}
          </Link>
          <Link className="btn min-h-11" href={`/bench?formula=${batch.formulaId}&version=${batch.version}`}>
            {words.onTheBenchAgain}
          </Link>
          {lifted
            ? !isFurther(batch, work, derived) && <UndoLiftButton batchId={batch.id} name={batch.name} />
            : hours >= 0 && <LiftButton batchId={batch.id} name={batch.name} clock={batch.clock} />}
        </>
      }
    >
      <div className="grid lg:h-full lg:grid-cols-[minmax(0,1fr)_20.5rem]">
        <div className="relative p-4 lg:overflow-y-auto lg:p-6">
          {hours < 0 ? (
            <p className="text-xl">{words.goesIn(units.dayAndClock(batch.startedAtMs, zone))}</p>
          ) : (
            <>
              <div className="flex flex-wrap items-baseline justify-between gap-x-4">
                <h2 className="text-xl">
                  {words.whenItCameOutAt({ lifted, hours: duration(hours), state })}
                </h2>
                {outcome && (
                  <p className="text-sm text-quiet">
                    {words.surfaceMeanCentre({
                      surfaceFraction: <span className="figure">{percent(outcome.surfaceFraction)}</span>,
                      meanFraction: <span className="figure">{percent(outcome.meanFraction)}</span>,
                      centreFraction: <span className="figure">{percent(outcome.centreFraction)}</span>,
                    })}
                  </p>
                )}
              </div>
              {sheet && outcome && (
                <div className="mx-auto h-72 max-w-3xl">
                  <Section input={batch.formulation} sheet={sheet} outcome={outcome} units={units} />
                </div>
              )}
              <SoakRail
                window={window}
                hours={onRail}
                marks={words.mark(lifted)}
                start={{ atMs: batch.startedAtMs, timeZone: zone }}
              />
            </>
          )}
          {!lifted && hours >= 0 && !isBaked(batch.formulation) && (
            <RescuePanel batch={batch} nowMs={nowMs} />
          )}
          {hasBath(batch.formulation) && hours > 0 && (
            <ReadingsPanel batch={batch} movedH={movedBy(batch.sheet.ready.likely, window.ready.likely)} />
          )}
          <AsItWent batch={batch} work={work} derived={derived} toHeat={outcome?.toHeat.meanFraction} />
          {derived && <PlanAndReal batch={batch} work={work} program={derived.program} />}
          <NextTime formulaId={batch.formulaId} newest={newest} proposals={proposals} />
          <Times isIn={hours >= 0} batch={batch} program={derived?.program} />
          <BatchFiles batch={batch} />
          <Acknowledged batch={batch} />
        </div>
        <div className="relative border-line bg-base-100 p-4 lg:overflow-y-auto lg:border-l">
          <h2 className="text-xl">{words.weighedOut}</h2>
          <WeighLines lines={batch.sheet.lines} measures={kitchen.measures} />
          <dl className="my-4 space-y-1">
            <Fact term={words.flesh} figure={`${grams(batch.sheet.fleshG)} g`} />
            {batch.sheet.brineFraction !== undefined && (
              <Fact term={words.brineStrength} figure={`${percent(batch.sheet.brineFraction)} %`} />
            )}
            <Fact
              term={words.sodiumAPortionAsPlanned}
              figure={`${fixed(batch.sheet.atPull.sodiumMgPerPortion, 0)} mg`}
            />
          </dl>
          {outcome && hours >= 0 && <SaltLedger ledger={outcome.ledger} />}
          {batch.formulation.notes && <p className="mt-4 whitespace-pre-wrap">{batch.formulation.notes}</p>}
        </div>
      </div>
    </Shell>
  );
}

/** In the heat or at the table, by what was ticked off: it is not put back before that is taken back. */
const isFurther = ({ formulation }: BatchDetail, { done }: WorkView, derived: DerivedBatch | null): boolean =>
  wentOn(
    derived?.program.steps.map((s) => [s.id, s.kind] as const) ?? [],
    (id) => done[id] !== undefined,
    isBaked(formulation),
  );

const movedBy = (toldH: number | undefined, nowH: number | undefined) =>
  toldH === undefined || nowH === undefined ? undefined : nowH - toldH;

function Fact({ term, figure }: { term: string; figure: string }) {
  return (
    <div className="flex justify-between border-b border-dotted border-line">
      <dt className="text-quiet">{term}</dt>
      <dd className="figure">{figure}</dd>
    </div>
  );
}

const EVENT_WORDS: Record<string, string> = words.eventWords;

/** What is said of a tap whose device had another time. */
const clockOff = (aheadMs: number): string => words.tappedOnADeviceWhose(offBy(aheadMs), aheadMs);

interface TimesProps {
  batch: BatchDetail;
  program: Program | undefined;
  /** Its hour to go in is past. */
  isIn: boolean;
}

function Times({ batch, program, isIn }: TimesProps) {
  const told = useTold();
  const units = useUnits();
  /** An act as the program names it; by its own id where the sums no longer work out. */
  const titleOf = (id: string) =>
    told(program?.steps.find((s) => s.id === id)?.title ?? id.replaceAll("_", " "));
  const happened = batch.events.filter((event) => isIn || event.kind !== "started");
  const toCome = [
    ...(isIn ? [] : [[words.toGoIn, batch.startedAtMs] as const]),
    ...(batch.liftedAtMs === null ? [[words.toBeTakenOut, batch.plannedLiftAtMs] as const] : []),
  ];
  return (
    <section className="mt-6">
      <h2 className="text-xl">{words.whatHappened}</h2>
      <ol>
        {happened.map((event, i) => (
          <li key={i} className="flex justify-between gap-4 border-b border-dotted border-line py-2">
            <span>
              {event.kind === "started" && event.atMs !== batch.startedAtMs
                ? words.wasToGoIn
                : (EVENT_WORDS[event.kind] ?? event.kind)}
              {event.what && `: ${titleOf(event.what)}`}
              {event.deviceAheadMs !== null && event.deviceAheadMs !== 0 && (
                <span className="block text-sm text-quiet">{clockOff(event.deviceAheadMs)}</span>
              )}
            </span>
            <span className="figure shrink-0 text-sm">{units.date(event.atMs, batch.timeZone)}</span>
          </li>
        ))}
        {toCome.map(([what, atMs]) => (
          <li
            key={what}
            className="flex justify-between gap-4 border-b border-dotted border-line py-2 text-quiet"
          >
            <span>{what}</span>
            <span className="figure text-sm">{units.date(atMs, batch.timeZone)}</span>
          </li>
        ))}
      </ol>
    </section>
  );
}

function Acknowledged({ batch }: { batch: BatchDetail }) {
  if (batch.acknowledgements.length === 0) return null;
  return (
    <section className="mt-6">
      <h2 className="text-xl">{words.acknowledgedAtTheStart}</h2>
      <ul>
        {batch.acknowledgements.map((a) => (
          <li key={a.ruleId} className="border-b border-dotted border-line py-2">
            <strong className="text-error">{a.severity}: </strong>
            {a.title}
            <span className="block">“{a.reason}”</span>
          </li>
        ))}
      </ul>
    </section>
  );
}
