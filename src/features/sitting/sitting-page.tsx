"use client";

import { FollowCalendar } from "./follow-calendar";
import { useRouter } from "next/navigation";
import { useEffect, useMemo, useRef, useState } from "react";
import { v4 as newId } from "uuid";
import { bodyFrom, requestOf } from "@/contracts/sitting-request";
import type { SittingDish, SittingView } from "@/contracts/sitting";
import type { BatchView, FormulaView, KitchenView } from "@/contracts/views";
import { tableOf } from "@/contracts/plan-followed";
import type { Offer } from "@/core/schedule/offers";
import type { PlannedTask } from "@/core/schedule/planned-tasks";
import { batchTime } from "@/core/program/batch-clock";
import { stillOvenC } from "@/core/heat/oven";
import { send } from "@/ui/send";
import { Shell } from "@/ui/shell/shell";
import { useNow } from "@/ui/use-now";
import { ClashPanel } from "./clash-panel";
import { DishesPanel } from "./dishes-panel";
import { KeptNote } from "./kept-note";
import { LateNote } from "./late-note";
import { OfferPreview } from "./offer-preview";
import { NearestScore } from "./nearest-score";
import { KitchenPanel } from "./kitchen-panel";
import { PlanView } from "./plan-view";
import { Provisions } from "./provisions";
import { useMoves } from "./use-moves";
import { SittingSentence } from "./sitting-sentence";
import { useOffers } from "./use-plan";
import { useSitting } from "./use-sitting";
import { useUnits } from "@/ui/measures";
import * as words from "@/words/sitting/sitting-page";

interface Props {
  kitchen: KitchenView;
  sitting: SittingView;
  formulas: FormulaView[];
  running: BatchView[];
  nowMs: number;
}

