"use client";

import { useState } from "react";
import type { ReadingBody } from "@/contracts/requests";
import type { BatchDetail } from "@/contracts/views";
import { RANGES } from "@/core/quantity/ranges";
import { Select } from "@/ui/choice";
import { duration, grams, percent } from "@/ui/format";
import { QuantityField } from "@/ui/quantity-field";
import { sendOrKeep } from "@/ui/outbox";
import { useUnits } from "@/ui/measures";
import { kitchenNow } from "@/ui/kitchen-time";
import * as words from "@/words/batch/readings-panel";

interface Props {
  batch: BatchDetail;
  /** Hours by which the readings moved the likely readiness; undefined where either is unknown. */
  movedH: number | undefined;
}

/** Readings of the bath or the scale correct the rate of this batch, and say by how much and how sure. */
export function ReadingsPanel({ batch, movedH }: Props) {
  const units = useUnits();
  const [problem, setProblem] = useState<string | null>(null);
  const [kept, setKept] = useState(false);
  const act = async (method: "POST" | "DELETE", path: string, body?: unknown) => {
    const { kept, problem } = await sendOrKeep({ method, path: `/api/batches/${batch.id}/${path}`, body });
    setProblem(problem);
    return kept || problem === null;
  };
  return (
    <section className="mt-6" aria-label={words.readings}>
      <h2 className="text-xl">{words.readings}</h2>
      <p className="text-sm text-quiet">{words.saltInRealFleshRuns}</p>
      <ReadingForm
        sugared={batch.formulation.sugarPerSalt > 0}
        startWeightG={batch.formulation.pieces.totalMassG}
        brinePercent={(batch.sheet.brineFraction ?? 0.05) * 100}
        onEnter={(reading) => act("POST", "readings", { atMs: kitchenNow(), reading })}
      />
      {problem && (
        <p role="alert" className="py-1 text-sm text-error">
          {problem}
        </p>
      )}
      <ul>
        {batch.readings.map(({ id, atMs, reading }) => (
          <li key={id} className="flex items-center justify-between gap-3 border-b border-dotted border-line">
            <span>{sayReading(reading)}</span>
            <span className="flex items-center gap-2">
              <span className="figure text-sm">{units.date(atMs, batch.timeZone)}</span>
              <button
                type="button"
                className="btn btn-ghost min-h-11 underline"
                aria-label={words.takeBackTheReadingOf(units.clock(atMs, batch.timeZone))}
                onClick={() => act("DELETE", `readings/${id}`)}
              >
                {words.takeBack}
              </button>
            </span>
          </li>
        ))}
      </ul>
      {batch.readings.length > 0 && batch.rate.doubt !== null && (
        <div className="mt-3 flex flex-wrap items-center justify-between gap-3 border-l-4 border-primary bg-base-100 px-3 py-2">
          <p role="status">
            {sayLearnt(batch.rate.factor, batch.rate.doubt)} {sayMoved(movedH)}
          </p>
          <button
            type="button"
            className="btn min-h-11"
            onClick={async () => setKept(await act("POST", "rate"))}
          >
            {words.keptForThisFood(kept)}
          </button>
        </div>
      )}
    </section>
  );
}

function sayReading(reading: ReadingBody): string {
  return reading.kind === "bathStrength"
    ? words.brineReadAt(percent(reading.saltFraction))
    : words.weighedGBeforeGNow(grams(reading.beforeG), grams(reading.afterG));
}

function sayLearnt(factor: number, doubt: number): string {
  const sure = Math.round((Math.exp(doubt) - 1) * 100);
  return words.saltRunsTheTableIn(factor.toFixed(2), sure);
}

function sayMoved(movedH: number | undefined): string {
  if (movedH === undefined) return words.theWindowIsWorkedOut;
  if (Math.abs(movedH) < 0.1) return words.theWindowStaysWhereIt;
  return words.readyEarlierThanToldAt(duration(Math.abs(movedH)), movedH);
}

function ReadingForm(props: {
  startWeightG: number;
  sugared: boolean;
  brinePercent: number;
  onEnter: (reading: ReadingBody) => Promise<boolean>;
}) {
  const [kind, setKind] = useState<ReadingBody["kind"]>("bathStrength");
  const [strength, setStrength] = useState(Number(props.brinePercent.toFixed(2)));
  const [beforeG, setBeforeG] = useState(props.startWeightG);
  const [afterG, setAfterG] = useState(props.startWeightG);
  const [unread, setUnread] = useState<string | null>(null);
  const onValidity = (_: string, problem: string | null) => setUnread(problem);
  return (
    <div className="max-w-md">
      <Select
        label={words.whatWasRead}
        value={kind}
        options={[
          { value: "bathStrength", label: words.theBrinesStrength },
          { value: "weight", label: words.theFoodsWeight },
        ]}
        onChange={setKind}
      />
      {kind === "bathStrength" ? (
        <QuantityField
          label={words.brineNow}
          unit="%"
          value={strength}
          digits={2}
          step={0.05}
          rule={RANGES.readingPercent}
          onChange={setStrength}
          onValidity={onValidity}
          hint={props.sugared && <p className="py-1 text-sm text-quiet">{words.thereIsSugarInIt}</p>}
        />
      ) : (
        <>
          <QuantityField
            label={words.weightBefore}
            unit="g"
            value={beforeG}
            rule={RANGES.totalMassG}
            onChange={setBeforeG}
            onValidity={onValidity}
          />
          <QuantityField
            label={words.weightNow}
            unit="g"
            value={afterG}
            rule={RANGES.totalMassG}
            onChange={setAfterG}
            onValidity={onValidity}
          />
        </>
      )}
      <button
        type="button"
        className="btn my-2 min-h-11"
        disabled={unread !== null}
        onClick={() =>
          props.onEnter(
            kind === "bathStrength" ? { kind, saltFraction: strength / 100 } : { kind, beforeG, afterG },
          )
        }
      >
        {words.enterTheReading}
      </button>
    </div>
  );
}
