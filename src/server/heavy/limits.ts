import type { JobName } from "./jobs";

interface Limit {
  /** What runs longer is ended. */
  timeMs: number;
  /** Holds the database's one right to write for most of its time: what else is to be written waits for its end. */
  holdsWriting?: true;
  /** Takes a core whole, and there may be thirty of them: one at a time, and nothing else waits behind them. */
  oneByOne?: true;
}

const SHORT: Limit = { timeMs: 15_000 };
/** The planner gives itself some seconds of work; on a machine that is busy they take longer by the clock. */
const PLAN: Limit = { timeMs: 60_000 };
const LONG: Limit = { timeMs: 120_000 };

export const LIMITS: Readonly<Record<JobName, Limit>> = {
  compute: PLAN,
  worked: SHORT,
  derived: SHORT,
  // All that was ever read: it grows with the record.
  learned: PLAN,
  startBatch: PLAN,
  loadSitting: PLAN,
  planAgain: PLAN,
  startDish: PLAN,
  rehearseSitting: PLAN,
  keepPhoto: { ...PLAN, oneByOne: true },
  keepReadings: LONG,
  readingsCsv: LONG,
  archive: LONG,
  takeArchiveIn: { ...LONG, holdsWriting: true },
  restore: { ...LONG, holdsWriting: true },
};

/** Threads beside the server's own: one may be at a plan while another writes an archive. */
export const THREADS = 2;
/** So many wait for a thread; the next is told to come again. */
export const WAITING_MOST = 24;
/** Of the JavaScript heap of one thread, MB. */
export const HEAP_MB = 512;
/** How far the threads stand back for the server's own, of 0 to 19. */
export const BESIDE_NICE = 10;
