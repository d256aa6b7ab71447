import type { Offer } from "@/core/schedule/offers";
import { useTold, useUnits } from "@/ui/measures";
import { sayOffer } from "./say";
import type { Offers } from "./use-plan";
import * as words from "@/words/sitting/offer-list";

export interface OfferListProps {
  offers: Offers;
  timeZone: string;
  titleOf: (taskId: string) => string;
  /** The one that is looked at. */
  looked: Offer | null;
  onLook: (offer: Offer) => void;
}

/** Changes that were tried and clear a clash: one tap shows the plan with it. */
export function OfferList({ offers, timeZone, titleOf, looked, onLook }: OfferListProps) {
  const units = useUnits();
  const told = useTold();
  return (
    <>
      {offers === "working" && <p role="status">{words.tryingChanges}</p>}
      {offers === "failed" && <p role="alert">{words.thePlannerBrokeWhatYou}</p>}
      {Array.isArray(offers) && offers.length === 0 && <p>{words.nothingSmallHelpsFewerDishes}</p>}
      {Array.isArray(offers) && (
        <ol className="space-y-2">
          {offers.map((offer) => (
            <li key={offer.id}>
              <button
                type="button"
                className={`btn h-auto min-h-14 w-full justify-start py-2 text-left text-lg font-normal ${looked?.id === offer.id ? "btn-neutral" : ""}`}
                data-offer={offer.id}
                aria-pressed={looked?.id === offer.id}
                onClick={() => onLook(offer)}
              >
                {told(
                  offer.changes.map((facts) => sayOffer(facts, timeZone, titleOf, units)).join(words.and),
                )}
              </button>
            </li>
          ))}
        </ol>
      )}
    </>
  );
}
