"use client";

import { tableOf } from "@/contracts/plan";
import { requestOf, type SittingView } from "@/contracts/sitting";
import type { Answer } from "@/core/schedule/answer";
import { fullDate } from "@/ui/format";
import { ActsByTime } from "./acts-by-time";
import { Provisions } from "./provisions";

interface Props {
  sitting: SittingView;
  planned: Extract<Answer, { status: "planned" }> | undefined;
}

const NOTHING: ReadonlySet<string> = new Set();

/** The sitting on paper: every act by time, and what to buy and weigh. */
export function PrintSitting({ sitting, planned }: Props) {
  return (
    <main className="mx-auto max-w-3xl bg-white p-8 text-black">
      <h1 className="text-3xl">{sitting.body.name}</h1>
      <p className="text-lg">
        We eat {fullDate(sitting.body.tableMs, sitting.timeZone)}
        {planned?.late &&
          `, late by ${planned.late.byMin} min: ${fullDate(tableOf(sitting.body.tableMs, planned), sitting.timeZone)}`}
        .
      </p>
      {planned ? (
        <ActsByTime tasks={planned.tasks} dishes={new Map()} timeZone={sitting.timeZone} pinned={NOTHING} />
      ) : (
        <p>It does not fit as it stands: open the sitting, and take one of the changes offered.</p>
      )}
      <Provisions request={requestOf(sitting)} soakH={planned?.soakH} />
    </main>
  );
}
