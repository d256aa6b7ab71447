import { soakKey } from "@/core/bench/soak-key";
import type { Asked, Refused, WorkedOut } from "@/core/bench/worked";
import type { Answered } from "@/workers/sums.worker";
import { askQuickly, SumsAway } from "../what-if/workers";

type Answer = WorkedOut | Refused;

/** Answers kept: enough to go back and forth between two without asking again. */
const KEPT = 8;
const kept = new Map<string, Answer | Promise<Answer>>();

interface Job {
  key: string;
  asked: Asked;
  done: (answer: Answer) => void;
  failed: (why: unknown) => void;
}

/** Between two tries, of a server that is away or of sums that failed, ms. */
const AGAIN_MS = 2000;

let running = false;
let waiting: Job | undefined;
/** The sheet last answered, by its soak: it need not come again with every pull. */
let held: { soak: string; sheet: WorkedOut["sheet"] } | undefined;

/**
 * In the page: asked of the worker, answered at once where it has been answered before. One question is under way and one
 * waits, the newest: what was typed over is not worked out.
 */
export function worked(asked: Asked): Answer | Promise<Answer> {
  const key = JSON.stringify(asked);
  const known = kept.get(key);
  if (known) return known;
  const answer = new Promise<Answer>((done, failed) => {
    if (waiting) kept.delete(waiting.key);
    waiting = { key, asked, done, failed };
  });
  keep(key, answer);
  void next();
  return answer;
}

function keep(key: string, answer: Answer | Promise<Answer>) {
  kept.delete(key);
  kept.set(key, answer);
  for (const oldest of kept.keys()) {
    if (kept.size <= KEPT) break;
    kept.delete(oldest);
  }
}

async function next(): Promise<void> {
  if (running || !waiting) return;
  const job = waiting;
  waiting = undefined;
  running = true;
  try {
    const answer = await ask(job.asked);
    keep(job.key, answer);
    job.done(answer);
  } catch (why) {
    if (why instanceof SumsAway) await away(job);
    else {
      job.failed(why);
      forgetLater(job.key);
    }
  } finally {
    running = false;
    void next();
  }
}

/** A page drawn anew at once finds the same failure and says so; tried again by hand, it is asked anew. */
function forgetLater(key: string) {
  const failure = kept.get(key);
  setTimeout(() => kept.get(key) === failure && kept.delete(key), AGAIN_MS);
}

/** The page stands as it is, seen to wait, until the server is back. */
async function away(job: Job): Promise<void> {
  await new Promise((over) => setTimeout(over, AGAIN_MS));
  if (waiting) kept.delete(job.key);
  else waiting = job;
}

async function ask(asked: Asked): Promise<Answer> {
  const soak = soakKey(asked.input, asked.rateFactor);
  const answer = await askQuickly<Answered>(async (sums) => await sums.workOut(asked, held?.soak));
  if (!answer.ok) return answer;
  const sheet = answer.sheet ?? held?.sheet;
  if (!sheet) throw new Error("the worker left out a sheet that the page does not have");
  held = { soak, sheet };
  return { ...answer, sheet };
}
