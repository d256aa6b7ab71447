/**
 * Keeps the answers of a pure sum by what was asked, the oldest forgotten first: the same question gives the same answer,
 * only sooner.
 * @param most answers kept at once
 */
export function remembered<T>(most: number): (key: string, answer: () => T) => T {
  const kept = new Map<string, T>();
  return (key, answer) => {
    if (kept.has(key)) return kept.get(key) as T;
    const value = answer();
    if (kept.size >= most) {
      const oldest = kept.keys().next();
      if (!oldest.done) kept.delete(oldest.value);
    }
    kept.set(key, value);
    return value;
  };
}
