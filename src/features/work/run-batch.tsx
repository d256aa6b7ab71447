"use client";

import Link from "next/link";
import { useMemo, useState } from "react";
import type { BatchDetail, KitchenView } from "@/contracts/views";
import type { WorkView } from "@/contracts/work";
import { formulate } from "@/core/formula/formulate";
import type { ActKind } from "@/core/work/act";
import { actsFor } from "@/core/work/acts";
import { batchNote } from "@/ui/batch-state";
import { Shell } from "@/ui/shell/shell";
import { useLasting } from "@/ui/use-lasting";
import { currentOf, placed } from "./act-state";
import { ActCard } from "./act-card";
import { ActList } from "./act-list";
import { Alarms } from "./alarms";
import { HandsFree } from "./hands-free";
import { CookPanel } from "./cook-panel";
import { Instruments } from "./instruments";
import { JudgePanel } from "./judge-panel";
import { useBatchClock } from "./use-batch-clock";
import { useWork } from "./use-work";
import { WeighIn } from "./weigh-in";

interface Props {
  kitchen: KitchenView;
  batch: BatchDetail;
  work: WorkView;
  nowMs: number;
}

/** Most taps are sent sooner, and nothing need be said of them. */
const SAID_AFTER_MS = 1000;

/** One batch at work: one act at a time, large; what is next; the scale, the probe, the table. */
export function RunBatch({ batch, work: first, nowMs: serverNowMs }: Props) {
  const { work, connected, waiting, problem, act } = useWork(first);
  const nowMs = useBatchClock(work.clock, serverNowMs);
  const behind = useLasting(!connected || waiting > 0, SAID_AFTER_MS);
  const { formulation } = batch;
  const result = useMemo(
    () => formulate(formulation, { rateFactor: batch.rate.factor }),
    [formulation, batch.rate.factor],
  );
  const [shown, setShown] = useState<string | null>(null);
  const zone = batch.timeZone;
  if (!result.ok)
    return (
      <Shell title="At work">
        <p className="p-6">The sums of this batch no longer work out; its sheet stands on its own page.</p>
      </Shell>
    );
  const sheet = result.value;
  const startedAtMs = startOf(work);
  const acts = placed(actsFor(formulation, sheet), startedAtMs, work.done, nowMs);
  const current = acts.find((a) => a.id === shown) ?? currentOf(acts);
  const missed = acts.filter((a) => a.missed);

  const confirm = (id: string, byTimer = false) => {
    const atMs = Math.round(nowMs);
    act({ method: "PUT", path: `acts/${id}`, body: { atMs, ...(byTimer && { byTimer }) } });
    const kind = acts.find((a) => a.id === id)?.kind;
    // What is in the oven, resting or on the table is out of its soak, whether or not that was tapped.
    const out =
      id === "lift_out" || (kind !== undefined && (sheet.crust ? OUT_OF_CRUST : OUT_OF_SOAK).includes(kind));
    if (out && work.liftedAtMs === null)
      act({ method: "POST", path: "lift", body: { atMs: Math.max(atMs, work.startedAtMs) } });
    setShown(null);
  };
  const undo = (id: string) => {
    act({ method: "DELETE", path: `acts/${id}` });
    setShown(id);
  };

  const cooking =
    acts.some((a) => a.kind === "cook" && a.doneMs !== undefined) || (sheet.crust && work.done.go_in);
  return (
    <Shell
      title="At work"
      note={
        <span>
          <Link href={`/batch/${batch.id}`} className="font-semibold underline">
            {batch.name}
          </Link>{" "}
          · {batchNote(batch)}
          {work.clock.speed !== 1 && ` · rehearsal, ${work.clock.speed} ×`}
        </span>
      }
      actions={
        <>
          <HandsFree acts={acts} nowMs={nowMs} onOver={(id) => confirm(id, true)} />
          <Alarms acts={acts} nowMs={nowMs} />
        </>
      }
    >
      {behind && (
        <p className="border-l-8 border-warning bg-base-100 px-4 py-2" role="status">
          {connected ? "" : "The last known state is shown; taps are kept here. "}
          {waiting > 0 && `${waiting} not sent yet.`}
        </p>
      )}
      {problem && (
        <p className="border-l-8 border-error bg-base-100 px-4 py-2" role="alert">
          {problem}
        </p>
      )}
      <div className="grid grid-cols-[minmax(0,1fr)] gap-6 p-4 lg:grid-cols-[minmax(0,1fr)_24rem] lg:p-6">
        <div className="space-y-6">
          {current ? (
            <ActCard act={current} nowMs={nowMs} timeZone={zone} onDone={() => confirm(current.id)} />
          ) : (
            <p className="font-display text-3xl">All done. How was it?</p>
          )}
          {current?.kind === "weighOut" && (
            <WeighIn
              input={formulation}
              sheet={sheet}
              weights={work.weights}
              scale={work.scale}
              scaledBy={work.scaledBy}
              onScale={(scaledBy) => act({ method: "PUT", path: "scaled", body: { scaledBy } })}
              // A real scale is poured onto by hand: only the simulated one has to be told.
              onPan={(pan) =>
                work.instruments.includes("scale") &&
                act({ method: "PUT", path: "instruments/scale", body: pan })
              }
              onWeigh={(lineId, grams) => act({ method: "PUT", path: "weights", body: { lineId, grams } })}
            />
          )}
          {cooking && (
            <CookPanel
              input={formulation}
              sheet={sheet}
              work={work}
              acts={acts}
              nowMs={nowMs}
              timeZone={zone}
              onRead={(channel, coreC) =>
                act({
                  method: "POST",
                  path: "samples",
                  body: { channel, atMs: Math.round(nowMs), value: coreC },
                })
              }
            />
          )}
          {(acts.some((a) => a.kind === "serve" && a.doneMs !== undefined) || !current) && (
            <JudgePanel
              batch={batch}
              sheet={sheet}
              work={work}
              sent={waiting === 0}
              onJudge={(judged) => act({ method: "PUT", path: "outcome", body: judged })}
            />
          )}
        </div>
        <aside className="space-y-6">
          {missed.length > 0 && (
            <section className="border-l-8 border-warning bg-base-100 p-3" aria-label="Missed">
              <h2 className="text-xl">Passed over</h2>
              <ActList acts={missed} nowMs={nowMs} timeZone={zone} onShow={setShown} onUndo={undo} />
            </section>
          )}
          <section aria-label="Acts">
            <h2 className="text-xl">What is next</h2>
            <ActList
              acts={acts.filter((a) => a.doneMs === undefined && !a.missed && a.id !== current?.id)}
              nowMs={nowMs}
              timeZone={zone}
              onShow={setShown}
              onUndo={undo}
            />
          </section>
          <details>
            <summary className="min-h-11 cursor-pointer text-xl font-display font-bold">
              Done{" "}
              <span className="figure text-base">{acts.filter((a) => a.doneMs !== undefined).length}</span>
            </summary>
            <ActList
              acts={acts.filter((a) => a.doneMs !== undefined)}
              nowMs={nowMs}
              timeZone={zone}
              onShow={setShown}
              onUndo={undo}
            />
          </details>
          {work.liftedAtMs === null && work.done.go_in !== undefined && (
            <Link className="btn min-h-11 w-full" href={`/batch/${batch.id}`}>
              Late or early? What it holds now
            </Link>
          )}
          <Instruments batchId={batch.id} work={work} parts={formulation.cook?.parts ?? []} />
        </aside>
      </div>
    </Shell>
  );
}

const OUT_OF_CRUST: ActKind[] = ["rest", "serve", "store"];
const OUT_OF_SOAK: ActKind[] = ["finish", "cook", ...OUT_OF_CRUST];

/** From the real going in, once it is confirmed; till then from the plan. */
const startOf = (work: WorkView): number => work.done.go_in ?? work.startedAtMs;
