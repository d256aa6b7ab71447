import { proxy, wrap, type Remote } from "comlink";
import type { SumsWorker } from "@/workers/sums.worker";

export { proxy };

const begun = (): Worker =>
  new Worker(new URL("../../workers/sums.worker.ts", import.meta.url), { type: "module" });

let quick: { worker: Worker; remote: Remote<SumsWorker> } | undefined;
let slow: Remote<SumsWorker> | undefined;
let beside: Remote<SumsWorker> | undefined;

/** The script of the sums could not be fetched: the server is away. */
export class SumsAway extends Error {}

/**
 * Asks the sums for what a finger waits for: nothing long ever stands before it. A worker whose script does not come never
 * answers; that is told, and the next question begins another.
 * @throws SumsAway
 */
export async function askQuickly<T>(question: (sums: Remote<SumsWorker>) => Promise<T>): Promise<T> {
  if (!quick) {
    const worker = begun();
    quick = { worker, remote: wrap<SumsWorker>(worker) };
  }
  const { worker, remote } = quick;
  let away: (() => void) | undefined;
  const gone = new Promise<never>((_, failed) => {
    away = () => {
      quick = undefined;
      failed(new SumsAway());
    };
    worker.addEventListener("error", away);
  });
  try {
    return await Promise.race([question(remote), gone]);
  } finally {
    if (away) worker.removeEventListener("error", away);
  }
}

/** The same sums for what takes its time: ways, what-ifs, five hundred soaks. One script, fetched once, serves both. */
export function whatIfWorker(): Remote<SumsWorker> {
  slow ??= wrap<SumsWorker>(begun());
  return slow;
}

/** The page, its quick sums and its slow ones have a core each before the ways have two. */
const CORES_FOR_TWO = 4;

/** The ways have two at work on them, half each, where there is a core for the second: it is begun for them alone. */
export function waysWorkers(): Remote<SumsWorker>[] {
  if (navigator.hardwareConcurrency < CORES_FOR_TWO) return [whatIfWorker()];
  beside ??= wrap<SumsWorker>(begun());
  return [whatIfWorker(), beside];
}
