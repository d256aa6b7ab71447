import { existsSync } from "node:fs";
import path from "node:path";
import { Piscina } from "piscina";
import { announce, announceSitting } from "../changes";
import type { WholeDb } from "../database";
import { log } from "../log";
import { Refusal } from "../problem";
import { forgetUnreadable } from "../unreadable";
import { errorOf } from "./across";
import { JOBS, type JobInput, type JobName, type JobResult } from "./jobs";
import { HEAP_MB, LIMITS, THREADS, WAITING_MOST } from "./limits";
import type { Task, Told } from "./worker";

/** Made by `npm run build`. */
const BUNDLE = path.join(process.cwd(), ".next", "server", "heavy.cjs");

interface Pool {
  threads: Piscina<Task, Told>;
  /** Ends of jobs that hold the right to write. */
  writing: Set<Promise<unknown>>;
}
const held = globalThis as { ironCrockPool?: Pool };

/** @returns undefined where nothing is built: a script or a unit test does its own sums */
export function pool(bundle = BUNDLE): Pool | undefined {
  if (held.ironCrockPool || !existsSync(bundle)) return held.ironCrockPool;
  const threads = new Piscina<Task, Told>({
    filename: bundle,
    minThreads: 1,
    maxThreads: THREADS,
    maxQueue: WAITING_MOST,
    idleTimeout: 60_000,
    resourceLimits: { maxOldGenerationSizeMb: HEAP_MB },
  });
  // A thread that ended over its memory is told of by the job that was on it.
  threads.on("error", (error) => log.warn({ err: error }, "a thread ended"));
  held.ironCrockPool = { threads, writing: new Set() };
  return held.ironCrockPool;
}

/** Until nothing holds the right to write: whoever waits on this thread for the database stops everybody. */
export async function freeToWrite(): Promise<void> {
  for (let at = held.ironCrockPool; at && at.writing.size > 0;) await Promise.allSettled(at.writing);
}

/** Whether something else holds the right to write just now. */
export const isWritingHeld = (): boolean => (held.ironCrockPool?.writing.size ?? 0) > 0;

/**
 * Does a job on a thread beside this one, so that nobody else waits for it; with a hard limit on its time and memory.
 * @throws Refusal 503 where too many wait, or it went past its limits; and whatever the job itself refuses
 */
export async function heavy<N extends JobName>(
  db: WholeDb,
  name: N,
  ...input: JobInput<N>
): Promise<JobResult<N>> {
  const file = db.$client.name;
  const there = db.$client.memory ? undefined : pool();
  if (!there) {
    const job = JOBS[name] as (db: WholeDb, ...input: JobInput<N>) => JobResult<N> | Promise<JobResult<N>>;
    return job(db, ...input);
  }
  const { timeMs, holdsWriting } = LIMITS[name];
  if (there.threads.queueSize >= WAITING_MOST) throw tooMany();
  const over = new AbortController();
  const timer = setTimeout(() => over.abort(), timeMs);
  const running = there.threads.run({ name, file, input }, { signal: over.signal });
  if (holdsWriting) there.writing.add(running);
  try {
    const { result, batches, sittings } = await running;
    if (holdsWriting) forgetUnreadable();
    for (const id of batches) announce(id);
    for (const id of sittings) announceSitting(id);
    if (!result.ok) throw errorOf(result.thrown);
    return result.value as JobResult<N>;
  } catch (error) {
    throw over.signal.aborted ? pastItsTime(timeMs) : (pastItsMemory(error) ?? error);
  } finally {
    clearTimeout(timer);
    there.writing.delete(running);
  }
}

const AGAIN = { "retry-after": "5" };

const tooMany = () =>
  new Refusal(
    503,
    "Too much at once",
    "The kitchen’s machine has many sums before it. Nothing was changed: try again in a moment.",
    {},
    AGAIN,
  );

const pastItsTime = (timeMs: number) =>
  new Refusal(
    503,
    "Took too long",
    `This took more than ${timeMs / 1000} s of the kitchen’s machine and was ended. Look what of it is there, then ask for less at once: fewer dishes, fewer rows.`,
  );

function pastItsMemory(error: unknown): Refusal | undefined {
  const code = typeof error === "object" && error !== null && "code" in error ? error.code : undefined;
  if (code !== "ERR_WORKER_OUT_OF_MEMORY") return undefined;
  return new Refusal(
    503,
    "Too large",
    "This took more memory than the kitchen’s machine gives to one sum and was ended. Look what of it is there, then ask for less at once.",
  );
}
