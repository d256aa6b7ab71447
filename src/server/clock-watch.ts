import { log } from "./log";

const LOOK_MS = 5000;
/** A correction by a time server moves a clock by less. */
const JUMP_MS = 60_000;
/** Told of for so long. */
const TOLD_MS = 6 * 3_600_000;

/** What two clocks show at one moment: the wall's, and this process's own, which nobody can set. */
export interface Clocks {
  wallMs: number;
  steadyMs: number;
}

/** By how much the wall's clock moved while this process's own did not, ms; 0 within a minute. Backwards it is negative. */
export function jumpBetween(before: Clocks, now: Clocks): number {
  const byMs = now.wallMs - before.wallMs - (now.steadyMs - before.steadyMs);
  return Math.abs(byMs) > JUMP_MS ? Math.round(byMs) : 0;
}

interface Watch {
  timer: NodeJS.Timeout;
  jump?: { byMs: number; steadyMs: number };
}
const held = globalThis as { ironCrockClock?: Watch };

const clocks = (): Clocks => ({ wallMs: Date.now(), steadyMs: performance.now() });

/** From now on a jump of the machine's clock is noticed: set by hand, or the machine slept. */
export function watchClock(): void {
  if (held.ironCrockClock) return;
  let before = clocks();
  const look = () => {
    const now = clocks();
    const byMs = jumpBetween(before, now);
    before = now;
    if (byMs === 0 || !held.ironCrockClock) return;
    log.warn({ byMs }, "the machine's clock jumped");
    held.ironCrockClock.jump = { byMs, steadyMs: now.steadyMs };
  };
  held.ironCrockClock = { timer: setInterval(look, LOOK_MS).unref() };
}

/** By how much the clock jumped in the last hours, ms; 0 where it did not. */
export function clockJumped(): number {
  const jump = held.ironCrockClock?.jump;
  return jump && performance.now() - jump.steadyMs < TOLD_MS ? jump.byMs : 0;
}
