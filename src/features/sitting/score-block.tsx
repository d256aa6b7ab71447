"use client";

import { useRef, useState, type KeyboardEvent, type PointerEvent } from "react";
import type { PlannedTask } from "@/core/schedule/planned-tasks";
import { duration } from "@/ui/format";
import { Told, useTold, useUnits } from "@/ui/measures";
import { lines, type ScoreBlock as Placed } from "./score";

const MIN_MS = 60_000;
const HOUR_MS = 60 * MIN_MS;
const SNAP_MS = 5 * MIN_MS;
const INDENT_PX = 30;

interface Props {
  block: Placed;
  column: number;
  timeZone: string;
  putMs: number | undefined;
  /** It goes against something: drawn in ember, and said. */
  misfit?: boolean;
  /** Left out, it stays where it is. */
  onMove?: (task: PlannedTask, startMs: number) => void;
}

/** One act, with its words and figures in it; dragged to another row or nudged by keys, it is put there and the rest follows. */
export function ScoreBlock({
  block: { task, from, to, depth, under },
  column,
  timeZone,
  putMs,
  misfit = false,
  onMove,
}: Props) {
  const units = useUnits();
  const told = useTold();
  const [over, setOver] = useState<number | undefined>();
  const grabbed = useRef(0);
  const startMs = putMs ?? task.startMs;
  const takes = duration((task.endMs - task.startMs) / HOUR_MS);
  const heat = task.uses.some((u) => u.ovenC !== undefined);
  const look = misfit
    ? "border-accent bg-accent text-accent-content"
    : task.kind === "soak" || task.elastic
      ? "border-primary bg-[var(--brine-pale)]"
      : heat
        ? "border-accent bg-[color-mix(in_oklab,var(--color-accent)_18%,var(--color-base-100))]"
        : "border-[var(--iron)] bg-base-100";

  const nudge = (event: KeyboardEvent) => {
    const step = { ArrowLeft: -1, ArrowUp: -1, ArrowRight: 1, ArrowDown: 1 }[event.key];
    if (step === undefined) return;
    event.preventDefault();
    onMove?.(task, startMs + step * SNAP_MS * (event.shiftKey ? 6 : 1));
  };
  const grab = (event: PointerEvent<HTMLDivElement>) => {
    if (!onMove) return;
    event.currentTarget.setPointerCapture(event.pointerId);
    grabbed.current = event.clientY;
    setOver(startMs);
  };
  const follow = (event: PointerEvent<HTMLDivElement>) => {
    if (over === undefined) return;
    const aboveBy = event.clientY - grabbed.current;
    const top = event.currentTarget.getBoundingClientRect().top + aboveBy;
    setOver(momentUnder(event.currentTarget, top, startMs));
  };
  const drop = () => {
    if (over !== undefined && over !== startMs) onMove?.(task, over);
    setOver(undefined);
  };
  return (
    <div
      role={onMove ? "button" : "group"}
      tabIndex={onMove && 0}
      data-task={task.id}
      aria-label={told(
        `${task.dish}: ${task.title}: ${units.dayAndClock(startMs, timeZone)}, ${takes}${putMs !== undefined ? ", put here" : ""}${misfit ? ", does not fit" : ""}`,
      )}
      className={`z-10 mb-1 overflow-hidden rounded-box border-2 px-2 py-0.5 select-none ${onMove ? "cursor-grab touch-none" : ""} ${look} ${putMs !== undefined ? "outline-3 outline-warning" : ""}`}
      style={{
        ...lines(from, to),
        gridColumn: column,
        marginLeft: depth * INDENT_PX,
        zIndex: 10 + depth,
        // Written upright it takes the room it is given, and stretches no hour.
        ...(under && to - from > 1 && { contain: "size" }),
      }}
      onKeyDown={nudge}
      onPointerDown={grab}
      onPointerMove={follow}
      onPointerUp={drop}
      onPointerCancel={() => setOver(undefined)}
    >
      <span
        className={`block text-sm leading-tight ${under ? "-ml-1 h-full w-5 whitespace-nowrap" : ""}`}
        style={under ? { writingMode: "vertical-rl" } : undefined}
      >
        <b className={`font-semibold ${under ? "" : "block"}`}>
          <Told>{task.title}</Told>
        </b>{" "}
        {misfit && <b className={under ? "" : "block"}>does not fit </b>}
        <span>
          {over !== undefined && over !== startMs ? (
            <b className="text-base-content">to {units.dayAndClock(over, timeZone)}</b>
          ) : (
            sayTakes(task, takes, units.dayAndClock(task.endMs, timeZone))
          )}
        </span>
      </span>
    </div>
  );
}

/** A stretch says till when, an act how long; a soak's own words have its hours already. */
function sayTakes(task: PlannedTask, takes: string, until: string): string {
  if (task.kind === "soak") return `until ${until}`;
  if (task.endMs - task.startMs >= HOUR_MS) return `${takes}, until ${until}`;
  return task.endMs > task.startMs ? takes : "";
}

/** The time of the grid at a height: within a row as far as it goes to the next, to five minutes. */
function momentUnder(block: HTMLElement, top: number, fallbackMs: number): number {
  const rows = [...(block.parentElement?.querySelectorAll<HTMLElement>("[data-row]") ?? [])];
  const at = rows.findLastIndex((row) => row.getBoundingClientRect().top <= top + 1);
  if (at < 0) return fallbackMs;
  const box = rows[at].getBoundingClientRect();
  const fromMs = Number(rows[at].dataset.row);
  const next = rows[at + 1];
  if (!next) return fromMs;
  const share = (top - box.top) / Math.max(1, next.getBoundingClientRect().top - box.top);
  const ms = fromMs + Math.min(1, Math.max(0, share)) * (Number(next.dataset.row) - fromMs);
  return fromMs + Math.round((ms - fromMs) / SNAP_MS) * SNAP_MS;
}
