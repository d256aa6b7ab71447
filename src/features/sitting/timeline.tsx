"use client";

import { useDrag } from "@use-gesture/react";
import { useState, type KeyboardEvent } from "react";
import type { PlannedTask } from "@/core/schedule/planned-tasks";
import { duration } from "@/ui/format";
import type { Lane } from "./lanes";
import { useUnits } from "@/ui/measures";
import * as words from "@/words/sitting/timeline";

interface Props {
  lanes: readonly Lane[];
  nights: readonly { fromMs: number; toMs: number }[];
  tableMs: number;
  nowMs: number;
  timeZone: string;
  /** How much of a minute a pixel is. */
  pxPerMin: number;
  /** Where the cook put a task, by its id. */
  pinned: ReadonlyMap<string, number>;
  onMove: (task: PlannedTask, startMs: number) => void;
}

const MIN_MS = 60_000;
const HOUR_MS = 60 * MIN_MS;
const ROW_PX = 26;
const HEAD_PX = 34;
const NAME_PX = 22;
const LEAST_PX = 6;
const SNAP_MS = 5 * MIN_MS;
/** Wide enough for a word. */
const LABEL_PX = 56;

/** The sitting drawn backwards from the table: a lane a dish, the nights shaded, slack as a thin line. */
export function Timeline(props: Props) {
  const units = useUnits();
  const { lanes, nights, tableMs, nowMs, timeZone, pxPerMin } = props;
  const all = lanes.flatMap((l) => l.rows.flat());
  const fromMs = Math.floor(Math.min(nowMs, ...all.map((t) => t.startMs)) / HOUR_MS) * HOUR_MS;
  // Room for the word at the table's line.
  const toMs = Math.max(tableMs + (LABEL_PX * 2 * MIN_MS) / pxPerMin, ...all.map((t) => t.endMs)) + HOUR_MS;
  const x = (ms: number) => ((ms - fromMs) / MIN_MS) * pxPerMin;
  const width = x(toMs);
  const heights = lanes.map((l) => NAME_PX + Math.max(1, l.rows.length) * ROW_PX + 6);
  const tops = heights.map((_, i) => HEAD_PX + heights.slice(0, i).reduce((a, b) => a + b, 0));
  const height = HEAD_PX + heights.reduce((a, b) => a + b, 0);
  return (
    <svg
      width={width}
      height={height}
      role="group"
      aria-label={words.thePlanByTime}
      className="block select-none"
    >
      <defs>
        <pattern id="soaking" width="8" height="8" patternUnits="userSpaceOnUse">
          <path d="M0 6 H8" stroke="var(--color-primary)" strokeWidth="1.5" opacity="0.5" />
        </pattern>
      </defs>
      {nights.map((n) => (
        <rect
          key={n.fromMs}
          x={x(Math.max(n.fromMs, fromMs))}
          y={0}
          width={Math.max(0, x(Math.min(n.toMs, toMs)) - x(Math.max(n.fromMs, fromMs)))}
          height={height}
          fill="var(--color-base-content)"
          opacity="0.1"
        />
      ))}
      <Hours fromMs={fromMs} toMs={toMs} x={x} pxPerMin={pxPerMin} timeZone={timeZone} height={height} />
      {lanes.map((lane, i) => (
        <g key={lane.id} transform={`translate(0 ${tops[i]})`}>
          <line x1={0} x2={width} y1={0} y2={0} stroke="var(--line)" />
          {lane.rows.map((row, r) =>
            row.map((task) => (
              <Bar
                key={task.id}
                {...props}
                task={task}
                x={x}
                y={NAME_PX + r * ROW_PX}
                putMs={props.pinned.get(task.id)}
              />
            )),
          )}
        </g>
      ))}
      <Upright x={x(nowMs)} height={height} colour="var(--color-accent)" word={words.now} />
      <Upright
        x={x(tableMs)}
        height={height}
        colour="var(--color-base-content)"
        word={words.tableAt(units.clock(tableMs, timeZone))}
      />
    </svg>
  );
}

/** The names of the lanes, beside the drawing so that they stay while it is scrolled. */
export function laneTops(lanes: readonly Lane[]): { id: string; name: string; topPx: number }[] {
  let top = HEAD_PX;
  return lanes.map((lane) => {
    const at = { id: lane.id, name: lane.name, topPx: top };
    top += NAME_PX + Math.max(1, lane.rows.length) * ROW_PX + 6;
    return at;
  });
}

function Upright({ x, height, colour, word }: { x: number; height: number; colour: string; word: string }) {
  return (
    <g>
      <line x1={x} x2={x} y1={0} y2={height} stroke={colour} strokeWidth={2} />
      <text x={x + 4} y={12} fontSize={12} fill="var(--color-base-content)">
        {word}
      </text>
    </g>
  );
}

