/** A rehearsal's clock: from an instant of everybody's, at which it showed a time of its own, so many times as fast. */
export interface BatchClock {
  fromMs: number | null;
  ownMs: number;
  speed: number;
}

/** As everybody's. */
export const WALL_CLOCK: BatchClock = { fromMs: null, ownMs: 0, speed: 1 };

/** The instant of everybody's at which the batch's own clock stands there. */
export const wallTime = ({ fromMs, ownMs, speed }: BatchClock, batchMs: number): number =>
  fromMs === null ? batchMs : fromMs + (batchMs - ownMs) / speed;

/** The batch's own time at an instant of everybody's. */
export const batchTime = ({ fromMs, ownMs, speed }: BatchClock, nowMs: number): number =>
  // A device whose last tick was just before the change stands at the change, not before it.
  fromMs === null ? nowMs : ownMs + Math.max(0, nowMs - fromMs) * speed;
