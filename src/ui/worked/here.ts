import { workOut, type Asked, type Refused, type WorkedOut } from "@/core/bench/worked";

type Answer = WorkedOut | Refused;

/** Asks the sums. @param typedOver aborted where the answer is no longer wanted: nobody need work it out */
export type AskSums = (asked: Asked, typedOver?: AbortSignal) => Answer | Promise<Answer>;

/** Where the server has threads for its sums it says so here: a page that is drawn keeps nobody else waiting for them. */
export const sumsBeside = globalThis as { ironCrockSums?: (asked: Asked) => Promise<Answer> };

/** The pages that are opened are few, and opened again. */
const KEPT = 30;
const kept = new Map<string, Answer | Promise<Answer>>();

/** On the server, before any page is alive: worked out beside where that can be, else on the spot; once for all who look. */
export const worked: AskSums = (asked) => {
  const key = JSON.stringify(asked);
  const known = kept.get(key);
  if (known) return known;
  const answer = sumsBeside.ironCrockSums?.(asked).catch(() => workOut(asked)) ?? workOut(asked);
  const [oldest] = kept.keys();
  if (kept.size >= KEPT && oldest !== undefined) kept.delete(oldest);
  kept.set(key, answer);
  if (answer instanceof Promise) void answer.then((now) => kept.has(key) && kept.set(key, now));
  return answer;
};
