import type { BatchClock } from "@/core/program/batch-clock";
import type { batches } from "./schema";

type ClockColumns = Pick<typeof batches.$inferSelect, "clockFromMs" | "clockOwnMs" | "clockSpeed">;

export const clockOf = (row: ClockColumns): BatchClock => ({
  fromMs: row.clockFromMs,
  ownMs: row.clockOwnMs ?? 0,
  speed: row.clockSpeed,
});
