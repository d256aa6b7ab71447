import type { Answer } from "@/core/schedule/answer";
import { OfferList, type OfferListProps } from "./offer-list";
import { Told } from "@/ui/measures";
import { sayDemand } from "./say";
import * as words from "@/words/sitting/clash-panel";

interface Props extends OfferListProps {
  answer: Extract<Answer, { status: "clash" }>;
  tablePast: boolean;
}

/** Why there is no plan, in as few demands as clash, and the least changes that clear it. */
export function ClashPanel({ answer, tablePast, ...offered }: Props) {
  return (
    <section aria-label={words.clash} className="border-l-8 border-error bg-base-100 p-4">
      <div role="alert">
        <h2 className="text-2xl">{words.thatHourIsPast(tablePast)}</h2>
      </div>
      {!tablePast && answer.clash.length > 0 && (
        <>
          <p className="text-lg">{words.moreThanOneThingDoes(Boolean(answer.besides))}</p>
          <Wishes of={answer.clash} />
          {answer.besides?.map((wishes, i) => (
            <div key={i}>
              <p className="text-lg">{words.andTheseWhichHaveNothing}</p>
              <Wishes of={wishes} />
            </div>
          ))}
        </>
      )}
      {answer.unsure && <p className="text-sm text-quiet">{words.tooManyPossibilitiesToCheck}</p>}
      <h3 className="mt-3 text-xl">{words.smallestChangesThatMakeIt}</h3>
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
