import { EventEmitter } from "node:events";

/** Says what changed, to whoever listens in this process. */
const held = globalThis as { ironCrockChanges?: EventEmitter };

function changes(): EventEmitter {
  held.ironCrockChanges ??= new EventEmitter().setMaxListeners(0);
  return held.ironCrockChanges;
}

export const announce = (batchId: string): void => void changes().emit("batch", batchId);
/** What lies on a scale is another weight: told of at once, and nothing that somebody did. */
export const announceScale = (batchId: string): void => void changes().emit("scale", batchId);
/** An instrument read something: told of within a second, not at once. */
export const announceReading = (batchId: string): void => void changes().emit("reading", batchId);
export const announceSitting = (sittingId: string): void => void changes().emit("sitting", sittingId);
/** A formula, a setting, something of the kitchen's own, a rate it learnt: what its Stores hold. */
export const announceStores = (): void => void changes().emit("stores", "");

/** @returns stops listening */
export function onChange(
  what: "batch" | "scale" | "reading" | "sitting" | "stores",
  listener: (id: string) => void,
): () => void {
  changes().on(what, listener);
  return () => void changes().off(what, listener);
}
