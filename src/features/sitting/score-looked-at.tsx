import type { SittingBody } from "@/contracts/sitting";
import type { NearestPlan } from "@/core/schedule/answer";
import { ActsByTime } from "./acts-by-time";
import { ScoreView } from "./score-view";

interface Props {
  planned: Pick<NearestPlan, "tasks" | "nights">;
  body: SittingBody;
  /** When it is on the table by this plan. */
  tableMs: number;
  timeZone: string;
  nowMs: number;
  /** Acts that do not fit, where no plan is whole. */
  misfits?: ReadonlySet<string>;
}

const NOTHING_PUT: ReadonlyMap<string, number> = new Map();

/** A plan that is looked at and not gone by: the score, on a phone its acts by time; nothing in it can be moved. */
export function ScoreLookedAt({ planned, body, tableMs, timeZone, nowMs, misfits }: Props) {
  const shared = { timeZone, misfits, pinned: NOTHING_PUT };
  return (
    <>
      <ScoreView
        {...shared}
        planned={planned}
        dishes={body.dishes}
        tableMs={tableMs}
        fridgeL={body.kitchen.fridgeL}
        nowMs={nowMs}
      />
      <div className="md:hidden">
        <ActsByTime {...shared} tasks={planned.tasks} dishes={new Map(body.dishes.map((d) => [d.id, {}]))} />
      </div>
    </>
  );
}
