import { thingOf, type Entry, type Refused } from "./outbox-queue";

/* What was refused is kept on this device until it is entered anew or put away. */

const KEY = "outbox-refused";

/** The oldest first; what does not read is as nothing. */
export function refusedKept(): Refused[] {
  try {
    return JSON.parse(localStorage.getItem(KEY) ?? "[]") as Refused[];
  } catch {
    return [];
  }
}

/** Keeps it in the place of what was refused of the same thing before. */
export const keepRefused = (refused: Refused): void => write([...others(refused.entry), refused]);

/** Lets go of what was refused of the same thing: it is entered anew, or the cook has read it. */
export function putAway(entry: Entry): void {
  const left = others(entry);
  if (left.length < refusedKept().length) write(left);
}

const others = (entry: Entry): Refused[] => refusedKept().filter((r) => thingOf(r.entry) !== thingOf(entry));

const write = (refused: readonly Refused[]) => localStorage.setItem(KEY, JSON.stringify(refused));
