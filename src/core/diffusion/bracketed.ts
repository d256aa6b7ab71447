import type { SoakMoment, SoakRun } from "./run";

/** The recorded moments either side, and how far from the one to the other; the same twice outside the run. */
export function bracketed(
  { moments }: SoakRun,
  timeS: number,
): { before: SoakMoment; after: SoakMoment; part: number } {
  const at = moments.findIndex((m) => m.timeS >= timeS);
  const after = moments[at < 0 ? moments.length - 1 : at];
  if (at <= 0) return { before: after, after, part: 1 };
  const before = moments[at - 1];
  return { before, after, part: (timeS - before.timeS) / (after.timeS - before.timeS) };
}
