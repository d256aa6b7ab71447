import type { WorkView } from "./work";

/** A batch at work as it stood at a version of the server's. */
export interface WorkNow {
  version: string;
  work: WorkView;
}

/* Versions of what a server tells: of a batch, of the Stores, of all that is done. */

/** A version is the server process it was counted by, and its number there. */
export const versionOf = (process: string, n: number): string => `${process}.${n}`;

/**
 * Whether a state is at least as new as a version. Versions of two processes have no order: the other one is taken as newer,
 * for the server was started anew.
 */
export function isAtLeast(held: string, version: string): boolean {
  const [process, n] = held.split(".");
  const [other, m] = version.split(".");
  return process === other && Number(n) >= Number(m);
}
