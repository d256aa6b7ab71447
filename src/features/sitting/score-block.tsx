"use client";

import type { PlannedTask } from "@/core/schedule/planned-tasks";
import { duration } from "@/ui/format";
import { Told, useTold, useUnits } from "@/ui/measures";
import { BlockEdge } from "./block-edge";
import { lines, type ScoreBlock as Placed } from "./score";
import { sayMovedBy } from "./say";
import { useOverRows } from "./use-over-rows";
import * as words from "@/words/sitting/score-block";

const MIN_MS = 60_000;
const HOUR_MS = 60 * MIN_MS;
const INDENT_PX = 30;

interface Props {
  block: Placed;
  column: number;
  timeZone: string;
  /** Where the cook put a task, by its id. */
  pinned: ReadonlyMap<string, number>;
  /** So far the last change moved it, min. */
  movedMin?: number | undefined;
  /** It goes against something: drawn in ember, and said. */
  misfit?: boolean | undefined;
  /** Left out, it stays where it is. */
  onMove?: ((task: PlannedTask, startMs: number) => void) | undefined;
}

/** One act, with its words and figures in it; dragged to another row or nudged by keys, it is put there and the rest follows. */
export function ScoreBlock({
  block: { task, from, to, depth, under, edges },
  column,
  timeZone,
  pinned,
  movedMin,
  misfit = false,
  onMove,
}: Props) {
  const units = useUnits();
  const told = useTold();
  const putMs = pinned.get(task.id);
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

  const moved = movedMin === undefined ? undefined : sayMovedBy(movedMin);
  const { dragged, overMs } = useOverRows({
    atMs: startMs,
    ...(onMove && { onPut: (ms: number) => onMove(task, ms) }),
  });
  const place = { ...lines(from, to), gridColumn: column, marginLeft: depth * INDENT_PX };
  return (
    <>
      <div
        {...dragged}
        role={onMove ? "button" : "group"}
        tabIndex={onMove && 0}
        data-task={task.id}
        aria-label={told(
          `${task.dish}: ${task.title}: ${units.dayAndClock(startMs, timeZone)}, ${takes}${putMs !== undefined ? words.putHere : ""}${moved ? `, ${moved}` : ""}${misfit ? words.doesNotFit : ""}`,
        )}
        className={`mb-1 overflow-hidden rounded-box border-2 px-2 py-0.5 select-none ${onMove ? "cursor-grab touch-none" : ""} ${look} ${putMs !== undefined ? "outline-3 outline-warning" : ""}`}
        style={{
          ...place,
          zIndex: 10 + depth,
          // Written upright it takes the room it is given, and stretches no hour.
          ...(under && to - from > 1 && { contain: "size" }),
        }}
      >
        <span
          className={`block text-sm leading-tight ${under ? "-ml-1 h-full w-5 whitespace-nowrap" : ""}`}
          style={under ? { writingMode: "vertical-rl" } : undefined}
        >
          <b className={`font-semibold ${under ? "" : "block"}`}>
            <Told>{task.title}</Told>
          </b>{" "}
          {misfit && <b className={under ? "" : "block"}>{words.misfit} </b>}
          <span>
            {overMs !== undefined ? (
              <b className="text-base-content">{words.to(units.dayAndClock(overMs, timeZone))}</b>
            ) : (
              sayTakes(task, takes, units.dayAndClock(task.endMs, timeZone))
            )}
          </span>
          {moved && <b className={`text-base-content ${under ? "" : "block"}`}> ← {moved}</b>}
        </span>
      </div>
      {onMove &&
        (["from", "till"] as const).map((end) => {
          const edge = { of: task, act: edges[end], end, timeZone, onMove, style: place };
          return edge.act && <BlockEdge key={end} {...edge} act={edge.act} putMs={pinned.get(edge.act.id)} />;
        })}
    </>
  );
}

/** A stretch says till when, an act how long; a soak's own words have its hours already. */
function sayTakes(task: PlannedTask, takes: string, until: string): string {
  if (task.kind === "soak") return words.until(until);
  if (task.endMs - task.startMs >= HOUR_MS) return words.untilOfTakes(takes, until);
  return task.endMs > task.startMs ? takes : "";
}
