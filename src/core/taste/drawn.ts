/** Numbers drawn with a kept seed: the same seed draws the same, on any machine. mulberry32, public domain. */
export function drawing(seed: number): () => number {
  let state = seed >>> 0;
  return () => {
    state = (state + 0x6d2b79f5) >>> 0;
    let t = state;
    t = Math.imul(t ^ (t >>> 15), t | 1);
    t ^= t + Math.imul(t ^ (t >>> 7), t | 61);
    return ((t ^ (t >>> 14)) >>> 0) / 4294967296;
  };
}

/** The same things in an order drawn (Fisher and Yates). */
export function shuffled<T>(things: readonly T[], draw: () => number): T[] {
  const out = [...things];
  for (let i = out.length - 1; i > 0; i--) {
    const j = Math.floor(draw() * (i + 1));
    [out[i], out[j]] = [out[j], out[i]];
  }
  return out;
}
