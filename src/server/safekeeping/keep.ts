import { database, databaseFile } from "../database";
import { log } from "../log";
import { isAhead } from "./rotation";
import { EVERY_MS, listSnapshots, rotate, snapshotFolder, takeSnapshot } from "./snapshots";
import { thinSamples } from "./thin";

const LOOK_MS = 10 * 60_000;

const held = globalThis as { ironCrockKeeping?: NodeJS.Timeout };

/** When the last one was taken by this process's own steady clock, ms; a wall clock may jump. */
let takenSteadyMs: number | undefined;

/**
 * Whether a snapshot is due: six hours of this process's own time since the last, or six hours by the wall clock since the
 * newest that is not dated ahead.
 */
export function isDue(takenMs: readonly number[], nowMs: number, sinceLastMs: number | undefined): boolean {
  if (sinceLastMs !== undefined) return sinceLastMs >= EVERY_MS;
  const newest = Math.max(0, ...takenMs.filter((ms) => !isAhead(ms, nowMs)));
  return nowMs - newest >= EVERY_MS;
}

/** From now on, while this process runs: a snapshot every six hours, old ones away, old readings thinned. */
export function startKeeping(): void {
  held.ironCrockKeeping ??= setInterval(() => void keepNow(Date.now()), LOOK_MS).unref();
}

/** One look: nothing is done before its time. A fault is said in the log and tried again at the next look. */
async function keepNow(nowMs: number): Promise<void> {
  try {
    const folder = snapshotFolder(databaseFile());
    const steadyMs = performance.now();
    const sinceLastMs = takenSteadyMs === undefined ? undefined : steadyMs - takenSteadyMs;
    const taken = listSnapshots(folder).map((s) => s.takenMs);
    if (!isDue(taken, nowMs, sinceLastMs)) return;
    await takeSnapshot(database(), folder, nowMs);
    takenSteadyMs = steadyMs;
    rotate(folder, nowMs);
    thinSamples(database(), nowMs);
  } catch (error) {
    log.error({ err: error }, "snapshot not taken");
  }
}
