import type { Grid } from "../grid";
import type { AxisBasis, Sealed, SolidAxis } from "./axis";
import { addTo, filmOf } from "./ritz";
import { wedgeModes, wedgeReadings } from "./wedge-functions";

/**
 * The triangle a wedge is cut to, as one direction beside its length: two-dimensional in itself, as a round's radius is. Skin that
 * lies on one face lies on its back.
 */
export function wedgeBasis(axis: SolidAxis, shells: Grid, extraM: number, sealed: Sealed): AxisBasis {
  const { halfM, deepM = 2 * halfM, barrierM, otherBarrierM = barrierM } = axis;
  const size = { backM: 2 * halfM, deepM };
  const film = (barrier: number) => filmOf(barrier + extraM, Math.min(halfM, deepM), sealed);
  const { rate, shape, one } = wedgeModes(size, { back: film(otherBarrierM), side: film(barrierM) });
  const count = rate.length;
  const read = wedgeReadings(size, shells.faces, shells.centroids[shells.cells - 1]);
  const byMode = (row: Float64Array) => {
    const sums = new Float64Array(count);
    row.forEach((weight, i) => addTo(sums, shape.subarray(i * count, (i + 1) * count), weight));
    return sums;
  };
  const back = new Float64Array(count * count);
  for (let i = 0; i < count; i++) for (let k = 0; k < count; k++) back[k * count + i] = shape[i * count + k];
  const within = new Float64Array(shells.cells * count);
  read.within.forEach((row, s) => within.set(byMode(row), s * count));
  return {
    modes: { count, rate, shape, one },
    back,
    within,
    middle: byMode(read.middle),
    outermost: byMode(read.under),
  };
}
