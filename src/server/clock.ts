import { batchTime, type BatchClock } from "@/core/program/batch-clock";
import type { batches } from "./schema";

type ClockColumns = Pick<typeof batches.$inferSelect, "clockFromMs" | "clockOwnMs" | "clockSpeed">;

/** The clock of a batch or a sitting, out of its row. */
export const clockOf = (row: ClockColumns): BatchClock => ({
  fromMs: row.clockFromMs,
  ownMs: row.clockOwnMs ?? 0,
  speed: row.clockSpeed,
});

/** And into one. */
export const clockRow = ({ fromMs, ownMs, speed }: BatchClock): ClockColumns => ({
  clockFromMs: fromMs,
  clockOwnMs: ownMs,
  clockSpeed: speed,
});

/** A device's clock may be so far ahead of the server's, ms of the clock of all. */
const AHEAD_MS = 60_000;

/** Whether something done at a time of a batch's or a sitting's own clock would be in time to come. */
export const isToCome = (atMs: number, clock: BatchClock, nowMs: number): boolean =>
  atMs > batchTime(clock, nowMs) + AHEAD_MS * clock.speed;
