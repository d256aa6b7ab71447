"use client";

import { Link } from "@/ui/link";
import type { BatchView } from "@/contracts/views";
import { RAIL_FROM_H, RAIL_TO_H } from "@/core/formula/soak/window";
import { batchTime } from "@/core/program/batch-clock";
import { batchNote, nextAct } from "@/ui/batch-words";
import { percent } from "@/ui/format";
import { LiftButton } from "@/ui/lift-button";
import { useUnits } from "@/ui/measures";
import { stateAt, stateWord } from "@/ui/rail/scale";
import { SoakRail } from "@/ui/rail/soak-rail";
import { Countdown } from "./countdown";
import type { CrockNow } from "./crock-now";
import * as words from "@/words/shelf/shelf-batch";

const HOUR_MS = 3_600_000;

interface Props {
  batch: BatchView;
  /** As it stood when the page was last read. */
  now: CrockNow;
  nowMs: number;
}

/** One batch as its crock on the shelf: what it is, where it is on the rail, the next act and when. */
export function ShelfBatch({ batch, now: { picture, window, meanFraction }, nowMs: wallMs }: Props) {
  const units = useUnits();
  const nowMs = batchTime(batch.clock, wallMs);
  const hours = (nowMs - batch.startedAtMs) / HOUR_MS;
  const next = nextAct(batch, nowMs);
  const running = hours >= 0;
  return (
    <article className="flex flex-col" aria-label={batch.name} data-batch={batch.id}>
      <Link href={`/batch/${batch.id}`} className="block" aria-label={words.open(batch.name)}>
        <div className="h-32">{picture}</div>
        <div className="h-3 bg-[var(--iron)]" />
        <div className="px-2">
          <div className="ml-6 h-3 w-2.5 bg-[var(--iron)]" />
          <h2 className="mt-1 line-clamp-2 text-xl leading-tight">{batch.name}</h2>
          <p className="leading-snug text-quiet">{batchNote(batch, units)}</p>
        </div>
      </Link>
      <div className="px-2">
        {running ? (
          <>
            <SoakRail
              window={window}
              hours={Math.min(RAIL_TO_H, Math.max(RAIL_FROM_H, hours))}
              marks="now"
              compact
            />
            <p className="mt-1 text-sm">
              <strong>{stateWord(stateAt(window, hours), window)}</strong>
              {meanFraction !== null && (
                <span className="text-quiet">
                  {" "}
                  {words.mean(<span className="figure">{percent(meanFraction)}</span>)}
                </span>
              )}
            </p>
          </>
        ) : (
          <p className="mt-3 text-quiet">{words.plannedNotInYet}</p>
        )}
        <div className="mt-1 flex items-end justify-between gap-2">
          <div>
            <p className="font-semibold">
              {next.act} {units.when(next.atMs, nowMs, batch.timeZone)}
            </p>
            <Countdown toMs={next.atMs} nowMs={nowMs} />
          </div>
          {running && <LiftButton batchId={batch.id} name={batch.name} clock={batch.clock} />}
        </div>
      </div>
    </article>
  );
}
