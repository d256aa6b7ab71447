import { soakKey } from "@/core/bench/soak-key";
import type { Asked, Refused, WorkedOut } from "@/core/bench/worked";
import type { Answered } from "@/workers/sums.worker";
import { askQuickly, SumsAway } from "../what-if/workers";
import type { AskSums } from "./here";

type Answer = WorkedOut | Refused;

/** Answers kept: enough to go back and forth between two without asking again. */
const KEPT = 8;
const kept = new Map<string, Answer | Promise<Answer>>();

interface Job {
  key: string;
  asked: Asked;
  /** How many want it still; a page that is drawn with it wants it for good. */
  wanted: number;
  done: (answer: Answer) => void;
  failed: (why: unknown) => void;
}

/** Between two tries, of a server that is away or of sums that failed, ms. */
const AGAIN_MS = 2000;

let running = false;
/** The newest last: it goes first. */
const waiting: Job[] = [];
/** The sheet last answered, by its soak: it need not come again with every pull. */
let held: { soak: string; sheet: WorkedOut["sheet"] } | undefined;

/**
 * In the page: asked of the worker, answered at once where it has been answered before. One question is under way; of those
 * that wait the newest goes first, and what nobody wants any more is not worked out.
 */
export const worked: AskSums = (asked, typedOver) => {
  const key = JSON.stringify(asked);
  const known = kept.get(key);
  if (known) {
    const job = waiting.find((other) => other.key === key);
    if (job) want(job, typedOver);
    return known;
  }
  const answer = new Promise<Answer>((done, failed) => {
    const job = { key, asked, wanted: 0, done, failed };
    want(job, typedOver);
    waiting.push(job);
  });
  keep(key, answer);
  void next();
  return answer;
};

function want(job: Job, typedOver: AbortSignal | undefined) {
  job.wanted += typedOver ? 1 : Infinity;
  typedOver?.addEventListener("abort", () => {
    job.wanted--;
    const at = waiting.indexOf(job);
    if (job.wanted > 0 || at < 0) return;
    waiting.splice(at, 1);
    kept.delete(job.key);
  });
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
  const job = running ? undefined : waiting.pop();
  if (!job) return;
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

/** The page stands as it is, seen to wait, until the server is back; what was asked meanwhile goes first. */
async function away(job: Job): Promise<void> {
  await new Promise((over) => setTimeout(over, AGAIN_MS));
  if (job.wanted > 0) waiting.unshift(job);
  else kept.delete(job.key);
}

async function ask(asked: Asked): Promise<Answer> {
  const soak = soakKey(asked.input, asked.rateFactor, asked.poured);
  const answer = await askQuickly<Answered>(async (sums) => await sums.workOut(asked, held?.soak));
  if (!answer.ok) return answer;
  const sheet = answer.sheet ?? held?.sheet;
  if (!sheet) throw new Error("the worker left out a sheet that the page does not have");
  held = { soak, sheet };
  return { ...answer, sheet };
}
