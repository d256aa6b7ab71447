"use client";

import { memo, useSyncExternalStore, type ReactNode } from "react";

/** Let go, or a scroll instead. */
const OVER = ["pointerup", "pointercancel"];
/** A browser's own menu may swallow the letting go: food and its clock are not kept waiting for it. */
const MOST_MS = 5000;

let isPressed = false;
let letGo: ReturnType<typeof setTimeout> | undefined;
const seen = new Set<() => void>();

function press(is: boolean) {
  isPressed = is;
  for (const changed of seen) changed();
}
function letGoAfter(ms: number) {
  clearTimeout(letGo);
  letGo = setTimeout(() => press(false), ms);
}
function down() {
  press(true);
  letGoAfter(MOST_MS);
}
// The click comes after the letting go, and finds what was pressed where it was.
const up = () => letGoAfter(0);

function subscribe(changed: () => void): () => void {
  seen.add(changed);
  if (seen.size === 1) {
    window.addEventListener("pointerdown", down, true);
    for (const over of OVER) window.addEventListener(over, up, true);
  }
  return () => {
    seen.delete(changed);
    if (seen.size > 0) return;
    clearTimeout(letGo);
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
