import { RAIL_FROM_H, RAIL_TO_H, type SoftHour, type SoakWindow } from "@/core/formula/window";
import { inZone } from "../format";

const SPAN = Math.log(RAIL_TO_H / RAIL_FROM_H);

/** Where an hour lies on the rail, 0 to 1. */
export function positionOf(hours: number): number {
  return Math.min(1, Math.max(0, Math.log(hours / RAIL_FROM_H) / SPAN));
}

/** The hour at a position of the rail. */
export const hoursAt = (position: number): number => RAIL_FROM_H * Math.exp(SPAN * position);

/** Minor ticks give way on a narrow screen. */
export const TICKS: { hours: number; text: string; minor?: boolean }[] = [
  { hours: 1 / 6, text: "10 min" },
  { hours: 0.5, text: "30", minor: true },
  { hours: 1, text: "1 h" },
  { hours: 2, text: "2", minor: true },
  { hours: 4, text: "4" },
  { hours: 8, text: "8", minor: true },
  { hours: 16, text: "16", minor: true },
  { hours: 24, text: "1 d" },
  { hours: 48, text: "2 d" },
  { hours: 96, text: "4 d" },
];

export interface Zones {
  /** Where "ready" begins to fade in, is likely, and is sure; none when it is past it before. */
  ready: { from: number; likely: number; sure: number } | undefined;
  past: { from: number; likely: number };
}

/** The window as positions on the rail. */
export function zonesOf(window: Pick<SoakWindow, "ready" | "past">): Zones {
  const pastFrom = positionOf(window.past.early ?? RAIL_TO_H);
  const past = { from: pastFrom, likely: Math.max(pastFrom, positionOf(window.past.likely ?? RAIL_TO_H)) };
  const { early, likely, late } = window.ready;
  if (early === undefined || positionOf(early) >= past.likely) return { ready: undefined, past };
  const from = positionOf(early);
  // An edge that does not come within the rail lies at its end: the fade then never gets to sure.
  return { ready: { from, likely: positionOf(likely ?? 2 * 96), sure: positionOf(late ?? 4 * 96) }, past };
}

export type RailState = "notYet" | "maybe" | "ready" | "past";

/** What an hour is on this window. */
export function stateAt(window: Pick<SoakWindow, "ready" | "past">, hours: number): RailState {
  const reached = (h: SoftHour, edge: keyof SoftHour) =>
    h[edge] !== undefined && hours >= (h[edge] ?? Infinity);
  // At its own minute it is not past it yet.
  if (hours > (window.past.likely ?? Infinity) * (1 + A_HAIR)) return "past";
  if (reached(window.ready, "likely")) return "ready";
  return reached(window.ready, "early") ? "maybe" : "notYet";
}

export const STATE_WORDS: Record<RailState, string> = {
  notYet: "not there yet",
  maybe: "perhaps ready",
  ready: "ready",
  past: "past it",
};

/** Hours typed and hours worked out differ in the last digit. */
const A_HAIR = 1e-6;

const NIGHT = { from: 22, to: 6 };

/** Stretches of the rail that fall into the night, as positions, from a start instant in the kitchen's zone. */
export function nightsFrom(startAtMs: number, timeZone: string): { from: number; to: number }[] {
  const nights: { from: number; to: number }[] = [];
  const first = inZone(startAtMs, timeZone);
  for (let day = -1; day <= 4; day++) {
    const fall = inZone(startAtMs, timeZone);
    fall.setDate(first.getDate() + day);
    fall.setHours(NIGHT.from, 0, 0, 0);
    const dawn = inZone(fall.getTime(), timeZone);
    dawn.setDate(dawn.getDate() + 1);
    dawn.setHours(NIGHT.to, 0, 0, 0);
    const [fromH, toH] = [fall, dawn].map((d) => (d.getTime() - startAtMs) / 3_600_000);
    if (toH > RAIL_FROM_H && fromH < RAIL_TO_H)
      nights.push({ from: positionOf(Math.max(fromH, RAIL_FROM_H)), to: positionOf(toH) });
  }
  return nights;
}
