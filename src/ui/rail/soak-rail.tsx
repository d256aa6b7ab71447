"use client";

import { useRef, type KeyboardEvent, type PointerEvent } from "react";
import { RAIL_FROM_H, RAIL_TO_H, type SoakWindow } from "@/core/formula/window";
import { duration } from "../format";
import { hoursAt, nightsFrom, positionOf, STATE_WORDS, stateAt, TICKS, zonesOf, type Zones } from "./scale";

interface Props {
  window: Pick<SoakWindow, "ready" | "past">;
  /** Where the marker stands, hours from the start. */
  hours: number;
  /** What the marker marks: "pull" or "now". */
  marks: string;
  /** Left out, the rail only shows. */
  onHours?: (hours: number) => void;
  /** With a start, night hours are shaded. */
  start?: { atMs: number; timeZone: string };
  compact?: boolean;
}

const NUDGE_MIN = 15;

/** One logarithmic time rail from 10 minutes to 4 days, with the window on it and a marker to drag. */
export function SoakRail({ window, hours, marks, onHours, start, compact = false }: Props) {
  const bar = useRef<HTMLDivElement>(null);
  const zones = zonesOf(window);
  // No soak at all stands at the rail's beginning.
  const at = positionOf(Math.max(RAIL_FROM_H, hours));
  const state = STATE_WORDS[stateAt(window, hours)];

  const follow = (event: PointerEvent) => {
    const box = bar.current?.getBoundingClientRect();
    if (!box || !onHours) return;
    const position = Math.min(1, Math.max(0, (event.clientX - box.left) / box.width));
    onHours(tidy(hoursAt(position)));
  };
  const nudge = (event: KeyboardEvent) => {
    const ends: Record<string, number> = { Home: RAIL_FROM_H, End: RAIL_TO_H };
    const direction = { ArrowRight: 1, ArrowUp: 1, ArrowLeft: -1, ArrowDown: -1 }[event.key];
    if (!onHours || (!direction && !(event.key in ends))) return;
    event.preventDefault();
    if (!direction) return onHours(ends[event.key]);
    const by = (direction * NUDGE_MIN * (event.shiftKey ? 10 : 1)) / 60;
    onHours(Math.min(RAIL_TO_H, Math.max(RAIL_FROM_H, hours + by)));
  };

  return (
    <div className={compact ? "pt-3" : "px-4 pt-9"}>
      <div
        ref={bar}
        className={`relative border-2 border-[var(--iron)] bg-base-100 ${compact ? "h-5" : "h-8"} ${onHours ? "cursor-ew-resize touch-none" : ""}`}
        onPointerDown={(event) => {
          if (!onHours) return;
          event.currentTarget.setPointerCapture(event.pointerId);
          follow(event);
        }}
        onPointerMove={(event) => event.currentTarget.hasPointerCapture(event.pointerId) && follow(event)}
      >
        <ZoneBars zones={zones} labelled={!compact} />
        <div
          className={`absolute z-10 w-11 -translate-x-1/2 ${compact ? "-top-3 h-8" : "-top-8 h-17"}`}
          style={{ left: `${at * 100}%` }}
          {...(onHours && {
            role: "slider",
            tabIndex: 0,
            "aria-label": `${marks} at`,
            "aria-valuemin": RAIL_FROM_H,
            "aria-valuemax": RAIL_TO_H,
            "aria-valuenow": hours,
            "aria-valuetext": `${duration(hours)}, ${state}`,
            onKeyDown: nudge,
          })}
        >
          <span className="absolute inset-y-0 left-1/2 w-1 -translate-x-1/2 bg-accent" />
          {compact ? (
            <span className="absolute -top-1 left-1/2 size-3 -translate-x-1/2 rounded-full bg-accent" />
          ) : (
            <span
              className="figure absolute top-0 left-1/2 bg-accent px-2 py-1 text-sm whitespace-nowrap text-accent-content"
              // The flag leans inward near an end, so that it never leaves the rail.
              style={{ transform: `translateX(-${Math.round(at * 100)}%)` }}
            >
              {marks} {duration(hours)} · {state}
            </span>
          )}
        </div>
      </div>
      {!compact && (
        <div className="relative h-11">
          {start &&
            nightsFrom(start.atMs, start.timeZone).map((night) => (
              <span
                key={night.from}
                className="absolute top-0 h-1.5 bg-[var(--iron)] opacity-70"
                style={{ left: `${night.from * 100}%`, width: `${(night.to - night.from) * 100}%` }}
                title="night"
              />
            ))}
          {TICKS.map((tick) => (
            <span
              key={tick.hours}
              className={`figure absolute top-2 -translate-x-1/2 flex-col items-center text-sm whitespace-nowrap text-quiet ${tick.minor ? "hidden sm:flex" : "flex"}`}
              style={{ left: `${positionOf(tick.hours) * 100}%` }}
            >
              <span className="h-2 w-px bg-[var(--iron)]" />
              {tick.text}
            </span>
          ))}
        </div>
      )}
    </div>
  );
}

/** To five minutes below four hours, a quarter of an hour above. */
function tidy(hours: number): number {
  const stepMin = hours < 4 ? 5 : 15;
  return Math.min(RAIL_TO_H, Math.max(RAIL_FROM_H, (Math.round((hours * 60) / stepMin) * stepMin) / 60));
}

function ZoneBars({ zones, labelled }: { zones: Zones; labelled: boolean }) {
  const { ready, past } = zones;
  const pct = (position: number) => `${position * 100}%`;
  const readyEnd = past.likely;
  const within = (position: number) =>
    ready ? `${(100 * (Math.min(position, readyEnd) - ready.from)) / (readyEnd - ready.from)}%` : "0%";
  return (
    <>
      {ready && (
        <div
          className="absolute inset-y-0"
          style={{
            left: pct(ready.from),
            width: pct(readyEnd - ready.from),
            backgroundImage: `linear-gradient(to right, transparent, color-mix(in oklab, var(--color-success) ${ready.likely >= readyEnd ? 35 : 60}%, transparent) ${within(ready.likely)}, var(--color-success) ${within(ready.sure)})`,
          }}
        />
      )}
      <div
        className="hatched absolute inset-y-0 border-l border-[var(--hatch)]"
        style={{ left: pct(past.from), right: 0 }}
      />
      {labelled && (
        <>
          <Label from={0} to={ready?.from ?? past.from} text="not there yet" tone="text-quiet" />
          {ready && <Label from={ready.from} to={past.from} text="ready" tone="text-base-content" plate />}
          <Label from={past.from} to={1} text="past it" tone="text-base-content" plate />
        </>
      )}
    </>
  );
}

/** Zones narrower than this share of the rail carry no word; on a phone the word needs more. */
const NARROWEST_LABEL = 0.07;
const NARROWEST_ON_PHONE = 0.18;

function Label(props: { from: number; to: number; text: string; tone: string; plate?: boolean }) {
  const span = props.to - props.from;
  if (span < NARROWEST_LABEL) return null;
  return (
    <span
      className={`pointer-events-none absolute inset-y-0 items-center justify-center text-sm ${props.tone} ${span < NARROWEST_ON_PHONE ? "hidden sm:flex" : "flex"}`}
      style={{ left: `${props.from * 100}%`, width: `${(props.to - props.from) * 100}%` }}
    >
      <span className={`whitespace-nowrap ${props.plate ? "bg-base-100 px-1 leading-tight" : ""}`}>
        {props.text}
      </span>
    </span>
  );
}
