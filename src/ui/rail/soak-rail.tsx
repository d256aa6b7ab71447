"use client";

import { memo, useRef, useState, type KeyboardEvent, type PointerEvent } from "react";
import { RAIL_FROM_H, RAIL_TO_H } from "@/core/formula/soak/window";
import { duration } from "../format";
import { useUnits } from "../measures";
import {
  hoursAt,
  nightsFrom,
  positionOf,
  spanOf,
  stateAt,
  stateWord,
  ticksOf,
  zonesOf,
  type RailWindow,
} from "./scale";
import { ZoneBars } from "./zone-bars";
import * as words from "@/words/ui/rail/soak-rail";

interface Props {
  window: RailWindow;
  /** Where the marker stands, hours from the start. */
  hours: number;
  /** What the marker marks: "take out" or "now". */
  marks: string;
  /** Left out, the rail only shows. */
  onHours?: (hours: number) => void;
  /** With a start, the clock stands under it and night hours are shaded. */
  start?: { atMs: number; timeZone: string };
  /** How long it may stand at most, where that is not what ends it. */
  keepsH?: number | undefined;
  compact?: boolean;
}

/** What a drag began with: how long the rail was, and how far from the marker's middle it was taken. */
interface Held {
  spanH: number;
  off: number;
}

const NUDGE_MIN = 15;
/** Under this a bake or a dip: minutes count. */
const SHORT_H = 1.5;

/** The hours from going in to a little past the end, by the clock, with the window on them and a marker to drag. */
export function SoakRail({ window, hours, marks, onHours, start, keepsH, compact = false }: Props) {
  const bar = useRef<HTMLDivElement>(null);
  // While the marker is dragged the rail stands still under it, and the marker keeps its distance from the finger.
  const [held, setHeld] = useState<Held>();
  const spanH = held?.spanH ?? spanOf(window, hours);
  const at = positionOf(hours, spanH);
  const state = stateWord(stateAt(window, hours), window);

  const positionUnder = (event: PointerEvent) => {
    const box = bar.current?.getBoundingClientRect();
    return box ? (event.clientX - box.left) / box.width : at;
  };
  const take = (event: PointerEvent<HTMLDivElement>) => {
    if (!onHours) return;
    event.currentTarget.setPointerCapture(event.pointerId);
    const onMarker = (event.target as HTMLElement).closest("[role=slider]") !== null;
    const off = onMarker ? positionUnder(event) - at : 0;
    setHeld({ spanH, off });
    // Touched on the marker it stays; beside it, the marker comes.
    if (!onMarker) onHours(tidy(hoursAt(positionUnder(event), spanH)));
  };
  const follow = (event: PointerEvent<HTMLDivElement>) => {
    if (!onHours || !held || !event.currentTarget.hasPointerCapture(event.pointerId)) return;
    const position = Math.min(1, Math.max(0, positionUnder(event) - held.off));
    onHours(tidy(hoursAt(position, held.spanH)));
  };
  const letGo = () => setHeld(undefined);
  const nudge = (event: KeyboardEvent) => {
    const ends: Record<string, number> = { Home: RAIL_FROM_H, End: RAIL_TO_H };
    const direction = { ArrowRight: 1, ArrowUp: 1, ArrowLeft: -1, ArrowDown: -1 }[event.key];
    const end = ends[event.key];
    if (!onHours || (!direction && end === undefined)) return;
    event.preventDefault();
    if (end !== undefined) return onHours(end);
    if (!direction) return;
    const stepMin = hours < SHORT_H ? 1 : NUDGE_MIN;
    const by = (direction * stepMin * (event.shiftKey ? 10 : 1)) / 60;
    onHours(Math.min(RAIL_TO_H, Math.max(RAIL_FROM_H, hours + by)));
  };

  return (
    <div className={compact ? "pt-3" : "px-4 pt-9"}>
      <div
        ref={bar}
        className={`relative border-2 border-[var(--iron)] bg-base-100 ${compact ? "h-5" : "h-9"} ${onHours ? "cursor-ew-resize touch-none" : ""}`}
        onPointerDown={take}
        onPointerMove={follow}
        onPointerUp={letGo}
        onPointerCancel={letGo}
      >
        <ZoneBars zones={zonesOf(window, spanH)} window={window} labelled={!compact} />
        {keepsH !== undefined && keepsH < spanH && !compact && <Keeps at={positionOf(keepsH, spanH)} />}
        <div
          className={`absolute z-10 w-11 -translate-x-1/2 ${compact ? "-top-3 h-8" : "-top-8 h-18"}`}
          style={{ left: `${at * 100}%` }}
          {...(onHours && {
            role: "slider",
            tabIndex: 0,
            "aria-label": words.at(marks),
            "aria-valuemin": RAIL_FROM_H,
            "aria-valuemax": RAIL_TO_H,
            "aria-valuenow": hours,
            "aria-valuetext": `${duration(hours)}, ${state}`,
            onKeyDown: nudge,
          })}
        >
          <span className="absolute inset-y-0 left-1/2 w-1.5 -translate-x-1/2 bg-accent" />
          {compact ? (
            <span className="absolute -top-1 left-1/2 size-3 -translate-x-1/2 rounded-full bg-accent" />
          ) : (
            <span
              className="absolute top-0 left-1/2 bg-accent px-2 py-1 text-sm font-semibold whitespace-nowrap text-accent-content"
              // The flag leans inward near an end, so that it never leaves the rail.
              style={{ transform: `translateX(-${Math.round(at * 100)}%)` }}
            >
              {words.atOfMarks({ marks, hours: duration(hours), state })}
            </span>
          )}
        </div>
      </div>
      {!compact && <Clock spanH={spanH} startAtMs={start?.atMs} timeZone={start?.timeZone} />}
    </div>
  );
}

