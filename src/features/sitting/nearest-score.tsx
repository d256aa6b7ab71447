import type { SittingBody } from "@/contracts/sitting";
import type { NearestPlan } from "@/core/schedule/answer";
import { Told } from "@/ui/measures";
import { ActsByTime } from "./acts-by-time";
import { sayDemand } from "./say";
import { ScoreView } from "./score-view";

interface Props {
  nearest: NearestPlan;
  body: SittingBody;
  timeZone: string;
  nowMs: number;
}

const NOTHING_PUT: ReadonlyMap<string, number> = new Map();

/** The clash in the score: the plan that comes nearest, and in ember what of it does not fit. */
export function NearestScore({ nearest, body, timeZone, nowMs }: Props) {
  const misfits = new Set(nearest.misfits);
  return (
    <section aria-label="The plan that comes nearest" className="mt-4">
      <h3 className="text-xl">The plan that comes nearest</h3>
      <p>
        All but this is kept: <Told>{sayDemand(nearest.letGo)}</Told>. <strong>In ember</strong>, what does
        not fit.
      </p>
      <ScoreView
        planned={nearest}
        dishes={body.dishes}
        tableMs={body.tableMs}
        fridgeL={body.kitchen.fridgeL}
        timeZone={timeZone}
        nowMs={nowMs}
        pinned={NOTHING_PUT}
        misfits={misfits}
      />
      <div className="md:hidden">
        <ActsByTime
          tasks={nearest.tasks}
          dishes={new Map()}
          timeZone={timeZone}
          pinned={NOTHING_PUT}
          misfits={misfits}
        />
      </div>
    </section>
  );
}
