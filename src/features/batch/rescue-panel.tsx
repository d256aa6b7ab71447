"use client";

import { useState } from "react";
import type { BatchDetail } from "@/contracts/views";
import type { Rescue } from "@/core/formula/change/rescue";
import { duration, fixed, percent } from "@/ui/format";
import { useAnswer } from "@/ui/what-if/use-answer";
import { whatIfWorker } from "@/ui/what-if/workers";
import * as words from "@/words/batch/rescue-panel";

const HOUR_MS = 3_600_000;
/** The ways are worked out for the last whole minute: they do not change by the second. */
const MINUTE_MS = 60_000;

/** Late or early: what is in the food now, and what can be done, each way with its computed outcome. */
export function RescuePanel({ batch, nowMs }: { batch: BatchDetail; nowMs: number }) {
  const [open, setOpen] = useState(false);
  return (
    <section className="mt-6">
      <div className="flex items-center justify-between gap-4">
        <h2 className="text-xl">{words.lateOrEarly}</h2>
        <button
          type="button"
          className="btn min-h-11"
          aria-expanded={open}
          onClick={() => setOpen((now) => !now)}
        >
          {words.close(open)}
        </button>
      </div>
      {open && <Ways batch={batch} nowMs={Math.floor(nowMs / MINUTE_MS) * MINUTE_MS} />}
    </section>
  );
}

function Ways({ batch, nowMs }: { batch: BatchDetail; nowMs: number }) {
  const hour = (ms: number) => (ms - batch.startedAtMs) / HOUR_MS;
  const nowH = hour(nowMs);
  const rate = { factor: batch.rate.factor };
  const key = JSON.stringify([batch.id, nowMs, rate, batch.poured]);
  const asked = useAnswer(key, () =>
    whatIfWorker().rescues(
      batch.formulation,
      rate,
      { nowH, untilH: hour(batch.plannedLiftAtMs) },
      batch.poured,
    ),
  );
  if (asked.status === "working") return <p className="py-3 text-quiet">{words.workingOutTheWays}</p>;
  if (asked.status === "failed") return <p className="py-3 text-error">{words.theSumsDoNotWork}</p>;
  return (
    <ol className="mt-2" aria-label={words.waysOutTheBestFirst}>
      {asked.value.map((way) => (
        <li
          key={way.way}
          className="flex flex-wrap items-center justify-between gap-x-6 border-b border-line py-3"
        >
          <p className="max-w-prose flex-1 basis-64 font-semibold">{sayWay(way)}</p>
          <p className="text-sm">
            {words.meanSurfaceCentre({
              meanFraction: <span className="figure text-lg">{percent(way.meanFraction)}</span>,
              surfaceFraction: <span className="figure">{percent(way.surfaceFraction)}</span>,
              centreFraction: <span className="figure">{percent(way.centreFraction)}</span>,
            })}
          </p>
        </li>
      ))}
    </ol>
  );
}

function sayWay({ way, hours, amount = 0 }: Rescue): string {
  switch (way) {
    case "lift_now":
      return words.takeItOutNowAnd;
    case "wait":
      return words.leaveItInAnother(duration(hours));
    case "pull_and_rest":
      return words.takeItOutNowAndOfHours(duration(hours));
    case "rinse":
      return words.takeItOutAndStand(Math.round(amount));
    case "dilute":
      return words.addLOfColdWater(fixed(amount, 1), duration(hours));
    case "salt_elsewhere":
      return words.cookItNowAndLeave({ over: amount, leftOutG: fixed(amount, 1), putOnG: fixed(-amount, 1) });
  }
}
