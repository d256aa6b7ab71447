"use client";

import type { CSSProperties } from "react";
import type { PlannedTask } from "@/core/schedule/planned-tasks";
import { useTold, useUnits } from "@/ui/measures";
import { useOverRows } from "./use-over-rows";
import * as words from "@/words/sitting/block-edge";

interface Props {
  /** The stretch whose edge it is. */
  of: PlannedTask;
  /** The act it begins or ends with, which is what is moved. */
  act: PlannedTask;
  end: "from" | "till";
  /** Where the stretch stands in the grid. */
  style: CSSProperties;
  putMs: number | undefined;
  timeZone: string;
  onMove: (act: PlannedTask, startMs: number) => void;
}

/** What stands on the stretch to its very end does not cover its edge. */
const ABOVE_ALL = 19;

/** The edge of a stretch: dragged, the act it begins or ends with is put there, and the stretch is longer or shorter by that. */
export function BlockEdge({ of, act, end, putMs, timeZone, style, onMove }: Props) {
  const units = useUnits();
  const told = useTold();
  // What it begins with takes its time before it.
  const aheadMs = (end === "from" ? of.startMs : of.endMs) - act.startMs;
  const atMs = (putMs ?? act.startMs) + aheadMs;
  const { dragged, overMs } = useOverRows({
    atMs,
    by: end === "from" ? "top" : "bottom",
    onPut: (ms) => onMove(act, ms - aheadMs),
  });
  const said = units.dayAndClock(overMs ?? atMs, timeZone);
  return (
    <div
      {...dragged}
      role="button"
      tabIndex={0}
      data-edge={end}
      aria-label={told(`${of.dish}: ${of.title}: ${words.edge[end]} ${said}`)}
      className={`relative flex h-3 cursor-ns-resize touch-none items-center justify-center ${end === "from" ? "self-start" : "self-end"}`}
      style={{ ...style, zIndex: ABOVE_ALL }}
    >
      <span className="h-1 w-10 rounded-full bg-primary" />
      {overMs !== undefined && (
        <b
          className={`pointer-events-none absolute right-1 bg-[var(--brine-pale)] px-1 text-sm ${end === "from" ? "top-2" : "bottom-2"}`}
        >
          {words.edge[end]} {said}
        </b>
      )}
    </div>
  );
}
