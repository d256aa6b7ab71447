"use client";

import { tableOf } from "@/contracts/plan-followed";
import { bodyFrom } from "@/contracts/sitting-request";
import type { SittingBody } from "@/contracts/sitting";
import type { Offer } from "@/core/schedule/offers";
import { useUnits } from "@/ui/measures";
import { ScoreLookedAt } from "./score-looked-at";
import { usePreview } from "./use-plan";
import * as words from "@/words/sitting/offer-preview";

interface Props {
  offer: Offer;
  body: SittingBody;
  timeZone: string;
  nowMs: number;
  onTake: () => void;
  onBack: () => void;
}

/** The score as it would be with one change: looked at first, taken or left. */
export function OfferPreview({ offer, body, timeZone, nowMs, onTake, onBack }: Props) {
  const units = useUnits();
  const preview = usePreview(offer.request, nowMs);
  const then = bodyFrom(body, offer.request);
  const planned = typeof preview === "object" && preview.status === "planned" ? preview : undefined;
  const tableMs = planned ? tableOf(then.tableMs, planned) : then.tableMs;
  return (
    <section aria-label={words.preview} className="mt-4" aria-busy={preview === "working"}>
      <div className="flex flex-wrap items-center gap-3 border-l-8 border-primary bg-base-100 p-3">
        <p role="status" className="flex-1 basis-60 text-lg">
          {planned ? (
            <>{words.withThisChangeOnThe(<b className="figure">{units.dayAndClock(tableMs, timeZone)}</b>)}</>
          ) : (
            words.planningWithThisChange(preview)
          )}
        </p>
        <button type="button" className="btn btn-primary min-h-12 text-lg" onClick={onTake}>
          {words.takeThisChange}
        </button>
        <button type="button" className="btn min-h-12" onClick={onBack}>
          {words.back}
        </button>
      </div>
      {planned && (
        <ScoreLookedAt planned={planned} body={then} tableMs={tableMs} timeZone={timeZone} nowMs={nowMs} />
      )}
    </section>
  );
}
