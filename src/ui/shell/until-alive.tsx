"use client";

import { useSyncExternalStore } from "react";

const never = () => () => undefined;

/**
 * A station before its script has come: to be read, not yet to be changed, so that nothing typed can stand beside sums that
 * do not know of it. Where that takes long it is seen to wait.
 */
export function UntilAlive({ className, children }: { className: string; children: React.ReactNode }) {
  const alive = useSyncExternalStore(
    never,
    () => true,
    () => false,
  );
  return (
    <div className={`${className} ${alive ? "" : "waking"}`} inert={!alive} aria-busy={!alive}>
      {children}
    </div>
  );
}
