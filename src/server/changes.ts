import { EventEmitter } from "node:events";

/** Says which batch changed, to every device that listens in this process. */
const held = globalThis as { ironCrockChanges?: EventEmitter };

function changes(): EventEmitter {
  held.ironCrockChanges ??= new EventEmitter().setMaxListeners(0);
  return held.ironCrockChanges;
}

export const announce = (batchId: string): void => void changes().emit(batchId);

/** @returns stops listening */
export function onChange(batchId: string, listener: () => void): () => void {
  changes().on(batchId, listener);
  return () => void changes().off(batchId, listener);
}