interface ClockProps {
  spanH: number;
  startAtMs: number | undefined;
  timeZone: string | undefined;
}

/** The hours under the rail, and its nights: they stand still while the marker is dragged. */
const Clock = memo(function Clock({ spanH, startAtMs, timeZone }: ClockProps) {
  const units = useUnits();
  const start = startAtMs !== undefined && timeZone !== undefined ? { atMs: startAtMs, timeZone } : undefined;
  return (
    <div className="relative h-11">
      {start &&
        nightsFrom(start.atMs, start.timeZone, spanH).map((night) => (
          <span
            key={night.from}
            className="absolute top-0 h-1.5 bg-[var(--iron)] opacity-70"
            style={{ left: `${night.from * 100}%`, width: `${(night.to - night.from) * 100}%` }}
            title={words.night}
          />
        ))}
      {ticksOf(spanH, start, units).map((tick) => (
        <span
          key={tick.hours}
          className="figure absolute top-2 flex -translate-x-1/2 flex-col items-center text-sm whitespace-nowrap text-quiet"
          style={{ left: `${positionOf(tick.hours, spanH) * 100}%` }}
        >
          <span className="h-2 w-px bg-[var(--iron)]" />
          {tick.text}
        </span>
      ))}
    </div>
  );
});

/** How long it keeps is not how salty it is: a mark of its own. */
function Keeps({ at }: { at: number }) {
  return (
    <span
      className="pointer-events-none absolute -inset-y-1 border-l-2 border-dashed border-[var(--iron)]"
      style={{ left: `${at * 100}%` }}
    >
      <span className="absolute top-full -translate-x-1/2 bg-base-200 px-1 text-sm whitespace-nowrap">
        {words.keepsUntil}
      </span>
    </span>
  );
}

/** To the minute in a bake or a dip, to five minutes below four hours, a quarter of an hour above. */
function tidy(hours: number): number {
  const stepMin = hours < SHORT_H ? 1 : hours < 4 ? 5 : 15;
  return Math.min(RAIL_TO_H, Math.max(RAIL_FROM_H, (Math.round((hours * 60) / stepMin) * stepMin) / 60));
}
