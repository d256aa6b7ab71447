import type { SittingAtWork } from "@/contracts/at-work";
import type { WorkView } from "@/contracts/work";
import { batchOf, thingOf, type Entry } from "@/ui/outbox-queue";

type Reading = WorkView["readings"][number];

/** What was tapped here and is not in what the server said last is shown as if it were. */
export function withPending(said: WorkView, pending: readonly Entry[]): WorkView {
  const work = { ...said, done: { ...said.done }, weights: { ...said.weights } };
  for (const entry of pending) {
    const [what, id = ""] = entry.path.split("/").slice(4);
    if (what === "acts" && entry.method === "PUT") {
      const { atMs, notDone } = bodyOf<{ atMs: number; notDone?: boolean }>(entry);
      if (notDone) work.skipped = work.skipped.includes(id) ? work.skipped : [...work.skipped, id];
      else work.done[id] ??= atMs;
    }
    if (what === "acts" && entry.method === "DELETE") {
      delete work.done[id];
      work.skipped = work.skipped.filter((act) => act !== id);
    }
    if (what === "lift") work.liftedAtMs ??= bodyOf<{ atMs: number }>(entry).atMs;
    if (what === "scaled") work.scaledBy = bodyOf<{ scaledBy: number }>(entry).scaledBy;
    if (what === "samples") work.readings = withReading(work.readings, bodyOf<Reading>(entry));
    if (what === "weights") {
      const { lineId, grams } = bodyOf<{ lineId: string; grams: number }>(entry);
      work.weights[lineId] = grams;
    }
  }
  return work;
}

const bodyOf = <T>(entry: Entry) => entry.body as T;

const withReading = (readings: readonly Reading[], typed: Reading): Reading[] =>
  readings.some((r) => r.channel === typed.channel && r.atMs === typed.atMs)
    ? [...readings]
    : [...readings, typed];

/** What the server has taken, and when this device heard so. */
export interface Taken {
  entry: Entry;
  atMs: number;
}

/** A word of the server's this much later knows what was taken: if it says otherwise, another device has changed it since. */
const LATEST_MS = 10_000;

/**
 * Of what the server has taken, what its last word does not show yet: answer and stream come by two lines, and a word that
 * was on its way before the tap may arrive after the answer to it. A later tap on the same thing stands for the earlier.
 */
export const notYetSaid = (said: WorkView, taken: readonly Taken[], nowMs: number): Taken[] =>
  taken.filter(
    ({ entry, atMs }, i) =>
      nowMs - atMs < LATEST_MS &&
      // What is of another batch this word says nothing of.
      (batchOf(entry) !== said.batchId ||
        (!taken.slice(i + 1).some((later) => thingOf(later.entry) === thingOf(entry)) &&
          JSON.stringify(withPending(said, [entry])) !== JSON.stringify(said))),
  );

/** An act of something plain that was ticked off here. */
export interface Tick {
  sittingId: string;
  dishId: string;
  stepId: string;
  atMs: number;
  /** When, by this device. */
  tappedMs: number;
}

/** Of what was ticked off here, what the server's last word does not show yet and may still show. */
export const notYetTicked = (told: readonly SittingAtWork[], ticks: readonly Tick[], nowMs: number): Tick[] =>
  ticks.filter(
    ({ sittingId, dishId, stepId, tappedMs }) =>
      nowMs - tappedMs < LATEST_MS &&
      told.find((s) => s.id === sittingId)?.plainDone[dishId]?.[stepId] === undefined,
  );

/** A sitting with what was ticked off here, whether or not the server has told of it yet: an act of a plain dish is not untold. */
export function withTicks(sitting: SittingAtWork, ticks: readonly Tick[]): SittingAtWork {
  const mine = ticks.filter((t) => t.sittingId === sitting.id);
  if (mine.length === 0) return sitting;
  const plainDone = { ...sitting.plainDone };
  for (const { dishId, stepId, atMs } of mine) plainDone[dishId] = { [stepId]: atMs, ...plainDone[dishId] };
  return { ...sitting, plainDone };
}
