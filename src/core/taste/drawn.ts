/** The same things in an order drawn (Fisher and Yates). */
export function shuffled<T>(things: readonly T[], draw: () => number): T[] {
  const out = [...things];
  for (let i = out.length - 1; i > 0; i--) {
    const j = Math.floor(draw() * (i + 1));
    // The one at i takes the drawn one's place, and that one takes its.
    out.splice(i, 1, ...out.splice(j, 1, ...out.slice(i, i + 1)));
  }
  return out;
}
