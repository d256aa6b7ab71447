import type { BatchClock } from "@/core/program/batch-clock";
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
