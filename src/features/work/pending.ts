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
