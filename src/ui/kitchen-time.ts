import { useSyncExternalStore } from "react";

/** A device's clock that differs by more is not believed. */
const BELIEVED_MS = 30_000;
/** An answer that took longer to come says little of the hour at either end. */
const ON_ITS_WAY_MS = 10_000;

/** The kitchen's clock is so far ahead of this device's; 0 where they agree within half a minute, or nothing was heard yet. */
let aheadMs = 0;
let isHeard = false;
const listeners = new Set<() => void>();

/**
 * The kitchen's server told its time. Asked and heard by this device's clock, it stood so half-way between.
 * @param serverMs UTC ms of the server
 */
export function heardTime(serverMs: number, askedMs: number, heardMs: number): void {
  const took = heardMs - askedMs;
  if (!Number.isFinite(serverMs) || took < 0 || took > ON_ITS_WAY_MS) return;
  isHeard = true;
  const differs = serverMs - (askedMs + heardMs) / 2;
  const before = aheadMs;
  aheadMs = Math.abs(differs) > BELIEVED_MS ? Math.round(differs) : 0;
  // Told of when it is there, gone, or another by more than a clock is believed.
  if (aheadMs !== before && (aheadMs === 0 || Math.abs(aheadMs - before) > BELIEVED_MS))
    for (const changed of listeners) changed();
}

/** Now by the kitchen's clock, UTC ms: this device's own where it agrees within half a minute. */
export const kitchenNow = (): number => Date.now() + aheadMs;

/** Whether the kitchen has told this page its time: not where a page was opened without a line. */
export const isTimeHeard = (): boolean => isHeard;

/**
 * When something was done, as it is sent: with how far off this device's clock was, where that was set right, or may have to
 * be because the kitchen's time was not heard yet.
 */
export const doneAt = (atMs: number): { atMs: number; deviceAheadMs?: number } =>
  aheadMs === 0 && isHeard ? { atMs } : { atMs, deviceAheadMs: 0 - aheadMs };

/** What was stamped by this device's clock before the kitchen's time was heard, as it is sent after it was. */
export function setRight<Body>(body: Body): Body {
  if (typeof body !== "object" || body === null || !("atMs" in body) || typeof body.atMs !== "number")
    return body;
  const atMs = body.atMs + aheadMs;
  return "deviceAheadMs" in body ? { ...body, atMs, deviceAheadMs: 0 - aheadMs } : { ...body, atMs };
}

/** @returns stops telling */
export const onClockSet = (changed: () => void) => {
  listeners.add(changed);
  return () => void listeners.delete(changed);
};

/** How much this device's clock is ahead of the kitchen's, ms; 0 where they agree within half a minute. */
export const useClockAhead = (): number =>
  useSyncExternalStore(
    onClockSet,
    () => -aheadMs,
    () => 0,
  );
