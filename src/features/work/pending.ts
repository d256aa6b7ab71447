import type { WorkView } from "@/contracts/work";
import type { Entry } from "@/ui/outbox-queue";

type Reading = WorkView["readings"][number];

/** What was tapped here and is not in what the server said last is shown as if it were. */
export function withPending(said: WorkView, pending: readonly Entry[]): WorkView {
  const work = { ...said, done: { ...said.done }, weights: { ...said.weights } };
  for (const entry of pending) {
    const [what, id] = entry.path.split("/").slice(4);
    if (what === "acts" && entry.method === "PUT") work.done[id] ??= bodyOf<{ atMs: number }>(entry).atMs;
    if (what === "acts" && entry.method === "DELETE") delete work.done[id];
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
      !taken.slice(i + 1).some((later) => thingOf(later.entry) === thingOf(entry)) &&
      JSON.stringify(withPending(said, [entry])) !== JSON.stringify(said),
  );

/** What is set or taken back, whichever way; every reading is a thing of its own. */
const thingOf = ({ method, path, body }: Entry): string =>
  method === "POST" ? `${path} ${JSON.stringify(body)}` : `${path} ${(body as Weighed)?.lineId ?? ""}`;

type Weighed = { lineId?: string } | undefined;
