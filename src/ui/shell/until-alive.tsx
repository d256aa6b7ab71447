"use client";

import { useSyncExternalStore } from "react";

const never = () => () => undefined;

interface Props {
  className: string;
  /** Its script is there, what it shows is not. */
  waiting?: boolean | undefined;
  children: React.ReactNode;
}

/**
 * A station before its script has come: to be read, not yet to be changed, so that nothing typed can stand beside sums that
 * do not know of it. Where that takes long it is seen to wait.
 */
export function UntilAlive({ className, waiting = false, children }: Props) {
  const awake = useSyncExternalStore(
    never,
    () => true,
    () => false,
  );
  const alive = awake && !waiting;
  return (
    <div className={`${className} ${alive ? "" : "waking"}`} inert={!alive} aria-busy={!alive}>
      {children}
    </div>
  );
}
