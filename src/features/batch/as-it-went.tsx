"use client";

import dynamic from "next/dynamic";
import { orMissing } from "@/ui/or-missing";
import type { BatchDetail } from "@/contracts/views";
import type { WorkView } from "@/contracts/work";
import type { DerivedBatch } from "@/contracts/at-work";
import { FAULT_NAME } from "@/core/journal/outcome";
import { SaltFound } from "./salt-found";
import { capital, grams } from "@/ui/format";
import { sayJudged, sayScore } from "@/ui/judged";
import * as words from "@/words/batch/as-it-went";

const CoreChart = dynamic(
  orMissing(async () => (await import("@/ui/core-chart")).CoreChart),
  {
    ssr: false,
    loading: () => <div className="h-72" aria-hidden />,
  },
);

const MIN_MS = 60_000;

/** Plan against what really happened: weights, core, judgement. Nothing where nothing was entered. */
export function AsItWent({
  batch,
  work,
  derived,
  toHeat,
}: {
  batch: BatchDetail;
  work: WorkView;
  derived: DerivedBatch | null;
  /** Salt it went to the heat with; left out where its sums no longer work out. */
  toHeat: number | undefined;
}) {
  const weighed = batch.sheet.lines.filter((l) => work.weights[l.id] !== undefined);
  const inMs = work.done.stage_1 ?? work.done.go_in ?? batch.startedAtMs;
  const core = work.readings
    .filter((r) => r.channel === "probe" && r.atMs >= inMs)
    .map((r) => ({ atMin: (r.atMs - inMs) / MIN_MS, coreC: r.value }));
  const exit = derived?.exits[0];
  return (
    <>
      {weighed.length > 0 && (
        <section className="mt-6" aria-label={words.reallyWeighed}>
          <h2 className="text-xl">{words.reallyWeighed}</h2>
          <ul>
            {weighed.map((line, i) => (
              <li
                key={`${line.id}-${i}`}
                className="flex justify-between border-b border-dotted border-line py-1"
              >
                <span>{capital(line.name)}</span>
                <span>
                  {words.gOf(
                    <span className="figure">{grams(work.weights[line.id] ?? 0)}</span>,
                    <span className="figure">{grams(line.massG * work.scaledBy)}</span>,
                  )}
                </span>
              </li>
            ))}
          </ul>
        </section>
      )}
      {core.length > 1 && (
        <section className="mt-6" aria-label={words.coreReadings}>
          <h2 className="text-xl">{words.coreAsRead}</h2>
          <CoreChart
            readings={core}
            forecast={[]}
            outC={exit?.outC ?? 60}
            endC={exit?.endC ?? 63}
            safeMinC={derived?.sheet.food.safeMinC ?? null}
            sinceMs={inMs}
            timeZone={batch.timeZone}
          />
        </section>
      )}
      {work.judged && (
        <section className="mt-6" aria-label={words.judged}>
          <h2 className="text-xl">{words.howItWas}</h2>
          <SaltFound
            judged={work.judged}
            wanted={batch.formulation.preparation.targetFraction}
            {...(toHeat !== undefined && { held: toHeat })}
          />
          <p>{sayJudged(work.judged) || words.notScored}</p>
          {work.judged.faults.length > 0 && <p>{work.judged.faults.map((f) => FAULT_NAME[f]).join(", ")}</p>}
          {work.judged.eaters && (
            <p>
              {words.saltEaterByEater(
                work.judged.eaters.map((e) => `${e.who}: ${sayScore("salt", e.salt)}`).join(" · "),
              )}
            </p>
          )}
          {work.judged.words && <p className="whitespace-pre-wrap">“{work.judged.words}”</p>}
        </section>
      )}
      {work.photos.length > 0 && (
        <section className="mt-6" aria-label={words.photos}>
          <h2 className="text-xl">{words.photos}</h2>
          <ul className="flex flex-wrap gap-3">
            {work.photos.map((photo, i) => (
              <li key={photo.id}>
                {/* oxlint-disable-next-line nextjs/no-img-element -- out of the kitchen's own database */}
                <img
                  src={`/api/batches/${batch.id}/photos/${photo.id}`}
                  width={photo.width}
                  height={photo.height}
                  alt={words.weighedOfWanted({
                    batchName: batch.name,
                    amount: i + 1,
                    photosCount: work.photos.length,
                  })}
                  className="h-48 w-auto"
                />
              </li>
            ))}
          </ul>
        </section>
      )}
    </>
  );
}