/** One sitting: the table time and its dishes, planned backwards; what clashes, and the least change. */
export function SittingPage({ kitchen, sitting: first, formulas, running, nowMs: serverNowMs }: Props) {
  const units = useUnits();
  const router = useRouter();
  const wallMs = useNow(serverNowMs);
  const { view, kept, change, settled, take, takeTheirs, keepMine } = useSitting(first);
  const { body, timeZone, plan } = view;
  const nowMs = batchTime(view.clock, wallMs);
  const request = useMemo(() => requestOf(view), [view]);
  const { answer } = plan;
  const working = kept === "keeping";
  const offers = useOffers(request, answer.status === "clash" ? answer : undefined, nowMs);
  const planned = answer.status === "planned" ? answer : undefined;
  const moves = useMoves(planned?.tasks);
  const [problem, setProblem] = useState<string | null>(null);
  const [kitchenOpen, setKitchenOpen] = useState(false);
  /** The change that is looked at, before it is taken. */
  const [looking, setLooking] = useState<{ offer: Offer; revision: number } | null>(null);
  // What changed meanwhile may have made it another change.
  const looked = looking?.revision === view.revision ? looking.offer : null;
  const titles = useRef(new Map<string, string>());
  useEffect(() => {
    for (const task of planned?.tasks ?? []) titles.current.set(task.id, task.title);
  }, [planned]);

  const move = (task: PlannedTask, startMs: number) =>
    change((b) => ({
      ...b,
      pins: [
        ...b.pins.filter((p) => p.taskId !== task.id),
        { taskId: task.id, startMs: Math.round(startMs) },
      ],
    }));
  // One name for one start: tapped again because no answer came, it makes no second batch.
  const starts = useRef(new Map<string, string>());
  const start = async (dish: Extract<SittingDish, { kind: "formula" }>) => {
    const batchId = starts.current.get(dish.id) ?? newId();
    starts.current.set(dish.id, batchId);
    const sent = await send<SittingView>("POST", `/api/sittings/${view.id}/dishes/${dish.id}/start`, {
      batchId,
      baseRevision: await settled(),
      acknowledgements: [],
    });
    // A stop wants a reason: the Bench asks for it and keeps it.
    const bench = !sent.ok && sent.problem.status === 422 ? words.startItOnTheBench : "";
    if (!sent.ok) return setProblem(`${dish.name}: ${sent.problem.detail}${bench}`);
    setProblem(null);
    take(sent.value);
    router.refresh();
  };
  const planAgain = async () => {
    const sent = await send<SittingView>("POST", `/api/sittings/${view.id}/plan`);
    if (!sent.ok) return setProblem(sent.problem.detail);
    take(sent.value);
  };
  const offered = {
    timeZone,
    titleOf: (id: string) => titles.current.get(id) ?? id,
    looked,
    onLook: (offer: Offer) => setLooking({ offer, revision: view.revision }),
  };
  const preview = looked && !working && (
    <OfferPreview
      offer={looked}
      body={body}
      timeZone={timeZone}
      nowMs={nowMs}
      onTake={() => {
        setLooking(null);
        change((b) => bodyFrom(b, looked.request));
      }}
      onBack={() => setLooking(null)}
    />
  );
  const overdue = planned?.tasks.find((t) => t.handsOn && nowMs - t.startMs > OVERDUE_MS);

  return (
    <Shell
      title={words.sitting}
      head={
        <SittingSentence
          body={body}
          answer={answer}
          working={working}
          nowMs={nowMs}
          timeZone={timeZone}
          onChange={change}
          onKitchen={() => setKitchenOpen(true)}
        />
      }
      actions={
        <>
          <a className="btn min-h-11" href={`/print/sitting/${view.id}`}>
            {words.print}
          </a>
          <FollowCalendar sittingId={view.id} />
          <a className="btn min-h-11" href={`/api/sittings/${view.id}/acts`}>
            {words.csv}
          </a>
          <a className="btn min-h-11" href={`/api/sittings/${view.id}/file`}>
            {words.file}
          </a>
        </>
      }
    >
      <div className="grid grid-cols-[minmax(0,1fr)] lg:h-full lg:grid-cols-[20rem_minmax(0,1fr)]">
        <div
          className={`relative border-line p-4 lg:order-none lg:overflow-y-auto lg:border-r ${body.dishes.length > 0 ? "order-last" : ""}`}
        >
          <KeptNote kept={kept} onTakeTheirs={takeTheirs} onKeepMine={keepMine} />
          <DishesPanel
            usualC={stillOvenC(kitchen.usual.oven)}
            body={body}
            formulas={formulas}
            running={running}
            onChange={(dishes) => change({ dishes })}
            onStart={(dish) => void start(dish)}
          />
          {problem && (
            <p role="alert" className="border-l-8 border-error pl-2">
              {problem}
            </p>
          )}
          <KitchenPanel
            body={body}
            timeZone={timeZone}
            open={kitchenOpen}
            onOpen={setKitchenOpen}
            onChange={change}
          />
        </div>
        <div
          className="relative min-w-0 p-4 lg:overflow-auto"
          // Scrolled by the keyboard too, where nothing in it takes the focus.
          tabIndex={0}
          role="region"
          aria-label={words.theHoursAndWhatThey}
        >
          {answer.status === "broken" && (
            <p role="alert" className="text-lg">
              {words.theSumsOfNoLonger(answer.dish)}
            </p>
          )}
          {answer.status === "clash" && !working && (
            <>
              <ClashPanel answer={answer} offers={offers} tablePast={body.tableMs <= nowMs} {...offered} />
              {preview}
              {!preview && answer.nearest && (
                <NearestScore nearest={answer.nearest} body={body} timeZone={timeZone} nowMs={nowMs} />
              )}
            </>
          )}
          {planned?.late && (
            <LateNote
              late={planned.late}
              tableMs={tableOf(body.tableMs, planned)}
              request={request}
              nowMs={nowMs}
              {...offered}
            />
          )}
          {planned?.late && preview}
          {overdue && (
            <p className="mb-3 flex flex-wrap items-center gap-3 border-l-8 border-warning bg-base-100 p-3 text-lg">
              <span className="flex-1">
                {words.wasPlannedForAndIs({
                  dish: overdue.dish,
                  overdueTitle: overdue.title,
                  startMs: units.dayAndClock(overdue.startMs, timeZone),
                })}
              </span>
              <button type="button" className="btn min-h-11" onClick={() => void planAgain()}>
                {words.planAgainFromNow}
              </button>
            </p>
          )}
          {plan.better && !overdue && (
            <p className="mb-3 flex flex-wrap items-center gap-3 border-l-8 border-primary bg-base-100 p-3 text-lg">
              <span className="flex-1">{sayBetter(plan.better)}</span>
              <button type="button" className="btn min-h-11" onClick={() => void planAgain()}>
                {words.takeTheBetterPlan}
              </button>
            </p>
          )}
          {planned && body.dishes.length > 0 && (
            <PlanView
              planned={planned}
              body={body}
              timeZone={timeZone}
              nowMs={nowMs}
              working={working}
              moves={moves}
              onMove={move}
              onUnpin={(taskId) => change((b) => ({ ...b, pins: b.pins.filter((p) => p.taskId !== taskId) }))}
            />
          )}
          <Provisions request={request} soakH={planned?.soakH} />
        </div>
      </div>
    </Shell>
  );
}

/** So late without a tick an act is said to be. */
const OVERDUE_MS = 15 * 60_000;

const sayBetter = (better: NonNullable<SittingView["plan"]["better"]>): string =>
  words.thereIsABetterPlan(better.waitsLessMin);
