"use client";

import { tableOf } from "@/contracts/plan-followed";
import { requestOf } from "@/contracts/sitting-request";
import type { SittingView } from "@/contracts/sitting";
import type { Answer } from "@/core/schedule/answer";
import { ActsByTime } from "./acts-by-time";
import { ScoreView } from "./score-view";
import { Provisions } from "./provisions";
import { useUnits } from "@/ui/measures";
import * as words from "@/words/sitting/print-sitting";

interface Props {
  sitting: SittingView;
  planned: Extract<Answer, { status: "planned" }> | undefined;
}

const NOTHING_PUT: ReadonlyMap<string, number> = new Map();

/** The sitting on paper: the score, every act by time, and what to buy and weigh. */
export function PrintSitting({ sitting, planned }: Props) {
  const units = useUnits();
  return (
    <main className="mx-auto max-w-3xl bg-white p-8 text-black">
      <h1 className="text-3xl">{sitting.body.name}</h1>
      <p className="text-lg">
        {words.weEat(
          units.fullDate(sitting.body.tableMs, sitting.timeZone),
          planned?.late &&
            words.lateBy(
              planned.late.byMin,
              units.fullDate(tableOf(sitting.body.tableMs, planned), sitting.timeZone),
            ),
        )}
      </p>
      {planned ? (
        <>
          <div className="mt-4">
            <ScoreView
              paper
              planned={planned}
              dishes={sitting.body.dishes}
              tableMs={tableOf(sitting.body.tableMs, planned)}
              fridgeL={sitting.body.kitchen.fridgeL}
              timeZone={sitting.timeZone}
              nowMs={0}
              pinned={NOTHING_PUT}
            />
          </div>
          <h2 className="mt-6 text-2xl break-before-page">{words.actByAct}</h2>
          <ActsByTime
            tasks={planned.tasks}
            dishes={new Map(sitting.body.dishes.map((d) => [d.id, {}]))}
            timeZone={sitting.timeZone}
            pinned={NOTHING_PUT}
          />
        </>
      ) : (
        <p>{words.itDoesNotFitAs}</p>
      )}
      <Provisions request={requestOf(sitting)} soakH={planned?.soakH} />
    </main>
  );
}
