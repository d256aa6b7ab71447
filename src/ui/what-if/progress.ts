"use client";

import { useSyncExternalStore } from "react";

/** How far something long has come: told to whoever shows it, and nothing else is drawn anew for it. */
export class Progress {
  private percent = 0;
  private readonly shown = new Set<() => void>();

  /** @param share done, 0 to 1 */
  is(share: number): void {
    this.percent = Math.round(share * 100);
    for (const draw of this.shown) draw();
  }

  readonly percentDone = (): number => this.percent;

  readonly whenTold = (draw: () => void): (() => void) => {
    this.shown.add(draw);
    return () => void this.shown.delete(draw);
  };
}

/** @returns whole percent done */
export const usePercentDone = ({ whenTold, percentDone }: Progress): number =>
  useSyncExternalStore(whenTold, percentDone, percentDone);
