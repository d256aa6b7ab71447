import { database, databaseFile } from "../database";
import { EVERY_MS, listSnapshots, rotate, snapshotFolder, takeSnapshot } from "./snapshots";
import { thinSamples } from "./thin";

const LOOK_MS = 10 * 60_000;

const held = globalThis as { ironCrockKeeping?: NodeJS.Timeout };

/** From now on, while this process runs: a snapshot every six hours, old ones away, old readings thinned. */
export function startKeeping(): void {
  held.ironCrockKeeping ??= setInterval(() => void keepNow(Date.now()), LOOK_MS).unref();
}

/** One look: nothing is done before its time. A fault is said in the log and tried again at the next look. */
async function keepNow(nowMs: number): Promise<void> {
  try {
    const folder = snapshotFolder(databaseFile());
    const newest = listSnapshots(folder)[0]?.takenMs ?? 0;
    if (nowMs - newest < EVERY_MS) return;
    await takeSnapshot(database(), folder, nowMs);
    rotate(folder, nowMs);
    thinSamples(database(), nowMs);
  } catch (error) {
    // eslint-disable-next-line no-console -- the server's own log is where its keeper looks
    console.error("Snapshot not taken:", error instanceof Error ? error.message : error);
  }
}
