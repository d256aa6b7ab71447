import type { Judged } from "@/core/journal/outcome";
import type { Entry, Refused } from "@/ui/outbox-queue";

/** What comes back: it was entered, and the server would not have it. */
export interface Back<Value> {
  value: Value;
  detail: string;
  /** As it was put in: put away when it is entered anew. */
  entry: Entry;
}

/** The last reading of one core that was not taken. @param refused of one batch */
export function refusedCore(refused: readonly Refused[], channel: string): Back<number> | undefined {
  const [back] = bodies<{ channel: string; value: number }>(refused, "samples")
    .filter(({ body }) => body.channel === channel)
    .slice(-1);
  return back && { ...back, value: back.body.value };
}

/** The weights that were not taken, by line, g. @param refused of one batch */
export const refusedWeights = (refused: readonly Refused[]): ReadonlyMap<string, Back<number>> =>
  new Map(
    bodies<{ lineId: string; grams: number }>(refused, "weights").map((back) => [
      back.body.lineId,
      { ...back, value: back.body.grams },
    ]),
  );

/** The judgement that was not taken. @param refused of one batch */
export function refusedJudgement(refused: readonly Refused[]): Back<Judged> | undefined {
  const [back] = bodies<Judged>(refused, "outcome");
  return back && { ...back, value: back.body };
}

/** Of what was put in at one place, as this device put it in. */
const bodies = <Body>(refused: readonly Refused[], what: string): (Refused & { body: Body })[] =>
  refused
    .filter(({ entry }) => entry.path.endsWith(`/${what}`))
    .map((back) => ({ ...back, body: back.entry.body as Body }));
