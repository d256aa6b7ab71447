"use client";

import { memo, useSyncExternalStore, type ReactNode } from "react";

/** Let go, a scroll instead, or another window. */
const OVER = ["pointerup", "pointercancel", "blur"];

let isPressed = false;
const seen = new Set<() => void>();

function press(is: boolean) {
  isPressed = is;
  for (const changed of seen) changed();
}
const down = () => press(true);
// The click comes after the letting go, and finds what was pressed where it was.
const up = () => void setTimeout(() => press(false));

function subscribe(changed: () => void): () => void {
  seen.add(changed);
  if (seen.size === 1) {
    window.addEventListener("pointerdown", down, true);
    for (const over of OVER) window.addEventListener(over, up, true);
  }
  return () => {
    seen.delete(changed);
    if (seen.size > 0) return;
    isPressed = false;
    window.removeEventListener("pointerdown", down, true);
    for (const over of OVER) window.removeEventListener(over, up, true);
  };
}

interface Props {
  pressed: boolean;
  children: ReactNode;
}

/** As it was drawn last, for as long as a finger is down. */
const Still = memo(
  function Still({ children }: Props) {
    return children;
  },
  (_, { pressed }) => pressed,
);

/**
 * What comes and goes by itself, above or below what a cook taps: while a finger is down it stays as it is. Moved between the
 * press and the letting go, a button would not be tapped, or another would.
 */
export function Unpushed({ children }: { children: ReactNode }) {
  const pressed = useSyncExternalStore(
    subscribe,
    () => isPressed,
    () => false,
  );
  return <Still pressed={pressed}>{children}</Still>;
}
