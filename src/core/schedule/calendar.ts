import type { PlannedTask } from "./planned-tasks";

const MIN_MS = 60_000;

/** An act as calendars have it: whole minutes, and how often it was changed since it first stood there. */
export interface CalendarEntry {
  startMs: number;
  endMs: number;
  summary: string;
  description: string;
  /** Rises with every change, so that a calendar that has it follows (RFC 5545, 3.8.7.4). */
  sequence: number;
  changedAtMs: number;
  /** It is not done any more: a calendar that has it strikes it out. */
  cancelled: boolean;
}

/** By the act's id, "dish/step". */
export type Calendar = Readonly<Record<string, CalendarEntry>>;

const toMinute = (ms: number): number => Math.round(ms / MIN_MS) * MIN_MS;

/** What goes on by itself takes nobody's evening: its entry is as long as hands are wanted. */
function told(task: PlannedTask): Pick<CalendarEntry, "startMs" | "endMs" | "summary" | "description"> {
  const startMs = toMinute(task.startMs);
  return {
    startMs,
    endMs: startMs + Math.max(1, Math.round(task.handsMin)) * MIN_MS,
    summary: `${task.dish}: ${task.title}`,
    description: [task.why, task.look].filter(Boolean).join(" "),
  };
}

/**
 * The calendar after a plan was decided: what moved rises in sequence, what is gone is cancelled, and what lay before now
 * stays as it was, done or not.
 * @param before as it was told until now; empty where it never was
 */
export function calendarAfter(before: Calendar, tasks: readonly PlannedTask[], nowMs: number): Calendar {
  const after: Record<string, CalendarEntry> = {};
  for (const task of tasks.filter((t) => t.handsOn)) {
    const was = before[task.id];
    const is = told(task);
    const same =
      was &&
      !was.cancelled &&
      was.startMs === is.startMs &&
      was.endMs === is.endMs &&
      was.summary === is.summary;
    after[task.id] = same
      ? was
      : { ...is, sequence: was ? was.sequence + 1 : 0, changedAtMs: nowMs, cancelled: false };
  }
  for (const [id, was] of Object.entries(before)) {
    if (Object.hasOwn(after, id)) continue;
    const isPast = was.startMs <= nowMs;
    after[id] =
      was.cancelled || isPast
        ? was
        : { ...was, sequence: was.sequence + 1, changedAtMs: nowMs, cancelled: true };
  }
  return after;
}
