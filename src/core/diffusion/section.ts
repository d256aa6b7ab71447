import { along } from "./field/tensor";
import { bracketed } from "./moment";
import type { CutPart, SoakMoment, SoakRun } from "./run";

/**
 * Strengths of the cut through the middle at any moment of a run, g salt per g water, as the run's section grid has its cells.
 * @returns undefined for a piece whose shells tell it all
 */
export function sectionAt(run: SoakRun, timeS: number): Float64Array | undefined {
  const { before, after, part } = bracketed(run, timeS);
  const later = sectionOf(after);
  const earlier = part === 1 ? later : sectionOf(before);
  return earlier && later?.map((value, i) => earlier[i] + part * (value - earlier[i]));
}

function sectionOf({ cut }: SoakMoment): Float64Array | undefined {
  if (!cut) return undefined;
  const [first, ...others] = cut.map(strengths);
  return others.reduce((sum, one) => sum.map((value, i) => value + one[i]), first);
}

/** A steep front rings in the modes: no strength is less than nothing. */
function strengths({ rows, values, against, part }: CutPart): Float64Array {
  const [a, b] = rows.lengths;
  const width = rows.across.length / b;
  const lines = along(values, [1, a, b], 2, rows.across, width);
  const cells = along(lines, [1, a, width], 1, rows.deep, rows.deep.length / a);
  return cells.map((u) => part * Math.max(0, u + against));
}
