/** The same things in an order drawn (Fisher and Yates). */
export function shuffled<T>(things: readonly T[], draw: () => number): T[] {
  const out = [...things];
  for (let i = out.length - 1; i > 0; i--) {
    const j = Math.floor(draw() * (i + 1));
    [out[i], out[j]] = [out[j], out[i]];
  }
  return out;
}
