import { existsSync } from "node:fs";
import path from "node:path";
import { Piscina } from "piscina";
import { announce, announceSitting } from "../changes";
import type { WholeDb } from "../database";
import { log } from "../log";
import { Refusal } from "../problem";
import { nobodyWrites, ourTurn, turnsShared } from "../turns";
import { alsoUnreadable, forgetUnreadable } from "../unreadable";
import { errorOf } from "./across";
import { JOBS, type JobInput, type JobName, type JobResult } from "./jobs";
import { HEAP_MB, LIMITS, THREADS, WAITING_MOST } from "./limits";
import type { Task, Told } from "./worker";
import * as words from "@/words/server/heavy/pool";

/** Made by `npm run build`. What is being written or tested is not what was built then: it does its own sums. */
const BUNDLE =
  process.env.NODE_ENV === "production"
    ? path.join(process.cwd(), ".next", "server", "heavy.cjs")
    : undefined;

type Threads = Piscina<Task, Told>;
interface Pool {
  threads: Threads;
  /** One thread, for what is done one by one. */
  oneByOne: Threads;
  /** Ends of jobs that hold the right to write. */
  writing: Set<Promise<unknown>>;
}
const held = globalThis as { ironCrockPool?: Pool };

/** @returns undefined where nothing is built: a script or a unit test does its own sums */
export function pool(bundle = BUNDLE): Pool | undefined {
  if (held.ironCrockPool || !bundle || !existsSync(/* turbopackIgnore: true */ bundle))
    return held.ironCrockPool;
  held.ironCrockPool = {
    threads: threadsOf(bundle, { least: 1, most: THREADS }),
    oneByOne: threadsOf(bundle, { least: 0, most: 1 }),
    writing: new Set(),
  };
  return held.ironCrockPool;
}

function threadsOf(bundle: string, { least, most }: { least: number; most: number }): Threads {
  const threads: Threads = new Piscina({
    filename: bundle,
    minThreads: least,
    maxThreads: most,
    maxQueue: WAITING_MOST,
    idleTimeout: 60_000,
    resourceLimits: { maxOldGenerationSizeMb: HEAP_MB },
    workerData: turnsShared(),
  });
  // A thread that ended over its memory is told of by the job that was on it.
  threads.on("error", (error) => log.warn({ err: error }, "a thread ended"));
  return threads;
}

/** Ends all threads. */
export async function endThreads(): Promise<void> {
  const { threads, oneByOne } = held.ironCrockPool ?? {};
  delete held.ironCrockPool;
  await Promise.all([threads?.destroy(), oneByOne?.destroy()]);
}

/** Until nothing holds the right to write: whoever waits on this thread for the database stops everybody. */
export async function freeToWrite(): Promise<void> {
  for (const at = held.ironCrockPool; at && at.writing.size > 0;) await Promise.allSettled(at.writing);
  await ourTurn();
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
  const { timeMs, holdsWriting, oneByOne } = LIMITS[name];
  const threads = oneByOne ? there.oneByOne : there.threads;
  if (threads.queueSize >= WAITING_MOST) throw tooMany();
  const over = new AbortController();
  const timer = setTimeout(() => over.abort(), timeMs);
  const running = threads.run({ name, file, input }, { signal: over.signal });
  if (holdsWriting) there.writing.add(running);
  try {
    const { result, batches, sittings, unreadable } = await running;
    if (holdsWriting) forgetUnreadable();
    alsoUnreadable(unreadable);
    for (const id of batches) announce(id);
    for (const id of sittings) announceSitting(id);
    if (!result.ok) throw errorOf(result.thrown);
    return result.value as JobResult<N>;
  } catch (error) {
    nobodyWrites();
    throw over.signal.aborted ? pastItsTime(timeMs) : (pastItsMemory(error) ?? error);
  } finally {
    clearTimeout(timer);
    there.writing.delete(running);
  }
}

const AGAIN = { "retry-after": "5" };

const tooMany = () => new Refusal(503, words.tooMuchAtOnce, words.theKitchensMachineHasMany, {}, AGAIN);

const pastItsTime = (timeMs: number) =>
  new Refusal(503, words.tookTooLong, words.thisTookMoreThanS(timeMs / 1000));

function pastItsMemory(error: unknown): Refusal | undefined {
  const code = typeof error === "object" && error !== null && "code" in error ? error.code : undefined;
  if (code !== "ERR_WORKER_OUT_OF_MEMORY") return undefined;
  return new Refusal(503, words.tooLarge, words.thisTookMoreMemoryThan);
}
