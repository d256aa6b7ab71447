import type { Judged } from "@/core/journal/outcome";
import type { Refused } from "@/ui/outbox-queue";

/** What comes back: it was entered, and the server would not have it. */
export interface Back<Value> {
  value: Value;
  detail: string;
}

/** The reading of one core that was not taken. @param refused of one batch */
export function refusedCore(refused: readonly Refused[], channel: string): Back<number> | undefined {
  const back = bodies<{ channel: string; value: number }>(refused, "samples").find(
    ({ body }) => body.channel === channel,
  );
  return back && { value: back.body.value, detail: back.detail };
}

/** The weights that were not taken, by line, g. @param refused of one batch */
export const refusedWeights = (refused: readonly Refused[]): ReadonlyMap<string, Back<number>> =>
  new Map(
    bodies<{ lineId: string; grams: number }>(refused, "weights").map(({ body, detail }) => [
      body.lineId,
      { value: body.grams, detail },
    ]),
  );

/** The judgement that was not taken. @param refused of one batch */
export function refusedJudgement(refused: readonly Refused[]): Back<Judged> | undefined {
  const [back] = bodies<Judged>(refused, "outcome");
  return back && { value: back.body, detail: back.detail };
}

/** Of what was put in at one place, as this device put it in. */
const bodies = <Body>(refused: readonly Refused[], what: string): { body: Body; detail: string }[] =>
  refused
    .filter(({ entry }) => entry.path.endsWith(`/${what}`))
    .map(({ entry, detail }) => ({ body: entry.body as Body, detail }));
