import dynamic from "next/dynamic";
import { NotYet, orMissing } from "@/ui/or-missing";
import { batchTime } from "@/core/program/batch-clock";
import type { PlacedStep } from "@/core/program/at-work";
import { ReckonedHere } from "@/ui/reckoned-here";
import type { Entry, Refused } from "@/ui/outbox-queue";
import type { DishAtWork } from "./dish-at-work";
import { refusedCore, refusedJudgement, refusedWeights } from "./refused";
import { kitchenNow } from "@/ui/kitchen-time";

/* Fetched when their hour comes. */
const CorePanel = dynamic(
  orMissing(async () => (await import("./core-panel")).CorePanel),
  { loading: NotYet },
);
const JudgePanel = dynamic(
  orMissing(async () => (await import("./judge-panel")).JudgePanel),
  { loading: NotYet },
);
const WeighIn = dynamic(
  orMissing(async () => (await import("./weigh-in")).WeighIn),
  { loading: NotYet },
);

interface Props {
  dish: DishAtWork;
  current: PlacedStep | undefined;
  /** Everything tapped here is with the server. */
  sent: boolean;
  /** What was entered of it and the server would not have. */
  refused: readonly Refused[];
  putAway: (entry: Entry) => void;
  act: (entry: Entry) => void;
}

/** What belongs to the dish in hand: the scale while it is weighed, its cores while it is in the heat, the table after it. */
export function DishPanels({ dish, current, sent, refused, putAway, act }: Props) {
  const { worked, work, at, nowMs, timeZone } = dish;
  if (!worked || !work) return null;
  const { batch, sheet } = worked;
  const served = at.steps.some((s) => s.kind === "serve" && s.state === "done");
  return (
    <>
      {current?.kind === "weighOut" && (
        <WeighIn
          batch={batch}
          sheet={sheet}
          weights={work.weights}
          scale={work.scale}
          scaledBy={work.scaledBy}
          refused={refusedWeights(refused)}
          onScale={(scaledBy) => act({ method: "PUT", path: "scaled", body: { scaledBy } })}
          // A real scale is poured onto by hand: only the simulated one has to be told.
          onPan={(pan) =>
            work.instruments.includes("scale") && act({ method: "PUT", path: "instruments/scale", body: pan })
          }
          onWeigh={(lineId, grams) => act({ method: "PUT", path: "weights", body: { lineId, grams } })}
        />
      )}
      {at.inHeat.map((heat) => (
        <CorePanel
          key={heat.exit.channel}
          heat={heat}
          foreseen={dish.foreseen[heat.exit.channel]}
          safeMinC={sheet.food.safeMinC}
          several={worked.exits.length > 1}
          nowMs={nowMs}
          timeZone={timeZone}
          tableMs={dish.tableMs}
          refused={refusedCore(refused, heat.exit.channel)}
          onRead={(channel, coreC) => {
            // Of the tap's own instant, not of the page's last tick: two readings of one instant would be one.
            const atMs = Math.round(batchTime(work.clock, kitchenNow()));
            const again = refusedCore(refused, channel);
            if (again) putAway(again.entry);
            act({ method: "POST", path: "samples", body: { channel, atMs, value: coreC } });
          }}
        />
      ))}
      <ReckonedHere heat={batch.formulation.heatHere} rateFactor={batch.rate.factor} />
      {(served || (!current && at.inHeat.length === 0)) && (
        <JudgePanel
          batch={batch}
          work={work}
          sent={sent}
          refused={refusedJudgement(refused)}
          onJudge={(judged) => act({ method: "PUT", path: "outcome", body: judged })}
        />
      )}
    </>
  );
}
