import type { Answer } from "@/core/schedule/answer";
import { OfferList, type OfferListProps } from "./offer-list";
import { Told } from "@/ui/measures";
import { sayDemand } from "./say";

interface Props extends OfferListProps {
  answer: Extract<Answer, { status: "clash" }>;
  tablePast: boolean;
}

/** Why there is no plan, in as few demands as clash, and the least changes that clear it. */
export function ClashPanel({ answer, tablePast, ...offered }: Props) {
  return (
    <section aria-label="Clash" className="border-l-8 border-error bg-base-100 p-4">
      <div role="alert">
        <h2 className="text-2xl">{tablePast ? "That hour is past" : "It does not fit"}</h2>
      </div>
      {!tablePast && answer.clash.length > 0 && (
        <>
          <p className="text-lg">
            {answer.besides
              ? "More than one thing does not fit. These wishes collide, and one of them has to go:"
              : "These wishes collide. Letting go of any one of them solves it:"}
          </p>
          <Wishes of={answer.clash} />
          {answer.besides?.map((wishes, i) => (
            <div key={i}>
              <p className="text-lg">
                And these, which have nothing to do with the others: of them, too, one has to go.
              </p>
              <Wishes of={wishes} />
            </div>
          ))}
        </>
      )}
      {answer.unsure && <p className="text-sm text-quiet">Too many possibilities to check them all.</p>}
      <h3 className="mt-3 text-xl">Smallest changes that make it fit</h3>
      <OfferList {...offered} />
    </section>
  );
}

const Wishes = ({ of: wishes }: { of: Props["answer"]["clash"] }) => (
  <ul className="list-disc pl-6 text-lg">
    {wishes.map((facts, i) => (
      <li key={i}>
        <Told>{sayDemand(facts)}</Told>
      </li>
    ))}
  </ul>
);
