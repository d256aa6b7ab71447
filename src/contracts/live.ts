import type { SittingAtWork } from "./at-work";
import type { WorkDelta } from "./work-delta";

/** What the server tells every page of a kitchen as it happens, over one line a browser. */
export type LiveEvent =
  /** First on every line: how far each open batch has come, the Stores, and all that is done. Who holds older asks for the whole. */
  | { kind: "hello"; versions: Record<string, string>; open: string[]; stores: string; done: string }
  | { kind: "work"; batchId: string; from: string; to: string; delta: WorkDelta }
  | { kind: "plans"; rehearsalId: string | null; sittings: SittingAtWork[] }
  /** Somebody saved a sitting, or did something of it. */
  | { kind: "sitting"; id: string }
  /** Which batches are open now: one was begun, judged or taken out. */
  | { kind: "open"; ids: string[] }
  /** Somebody changed what the kitchen's Stores hold, and so what every page is drawn with. */
  | { kind: "stores"; version: string }
  /** Something of the kitchen was written. */
  | { kind: "wrote" }
  /** Somebody did something of a batch, a sitting or the Stores; what an instrument read is nothing done. */
  | { kind: "done"; version: string }
  /** Every few seconds, so that a line that died is noticed, and a device's clock that is wrong. */
  | { kind: "beat"; atMs: number };

/** The header in which every answer says what the kitchen's clock shows, UTC ms. */
export const KITCHEN_TIME = "kitchen-time";
