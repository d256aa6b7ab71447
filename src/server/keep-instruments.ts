import { database } from "./database";
import { isWritingHeld } from "./heavy/pool";
import { takeSamples } from "./instruments";
import { log } from "./log";
import { storageProblem } from "./problem";

const EVERY_MS = 1000;

const held = globalThis as { ironCrockInstruments?: NodeJS.Timeout };

/** From now on, while this process runs: what simulated instruments read is written, so that looking at it never writes. */
export function startInstruments(): void {
  held.ironCrockInstruments ??= setInterval(() => writeDown(Date.now()), EVERY_MS).unref();
}

let wasFull = false;

function writeDown(nowMs: number): void {
  // Written down a second later: nothing on this thread waits for the database.
  if (isWritingHeld()) return;
  try {
    takeSamples(database(), nowMs);
    wasFull = false;
  } catch (error) {
    // Said once, not every second: a disk that takes nothing is told of by whatever the cook enters.
    if (!wasFull || !storageProblem(error)) log.error({ err: error }, "instruments not written down");
    wasFull = storageProblem(error) !== undefined;
  }
}
