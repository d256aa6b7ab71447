import type { SoakWindow, SoftHour } from "./window";

/** A window's soft edges taken from an ensemble, its likely hours from the single finer run. */
export function softened(likely: SoakWindow, ensemble: SoakWindow): SoakWindow {
  const edges = (fine: SoftHour, soft: SoftHour): SoftHour => ({
    early: minOf(soft.early, fine.likely),
    likely: fine.likely,
    late: maxOf(soft.late, fine.likely),
  });
  return { ...likely, ready: edges(likely.ready, ensemble.ready), past: edges(likely.past, ensemble.past) };
}

const minOf = (a: number | undefined, b: number | undefined) =>
  a === undefined || b === undefined ? a : Math.min(a, b);
const maxOf = (a: number | undefined, b: number | undefined) =>
  a === undefined || b === undefined ? a : Math.max(a, b);
