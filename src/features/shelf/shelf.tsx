"use client";

import { Link } from "@/ui/link";
import type { KeptFood, ShelfView } from "@/contracts/shelf";
import type { BatchView } from "@/contracts/views";
import { UndoLiftButton } from "@/ui/lift-button";
import { Shell } from "@/ui/shell/shell";
import { useNow } from "@/ui/use-now";
import { READ_AGAIN_MS, useReread } from "@/ui/use-reread";
import { ActsLine } from "./acts-line";
import type { CrockNow } from "./crock-now";
import { EmptyShelf } from "./empty-shelf";
import { FridgeRoom } from "./fridge-room";
import { SittingsSoon } from "./sittings-soon";
import { ShelfBatch } from "./shelf-batch";
import { useUnits } from "@/ui/measures";
import * as words from "@/words/shelf/shelf";

/** Food in a soak moves by hours; a rehearsal by minutes. */
const REHEARSED_MS = 5_000;

interface Props extends ShelfView {
  /** How each stands, by batch id. */
  crocks: Record<string, CrockNow>;
  /** All that was done when it was drawn. */
  drawnWith: string;
}

/** Home: every running batch as its crock, and the acts to come in order. */
export function Shelf({ crocks, drawnWith, ...view }: Props) {
  const { kitchen, running, finished, acts, sittings, kept, fridge, empty, nowMs: serverNowMs } = view;
  const nowMs = useNow(serverNowMs);
  const units = useUnits();
  const isRehearsed = running.some((b) => b.clock.speed > 1);
  useReread(drawnWith, isRehearsed ? REHEARSED_MS : READ_AGAIN_MS);
  return (
    <Shell
      title={words.shelf}
      note={
        <>
          {kitchen.name} · {units.fullDate(nowMs, kitchen.timeZone)}
        </>
      }
      actions={
        <Link href="/bench" className="btn btn-primary min-h-11">
          {words.startABatch}
        </Link>
      }
    >
      {empty ? (
        <EmptyShelf kitchen={kitchen} />
      ) : (
        <div className="grid lg:h-full lg:grid-cols-[minmax(0,1fr)_19rem]">
          <div className="relative p-4 lg:overflow-y-auto lg:p-6">
            {running.length > 0 ? (
              <div className="grid gap-x-6 gap-y-6 sm:grid-cols-2 xl:grid-cols-3">
                {running.map((batch) => {
                  const now = crocks[batch.id];
                  return now && <ShelfBatch key={batch.id} batch={batch} now={now} nowMs={nowMs} />;
                })}
              </div>
            ) : (
              <p className="text-lg">{words.nothingIsSoakingTheBench}</p>
            )}
            {finished.length > 0 && <LatelyOut batches={finished} kept={kept} nowMs={nowMs} />}
          </div>
          <aside className="relative border-line bg-base-100 p-4 lg:overflow-y-auto lg:border-l">
            <ActsLine acts={acts} nowMs={nowMs} timeZone={kitchen.timeZone} />
            <SittingsSoon sittings={sittings} timeZone={kitchen.timeZone} nowMs={nowMs} />
            <FridgeRoom {...fridge} />
          </aside>
        </div>
      )}
    </Shell>
  );
}

const UNDO_FOR_MS = 2 * 3_600_000;

interface LatelyProps {
  batches: BatchView[];
  kept: readonly KeptFood[];
  nowMs: number;
}

function LatelyOut({ batches, kept, nowMs }: LatelyProps) {
  const units = useUnits();
  return (
    <section className="mt-10">
      <h2 className="text-xl">{words.finishedLately}</h2>
      <ul>
        {batches.map((batch) => (
          <li
            key={batch.id}
            className="flex min-h-12 flex-wrap items-center justify-between gap-x-3 border-b border-line pb-1"
          >
            <Link href={`/batch/${batch.id}`} className="min-w-40 flex-1 py-3 leading-snug font-semibold">
              {batch.name}
            </Link>
            {batch.liftedAtMs !== null && (
              <span className="text-quiet">
                {words.takenOut(units.date(batch.liftedAtMs, batch.timeZone))}
                <UseBy batch={batch} kept={kept} nowMs={nowMs} />
              </span>
            )}
            {batch.liftedAtMs !== null &&
              nowMs - batch.liftedAtMs < UNDO_FOR_MS &&
              !kept.some((k) => k.batchId === batch.id && k.wentOn) && (
                <UndoLiftButton batchId={batch.id} name={batch.name} />
              )}
          </li>
        ))}
      </ul>
    </section>
  );
}

/** Raw food that was lifted out has its days; what was judged was eaten. */
function UseBy({ batch, kept, nowMs }: { batch: BatchView; kept: readonly KeptFood[]; nowMs: number }) {
  const units = useUnits();
  const useByMs = kept.find((k) => k.batchId === batch.id)?.useByMs;
  if (!useByMs) return null;
  const past = nowMs > useByMs;
  return (
    <span className={`block text-sm ${past ? "font-bold text-error" : ""}`}>
      {words.rawPastItsDaysSince(past)} {units.dayAndClock(useByMs, batch.timeZone)}
    </span>
  );
}
