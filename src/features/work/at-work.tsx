"use client";

import Link from "next/link";
import { batchTime } from "@/contracts/work";
import type { BatchView, KitchenView } from "@/contracts/views";
import { batchNote, nextAct } from "@/ui/batch-state";
import { capital, duration, whenFrom } from "@/ui/format";
import { Shell } from "@/ui/shell/shell";
import { useNow } from "@/ui/use-now";

interface Props {
  kitchen: KitchenView;
  running: BatchView[];
  cooking: BatchView[];
  nowMs: number;
}

/** Every batch with something still to do: the soaks, and what is to be cooked, eaten and judged. */
export function AtWork({ kitchen, running, cooking, nowMs: serverNowMs }: Props) {
  const nowMs = useNow(serverNowMs);
  return (
    <Shell title="At work" note={kitchen.name}>
      <div className="space-y-8 p-4 lg:p-6">
        {running.length + cooking.length === 0 && (
          <p className="text-lg">
            Nothing is at work.{" "}
            <Link href="/bench" className="underline">
              Start a batch on the Bench
            </Link>
            .
          </p>
        )}
        {running.length > 0 && (
          <section>
            <h2 className="text-2xl">Standing now</h2>
            <ul>
              {running.map((batch) => {
                const ownMs = batchTime(batch.clock, nowMs);
                const next = nextAct(batch, ownMs);
                const hours = (next.atMs - ownMs) / 3_600_000;
                return (
                  <BatchRow key={batch.id} batch={batch}>
                    {capital(next.act)} {whenFrom(next.atMs, ownMs, batch.timeZone)}
                    {hours > 0 ? `, in ${duration(hours)}` : ", due"}
                  </BatchRow>
                );
              })}
            </ul>
          </section>
        )}
        {cooking.length > 0 && (
          <section>
            <h2 className="text-2xl">To cook, eat and judge</h2>
            <ul>
              {cooking.map((batch) => (
                <BatchRow key={batch.id} batch={batch}>
                  out {whenFrom(batch.liftedAtMs ?? nowMs, nowMs, batch.timeZone)}
                </BatchRow>
              ))}
            </ul>
          </section>
        )}
      </div>
    </Shell>
  );
}

function BatchRow({ batch, children }: { batch: BatchView; children: React.ReactNode }) {
  return (
    <li className="border-b border-line">
      <Link
        href={`/work/${batch.id}`}
        className="flex min-h-16 flex-wrap items-center justify-between gap-x-6 py-2"
      >
        <span>
          <span className="block font-display text-xl font-bold">{batch.name}</span>
          <span className="text-quiet">{batchNote(batch)}</span>
        </span>
        <span className="figure text-lg">{children}</span>
      </Link>
    </li>
  );
}
