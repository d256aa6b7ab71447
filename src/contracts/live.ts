import type { SittingAtWork } from "./at-work";
import type { WorkView } from "./work";
import type { WorkDelta } from "./work-delta";

/** A batch at work as it stood at a version of the server's. */
export interface WorkNow {
  version: string;
  work: WorkView;
}

/** What the server tells every page of a kitchen as it happens, over one line a browser. */
export type LiveEvent =
  /** First on every line: how far each open batch has come. Who holds an older version asks for the whole. */
  | { kind: "hello"; versions: Record<string, string>; open: string[] }
  | { kind: "work"; batchId: string; from: string; to: string; delta: WorkDelta }
  | { kind: "plans"; rehearsalId: string | null; sittings: SittingAtWork[] }
  /** Somebody saved a sitting, or did something of it. */
  | { kind: "sitting"; id: string }
  /** Which batches are open now: one was begun, judged or taken out. */
  | { kind: "open"; ids: string[] }
  /** Something of the kitchen was written. */
  | { kind: "wrote" }
  /** Every few seconds, so that a line that died is noticed, and a device's clock that is wrong. */
  | { kind: "beat"; atMs: number };

/** The header in which every answer says what the kitchen's clock shows, UTC ms. */
export const KITCHEN_TIME = "kitchen-time";

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
