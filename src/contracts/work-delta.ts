import type { WorkView } from "./work";

type Reading = WorkView["readings"][number];
type Plain = Omit<WorkView, "readings">;

/** What is different between two states of a batch at work: whole fields, and single readings. */
export interface WorkDelta {
  set: Partial<Plain>;
  came?: Reading[];
  /** Keys of readings that are shown no more: thinned with age, or taken back. */
  gone?: string[];
}

/** The order they are shown in: by time, those of one instant by their channels' names. */
export const byTime = (a: Reading, b: Reading): number =>
  a.atMs - b.atMs || (a.channel < b.channel ? -1 : a.channel > b.channel ? 1 : 0);

const keyOf = ({ channel, atMs }: Reading): string => `${channel} ${atMs}`;

/** @returns what makes the later state of the earlier one; undefined where they are the same */
export function workDelta(before: WorkView, after: WorkView): WorkDelta | undefined {
  const fields = Object.keys(after).filter((name) => name !== "readings") as (keyof Plain)[];
  const changed = fields.filter((name) => JSON.stringify(before[name]) !== JSON.stringify(after[name]));
  const was = new Map(before.readings.map((r) => [keyOf(r), r.value]));
  const is = new Set(after.readings.map(keyOf));
  const came = after.readings.filter((r) => was.get(keyOf(r)) !== r.value);
  const gone = before.readings.map(keyOf).filter((key) => !is.has(key));
  if (changed.length + came.length + gone.length === 0) return undefined;
  return {
    set: Object.fromEntries(changed.map((name) => [name, after[name]])),
    ...(came.length > 0 && { came }),
    ...(gone.length > 0 && { gone }),
  };
}

/** The later state. Readings stay in the order of their time. */
export function withDelta(work: WorkView, { set, came = [], gone = [] }: WorkDelta): WorkView {
  const out = new Set([...gone, ...came.map(keyOf)]);
  const readings =
    out.size === 0
      ? work.readings
      : [...work.readings.filter((r) => !out.has(keyOf(r))), ...came].sort(byTime);
  return { ...work, ...set, readings };
}
