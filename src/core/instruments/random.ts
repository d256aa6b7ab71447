/** A seeded stream of numbers in [0, 1): mulberry32, public domain. The same seed gives the same stream everywhere. */
export function seeded(seed: number): () => number {
  let state = seed >>> 0;
  return () => {
    state = (state + 0x6d2b79f5) >>> 0;
    let t = state;
    t = Math.imul(t ^ (t >>> 15), t | 1);
    t ^= t + Math.imul(t ^ (t >>> 7), t | 61);
    return ((t ^ (t >>> 14)) >>> 0) / 4294967296;
  };
}

/** One number for one tick of one seed: no stream to keep, so a restart goes on where it was. */
export const noiseAt = (seed: number, tick: number): number =>
  seeded((seed * 2654435761 + tick * 40503) >>> 0)();

/** About normal with spread 1, from twelve noises: enough for a probe's jitter. */
export function jitterAt(seed: number, tick: number): number {
  const draw = seeded((seed * 2654435761 + tick * 40503) >>> 0);
  let sum = 0;
  for (let i = 0; i < 12; i++) sum += draw();
  return sum - 6;
}
