import { useState } from "react";
import type { ClashFacts } from "@/core/schedule/answer";
import type { SittingRequest } from "@/core/schedule/request";
import { useUnits } from "@/ui/measures";
import { OfferList, type OfferListProps } from "./offer-list";
import { useOffers } from "./use-plan";
import * as words from "@/words/sitting/late-note";

interface Props extends Omit<OfferListProps, "offers"> {
  late: ClashFacts & { byMin: number };
  /** When it is on the table now. */
  tableMs: number;
  request: SittingRequest;
  nowMs: number;
}

/** What is on its way comes late: by how much, and what would still hold the hour where something would. */
export function LateNote({ late, tableMs, request, nowMs, ...offered }: Props) {
  const units = useUnits();
  const [asked, setAsked] = useState(false);
  const offers = useOffers(request, asked ? late : undefined, nowMs);
  return (
    <section aria-label={words.late} className="mb-3 border-l-8 border-warning bg-base-100 p-3">
      <div className="flex flex-wrap items-center gap-3">
        <p role="status" className="flex-1 text-2xl">
          {words.lateByOnTheTable(
            <b className="figure">{late.byMin} min</b>,
            <b className="figure">{units.dayAndClock(tableMs, offered.timeZone)}</b>,
          )}
        </p>
        {!asked && (
          <button type="button" className="btn min-h-11" onClick={() => setAsked(true)}>
            {words.whatWouldHoldTheHour}
          </button>
        )}
      </div>
      {asked && (
        <div className="mt-3">
          <OfferList offers={offers} {...offered} />
        </div>
      )}
    </section>
  );
}
