import type { SittingBody } from "@/contracts/sitting";
import type { NearestPlan } from "@/core/schedule/answer";
import { Told } from "@/ui/measures";
import { sayDemand } from "./say";
import { ScoreLookedAt } from "./score-looked-at";
import * as words from "@/words/sitting/nearest-score";

interface Props {
  nearest: NearestPlan;
  body: SittingBody;
  timeZone: string;
  nowMs: number;
}

/** The clash in the score: the plan that comes nearest, and in ember what of it does not fit. */
export function NearestScore({ nearest, body, timeZone, nowMs }: Props) {
  return (
    <section aria-label={words.thePlanThatComesNearest} className="mt-4">
      <h3 className="text-xl">{words.thePlanThatComesNearest}</h3>
      <p>
        {words.allButThisIsKept(
          <Told>{nearest.letGo.map(sayDemand).join("; ")}</Told>,
          <strong>{words.inEmber}</strong>,
        )}
      </p>
      <ScoreLookedAt
        planned={nearest}
        body={body}
        tableMs={body.tableMs}
        timeZone={timeZone}
        nowMs={nowMs}
        misfits={new Set(nearest.misfits)}
      />
    </section>
  );
}