/** Hour marks, as many as there is room for. */
function Hours(props: {
  fromMs: number;
  toMs: number;
  x: (ms: number) => number;
  pxPerMin: number;
  timeZone: string;
  height: number;
}) {
  const units = useUnits();
  const { fromMs, toMs, x, pxPerMin, timeZone, height } = props;
  const every = [1, 2, 3, 6, 12, 24].find((h) => h * 60 * pxPerMin >= 64) ?? 24;
  const marks = [];
  for (let ms = fromMs; ms <= toMs; ms += every * HOUR_MS) marks.push(ms);
  return marks.map((ms) => (
    <g key={ms}>
      <line x1={x(ms)} x2={x(ms)} y1={HEAD_PX - 6} y2={height} stroke="var(--line)" strokeWidth={0.75} />
      <text x={x(ms) + 3} y={HEAD_PX - 8} fontSize={12} fill="var(--quiet)" className="figure">
        {pxPerMin * every * 60 > 90 ? units.dayAndClock(ms, timeZone) : units.clock(ms, timeZone)}
      </text>
    </g>
  ));
}

interface BarProps extends Props {
  task: PlannedTask;
  x: (ms: number) => number;
  y: number;
  putMs: number | undefined;
}

/** One task: dragged or nudged, it is put there and the rest follows. */
function Bar({ task, x, y, pxPerMin, timeZone, onMove, putMs }: BarProps) {
  const units = useUnits();
  const [pulled, setPulled] = useState<number | null>(null);
  const shiftMs = pulled ?? 0;
  // Put somewhere, it lies there at once; the rest follows when the plan has been made.
  const startMs = putMs ?? task.startMs;
  const endMs = startMs + task.endMs - task.startMs;
  const left = x(startMs + shiftMs);
  const width = Math.max(LEAST_PX, x(endMs) - x(startMs));
  const heat = task.uses.find((u) => u.ovenC !== undefined);
  const fill = task.elastic
    ? "url(#soaking)"
    : heat
      ? "var(--color-accent)"
      : task.handsOn
        ? "var(--color-neutral)"
        : "var(--color-base-300)";
  const bind = useDrag(
    ({ last, canceled, movement: [px] }) => {
      const ms = Math.round(((px / pxPerMin) * MIN_MS) / SNAP_MS) * SNAP_MS;
      setPulled(last ? null : ms);
      if (last && !canceled && ms !== 0) onMove(task, startMs + ms);
    },
    { pointer: { capture: true, keys: false } },
  );
  const nudge = (event: KeyboardEvent) => {
    const step = { ArrowLeft: -1, ArrowRight: 1 }[event.key];
    if (step === undefined) return;
    event.preventDefault();
    onMove(task, startMs + step * SNAP_MS * (event.shiftKey ? 6 : 1));
  };
  const said = `${task.dish}: ${task.title}: ${units.dayAndClock(startMs, timeZone)}, ${duration((task.endMs - task.startMs) / HOUR_MS)}${putMs !== undefined ? words.putHere : ""}`;
  return (
    <g>
      {task.latestMs - task.earliestMs > SNAP_MS && (
        <line
          x1={x(task.earliestMs)}
          x2={x(task.latestMs) + width}
          y1={y + ROW_PX - 5}
          y2={y + ROW_PX - 5}
          stroke="var(--quiet)"
          strokeWidth={1}
          strokeDasharray="2 3"
          opacity={0.45}
        />
      )}
      <rect
        {...bind()}
        tabIndex={0}
        role="button"
        aria-label={said}
        data-task={task.id}
        x={left}
        y={y}
        width={width}
        height={ROW_PX - 7}
        fill={fill}
        stroke={putMs !== undefined ? "var(--color-warning)" : "var(--color-base-content)"}
        strokeWidth={putMs !== undefined ? 3 : 1}
        className="cursor-grab touch-none focus-visible:outline-3 focus-visible:outline-primary"
        onKeyDown={nudge}
      >
        <title>{said}</title>
      </rect>
      {width > LABEL_PX && (
        <text
          x={left + 5}
          y={y + 14}
          fontSize={13}
          fill={textOn(task, heat !== undefined)}
          pointerEvents="none"
        >
          {clipped(task.title, width)}
        </text>
      )}
      {pulled !== null && (
        <text x={left} y={y - 4} fontSize={14} fill="var(--color-base-content)" className="figure">
          {units.dayAndClock(startMs + pulled, timeZone)}
        </text>
      )}
    </g>
  );
}

const textOn = (task: PlannedTask, hot: boolean) =>
  hot && !task.elastic ? "var(--color-accent-content)" : "var(--color-base-content)";

const CHAR_PX = 7;

function clipped(title: string, widthPx: number): string {
  const room = Math.floor((widthPx - 8) / CHAR_PX);
  const short = title.replace(/^[^:]+: /, "");
  return short.length <= room ? short : `${short.slice(0, Math.max(1, room - 1))}…`;
}
