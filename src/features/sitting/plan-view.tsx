"use client";

import { Minus, Plus } from "lucide-react";
import { useState } from "react";
import { tableOf } from "@/contracts/plan-followed";
import type { SittingBody } from "@/contracts/sitting";
import type { Answer } from "@/core/schedule/answer";
import type { PlannedTask } from "@/core/schedule/planned-tasks";
import { Choice } from "@/ui/choice";
import { ActsByTime } from "./acts-by-time";
import { lanesByDish, lanesByResource } from "./lanes";
import { ScoreView } from "./score-view";
import type { Moves } from "./use-moves";
import { laneTops, Timeline } from "./timeline";
import { useUnits } from "@/ui/measures";
import * as words from "@/words/sitting/plan-view";
import { firstOf } from "@/core/sequence";

interface Props {
  planned: Extract<Answer, { status: "planned" }>;
  body: SittingBody;
  timeZone: string;
  nowMs: number;
  working: boolean;
  moves: Moves;
  onMove: (task: PlannedTask, startMs: number) => void;
  onUnpin: (taskId: string) => void;
}

/** Pixels a minute: a week at a glance down to a single hour. */
const ZOOMS = [0.1, 0.2, 0.4, 0.8, 1.6, 3.2, 6.4];
const MIN_MS = 60_000;
const LEAST_PX = 8;
/** Until the cook zooms, all of it is shown in about this width. */
const FITS_PX = 1000;

/** The plan: drawn by time, and as a list of acts. */
export function PlanView(props: Props) {
  const units = useUnits();
  const { planned, body, timeZone, nowMs, working, moves, onMove, onUnpin } = props;
  const tableMs = tableOf(body.tableMs, planned);
  const [by, setBy] = useState<"score" | "dish" | "resource">("score");
  const [chosen, setChosen] = useState<number | null>(null);
  const spanMin = (Math.max(...planned.tasks.map((t) => t.endMs)) - nowMs) / MIN_MS;
  const fitting = ZOOMS.findLastIndex((px) => px * spanMin <= FITS_PX);
  const zoom = chosen ?? Math.max(0, fitting);
  const pxPerMin = ZOOMS[zoom] ?? firstOf(ZOOMS);
  const roomMs = (LEAST_PX / pxPerMin) * MIN_MS;
  const lanes =
    by === "dish" ? lanesByDish(planned.tasks, body.dishes, roomMs) : lanesByResource(planned.tasks, roomMs);
  const pinned = new Map(body.pins.map((p) => [p.taskId, p.startMs]));
  const dishes = new Map(body.dishes.map((d) => [d.id, d.kind === "running" ? { batchId: d.batchId } : {}]));
  const next = planned.tasks.find((t) => t.startMs >= nowMs && t.handsOn);
  return (
    <section aria-label={words.plan} aria-busy={working}>
      {next && (
        <p className="text-2xl">
          {words.next({
            startMs: <b className="figure">{units.when(next.startMs, nowMs, timeZone)}</b>,
            dish: next.dish,
            nextTitle: next.title,
          })}
        </p>
      )}
      <div className="hidden flex-wrap items-center gap-3 md:flex">
        <Choice
          label={words.drawn}
          value={by}
          options={[
            { value: "score", label: words.asAScore },
            { value: "dish", label: words.byDish },
            { value: "resource", label: words.byFridgeOvenHands },
          ]}
          onChange={setBy}
        />
        <div className={`gap-1 ${by === "score" ? "hidden" : "flex"}`} role="group" aria-label={words.zoom}>
          <button
            type="button"
            className="btn min-h-11 w-11 px-0"
            aria-label={words.widerSpan}
            disabled={zoom === 0}
            onClick={() => setChosen(zoom - 1)}
          >
            <Minus size={18} aria-hidden />
          </button>
          <button
            type="button"
            className="btn min-h-11 w-11 px-0"
            aria-label={words.closer}
            disabled={zoom === ZOOMS.length - 1}
            onClick={() => setChosen(zoom + 1)}
          >
            <Plus size={18} aria-hidden />
          </button>
        </div>
      </div>
      {by === "score" ? (
        <ScoreView
          planned={planned}
          dishes={body.dishes}
          tableMs={tableMs}
          fridgeL={body.kitchen.fridgeL}
          timeZone={timeZone}
          nowMs={nowMs}
          pinned={pinned}
          moved={moves.last}
          onMove={onMove}
        />
      ) : (
        <div className="relative hidden overflow-x-auto border border-line bg-base-100 md:block">
          {laneTops(lanes).map((lane) => (
            <span
              key={lane.id}
              className="pointer-events-none sticky left-0 z-10 block h-0 w-0 overflow-visible whitespace-nowrap"
            >
              <span className="absolute bg-base-100/85 px-1 font-semibold" style={{ top: lane.topPx }}>
                {lane.name}
              </span>
            </span>
          ))}
          <Timeline
            lanes={lanes}
            nights={planned.nights}
            tableMs={tableMs}
            nowMs={nowMs}
            timeZone={timeZone}
            pxPerMin={pxPerMin}
            pinned={pinned}
            onMove={onMove}
          />
        </div>
      )}
      {moves.log.length > 0 && (
        <div className="mt-3" aria-live="polite">
          <h3 className="text-lg">{words.whatMoved}</h3>
          <ul className="text-sm">
            {moves.log.map((said, i) => (
              <li key={i} className={i === 0 ? "font-semibold" : "text-quiet"}>
                {said}
              </li>
            ))}
          </ul>
        </div>
      )}
      <ActsByTime
        tasks={planned.tasks}
        dishes={dishes}
        timeZone={timeZone}
        pinned={pinned}
        moved={moves.last}
        onUnpin={onUnpin}
      />
    </section>
  );
}
