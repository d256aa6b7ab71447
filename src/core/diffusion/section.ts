import { bracketed } from "./bracketed";
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
function strengths({ rows: { deep, across, lengths }, values, against, part }: CutPart): Float64Array {
  const [a, b] = lengths;
  const width = across.length / b;
  const cells = new Float64Array((deep.length / a) * width);
  const line = new Float64Array(b);
  for (let row = 0, at = 0; at < cells.length; row++) {
    line.fill(0);
    for (let i = 0; i < a; i++) for (let j = 0; j < b; j++) line[j] += deep[row * a + i] * values[i * b + j];
    for (let column = 0; column < width; column++, at++) {
      let sum = against;
      for (let j = 0; j < b; j++) sum += across[column * b + j] * line[j];
      cells[at] = part * Math.max(0, sum);
    }
  }
  return cells;
}
