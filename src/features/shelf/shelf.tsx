"use client";

import Link from "next/link";
import type { BatchView, KitchenView } from "@/contracts/views";
import { capital } from "@/ui/format";
import { batchTime } from "@/contracts/work";
import { nextAct } from "@/ui/batch-state";
import { fullDate, shortDate } from "@/ui/format";
import { UndoLiftButton } from "@/ui/lift-button";
import { Shell } from "@/ui/shell/shell";
import { useNow } from "@/ui/use-now";
import { Countdown } from "./countdown";
import { EmptyShelf } from "./empty-shelf";
import { ShelfBatch } from "./shelf-batch";
import { useUnits } from "@/ui/measures";

interface Props {
  kitchen: KitchenView;
  running: BatchView[];
  finished: BatchView[];
  empty: boolean;
  nowMs: number;
}

/** Home: every running batch as its crock, and the acts to come in order. */
export function Shelf({ kitchen, running, finished, empty, nowMs: serverNowMs }: Props) {
  const nowMs = useNow(serverNowMs);
  return (
    <Shell
      title="Shelf"
      note={
        <>
          {kitchen.name} · {fullDate(nowMs, kitchen.timeZone)}
        </>
      }
      actions={
        <Link href="/bench" className="btn btn-primary min-h-11">
          Start a batch
        </Link>
      }
    >
      {empty ? (
        <EmptyShelf />
      ) : (
        <div className="grid lg:h-full lg:grid-cols-[minmax(0,1fr)_19rem]">
          <div className="p-4 lg:overflow-y-auto lg:p-6">
            {running.length > 0 ? (
              <div className="grid gap-x-6 gap-y-10 sm:grid-cols-2 xl:grid-cols-3">
                {running.map((batch) => (
                  <ShelfBatch key={batch.id} batch={batch} nowMs={nowMs} />
                ))}
              </div>
            ) : (
              <p className="text-lg">Nothing is soaking. The Bench has the formulas.</p>
            )}
            {finished.length > 0 && <LatelyOut batches={finished} nowMs={nowMs} />}
          </div>
          <NextActs batches={running} nowMs={nowMs} />
        </div>
      )}
    </Shell>
  );
}

function NextActs({ batches, nowMs: wallMs }: { batches: BatchView[]; nowMs: number }) {
  const units = useUnits();
  const acts = batches
    .map((batch) => {
      const nowMs = batchTime(batch.clock, wallMs);
      return { batch, nowMs, ...nextAct(batch, nowMs) };
    })
    .sort((a, b) => a.atMs - a.nowMs - (b.atMs - b.nowMs));
  return (
    <aside className="border-line bg-base-100 p-4 lg:overflow-y-auto lg:border-l" aria-label="Next acts">
      <h2 className="text-xl">Next acts</h2>
      {acts.length === 0 && <p className="text-quiet">None: nothing is soaking.</p>}
      <ol>
        {acts.map(({ batch, act, atMs, nowMs }) => (
          <li key={batch.id} className="flex items-center justify-between gap-3 border-b border-line py-3">
            <span className="min-w-0">
              <span className="block leading-tight font-semibold">
                {capital(act)}: {batch.name}
              </span>
              <span className="text-sm text-quiet">{units.when(atMs, nowMs, batch.timeZone)}</span>
            </span>
            <Countdown toMs={atMs} nowMs={nowMs} />
          </li>
        ))}
      </ol>
    </aside>
  );
}

const UNDO_FOR_MS = 2 * 3_600_000;

function LatelyOut({ batches, nowMs }: { batches: BatchView[]; nowMs: number }) {
  return (
    <section className="mt-10">
      <h2 className="text-xl">Finished lately</h2>
      <ul>
        {batches.map((batch) => (
          <li
            key={batch.id}
            className="flex min-h-12 items-center justify-between gap-3 border-b border-line"
          >
            <Link href={`/batch/${batch.id}`} className="min-w-0 flex-1 truncate py-3 font-semibold">
              {batch.name}
            </Link>
            {batch.liftedAtMs !== null && (
              <span className="text-quiet">taken out {shortDate(batch.liftedAtMs, batch.timeZone)}</span>
            )}
            {batch.liftedAtMs !== null && nowMs - batch.liftedAtMs < UNDO_FOR_MS && (
              <UndoLiftButton batchId={batch.id} name={batch.name} />
            )}
          </li>
        ))}
      </ul>
    </section>
  );
}
