import type { Answer } from "@/core/schedule/answer";
import type { Offer } from "@/core/schedule/offers";
import type { Offers } from "./use-plan";
import { sayDemand, sayOffer } from "./say";
import { useUnits } from "@/ui/measures";

interface Props {
  answer: Extract<Answer, { status: "clash" }>;
  offers: Offers;
  timeZone: string;
  tablePast: boolean;
  titleOf: (taskId: string) => string;
  onTake: (offer: Offer) => void;
}

/** Why there is no plan, in as few demands as clash, and the least changes that clear it. */
export function ClashPanel({ answer, offers, timeZone, tablePast, titleOf, onTake }: Props) {
  const units = useUnits();
  return (
    <section aria-label="Clash" className="border-l-8 border-error bg-base-100 p-4">
      <div role="alert">
        <h2 className="text-2xl">{tablePast ? "That hour is past" : "It does not fit"}</h2>
      </div>
      {!tablePast && answer.clash.length > 0 && (
        <>
          <p className="text-lg">These wishes collide. Letting go of any one of them solves it:</p>
          <ul className="list-disc pl-6 text-lg">
            {answer.clash.map((facts, i) => (
              <li key={i}>{sayDemand(facts)}</li>
            ))}
          </ul>
        </>
      )}
      {answer.unsure && <p className="text-sm text-quiet">Too many possibilities to check them all.</p>}
      <h3 className="mt-3 text-xl">Smallest changes that make it fit</h3>
      {offers === "working" && <p role="status">Trying changes…</p>}
      {offers === "failed" && (
        <p role="alert">The planner broke. What you entered is kept; load the page again.</p>
      )}
      {Array.isArray(offers) && offers.length === 0 && (
        <p>Nothing small helps: fewer dishes, or another day.</p>
      )}
      {Array.isArray(offers) && (
        <ol className="space-y-2">
          {offers.map((offer) => (
            <li key={offer.id}>
              <button
                type="button"
                className="btn h-auto min-h-14 w-full justify-start py-2 text-left text-lg font-normal"
                data-offer={offer.id}
                onClick={() => onTake(offer)}
              >
                {offer.changes.map((facts) => sayOffer(facts, timeZone, titleOf, units)).join(", and ")}
              </button>
            </li>
          ))}
        </ol>
      )}
    </section>
  );
}
