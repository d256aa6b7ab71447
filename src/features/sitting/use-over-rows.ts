import { useDrag } from "@use-gesture/react";
import { useState, type KeyboardEvent } from "react";

const SNAP_MS = 5 * 60_000;
/** Ids of the keys that move a thing, and which way. */
const KEYS: Record<string, number> = { ArrowLeft: -1, ArrowUp: -1, ArrowRight: 1, ArrowDown: 1 };
/** Dragged less than this it was only touched. */
const MEANT_PX = 3;

interface Options {
  /** Where the thing stands. */
  atMs: number;
  /** The edge that is at that moment; the top, unless said. */
  by?: "top" | "bottom";
  /** Left out, it stays where it is. */
  onPut?: (ms: number) => void;
}

/**
 * A thing of the score that is dragged up and down over its rows, by mouse, pen or finger, or moved by the arrow keys: five
 * minutes, half an hour with Shift. Escape lets it go where it was.
 * @returns what to spread on it, and the moment it is over while it is dragged
 */
export function useOverRows({ atMs, by = "top", onPut }: Options) {
  const [overMs, setOver] = useState<number>();
  const [letGo, setLetGo] = useState<() => void>();
  const bind = useDrag(
    ({ first, last, canceled, cancel, movement: [, downPx], currentTarget, event, memo }) => {
      event.stopPropagation();
      const thing = currentTarget as HTMLElement;
      const fromPx = first ? thing.getBoundingClientRect()[by] : (memo as number);
      const ms = Math.abs(downPx) < MEANT_PX ? atMs : momentAt(thing, fromPx + downPx, atMs);
      if (first) setLetGo(() => cancel);
      setOver(last || canceled ? undefined : ms);
      if (last && !canceled && ms !== atMs) onPut?.(ms);
      return fromPx;
    },
    { enabled: onPut !== undefined, pointer: { capture: true, keys: false } },
  );
  const onKeyDown = (event: KeyboardEvent) => {
    if (event.key === "Escape" && overMs !== undefined) return letGo?.();
    const step = KEYS[event.key];
    if (step === undefined || !onPut) return;
    event.preventDefault();
    event.stopPropagation();
    onPut(atMs + step * SNAP_MS * (event.shiftKey ? 6 : 1));
  };
  return { dragged: { ...bind(), onKeyDown }, overMs: overMs === atMs ? undefined : overMs };
}

/** The time of the grid at a height: within a row as far as it goes to the next, to five minutes. */
function momentAt(thing: HTMLElement, topPx: number, fallbackMs: number): number {
  const grid = thing.closest("[data-score]");
  const rows = [...(grid?.querySelectorAll<HTMLElement>("[data-row]") ?? [])];
  const at = rows.findLastIndex((row) => row.getBoundingClientRect().top <= topPx + 1);
  const row = rows[at];
  if (!row) return fallbackMs;
  const box = row.getBoundingClientRect();
  const fromMs = Number(row.dataset.row);
  const next = rows[at + 1];
  if (!next) return fromMs;
  const share = (topPx - box.top) / Math.max(1, next.getBoundingClientRect().top - box.top);
  const ms = fromMs + Math.min(1, Math.max(0, share)) * (Number(next.dataset.row) - fromMs);
  return fromMs + Math.round((ms - fromMs) / SNAP_MS) * SNAP_MS;
}
