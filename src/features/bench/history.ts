/** What was, what is and what was undone. */
export interface History<T> {
  past: readonly T[];
  present: T;
  future: readonly T[];
  /** When the present came about, ms. */
  atMs: number;
}

const MOST_KEPT = 200;
/** Letters typed in one go are one change. */
const ONE_GO_MS = 900;

export const begun = <T>(present: T): History<T> => ({ past: [], present, future: [], atMs: -Infinity });

/** A change: what was undone is forgotten. */
export function changed<T>(history: History<T>, present: T, nowMs: number): History<T> {
  if (present === history.present) return history;
  const sameGo = nowMs - history.atMs < ONE_GO_MS && history.past.length > 0;
  const past = sameGo ? history.past : [...history.past, history.present].slice(-MOST_KEPT);
  return { past, present, future: [], atMs: nowMs };
}

/** A change of its own, however soon after another. */
export const stepped = <T>(history: History<T>, present: T): History<T> => ({
  past: [...history.past, history.present].slice(-MOST_KEPT),
  present,
  future: [],
  atMs: -Infinity,
});

export function undone<T>(history: History<T>): History<T> {
  const before = history.past.at(-1);
  if (before === undefined) return history;
  return {
    past: history.past.slice(0, -1),
    present: before,
    future: [history.present, ...history.future],
    atMs: -Infinity,
  };
}

export function redone<T>(history: History<T>): History<T> {
  const [after, ...future] = history.future;
  if (after === undefined) return history;
  return { past: [...history.past, history.present], present: after, future, atMs: -Infinity };
}
