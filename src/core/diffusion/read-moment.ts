import { interpolate } from "../interpolate";
import type { Grid } from "./grid";
import type { SoakMoment } from "./run";
import type { Body, Stage } from "./stages";

/** Mean strength over the whole piece. */
export function meanOf(grid: Grid, perWater: Float64Array): number {
  let mean = 0;
  for (let i = 0; i < grid.cells; i++) mean += grid.volumes[i] * perWater[i];
  return mean;
}

/** Mass transfer from what stands outside to the flesh of a body, m/s: film and skin in a row; Infinity for a bare face. */
export function transferOf(
  { barrierM = 0 }: Pick<Body, "barrierM">,
  { surfaceTransferMPerS = Infinity, diffusivityM2PerS }: Stage,
): number {
  return barrierM > 0 ? 1 / (1 / surfaceTransferMPerS + barrierM / diffusivityM2PerS) : surfaceTransferMPerS;
}

/** At the face two conductances meet: half a cell of flesh inside, skin or film outside. */
export function surfaceValue(
  grid: Grid,
  perWater: Float64Array,
  body: Pick<Body, "halfThicknessM" | "barrierM">,
  against: number | undefined,
  stage: Stage | undefined,
): number {
  const last = perWater[grid.cells - 1];
  if (against === undefined || !stage) return last;
  const film = transferOf(body, stage);
  if (film === Infinity) return against;
  const inner = stage.diffusivityM2PerS / ((1 - grid.centroids[grid.cells - 1]) * body.halfThicknessM);
  return (inner * last + film * against) / (inner + film);
}

/** The value at the very middle: an even parabola through the first two cells. */
export function centreValue(grid: Grid, cells: Float64Array): number {
  const p = grid.exponent + 1;
  const meanSquare = (i: number) =>
    ((grid.faces[i + 1] ** (p + 2) - grid.faces[i] ** (p + 2)) * (p / (p + 2))) / grid.volumes[i];
  const curvature = (cells[1] - cells[0]) / (meanSquare(1) - meanSquare(0));
  return cells[0] - curvature * meanSquare(0);
}

/**
 * Strength at a relative position, 0 at the centre to 1 at the open face.
 * @param moment one of the run's recorded moments
 */
export function perWaterAt(grid: Grid, moment: SoakMoment, position: number): number {
  if (position <= grid.centroids[0]) {
    const share = Math.max(0, position / grid.centroids[0]) ** 2;
    return moment.centre + share * (moment.perWater[0] - moment.centre);
  }
  const last = grid.cells - 1;
  if (position >= grid.centroids[last]) {
    const share = Math.min(1, (position - grid.centroids[last]) / (1 - grid.centroids[last]));
    return moment.perWater[last] + share * (moment.surface - moment.perWater[last]);
  }
  return interpolate(grid.centroids, moment.perWater, position);
}

/** Mean strength of the layer from one relative position outward to another. */
export function meanPerWaterBetween(grid: Grid, moment: SoakMoment, from: number, to: number): number {
  const power = grid.exponent + 1;
  let volume = 0;
  let salt = 0;
  for (let i = 0; i < grid.cells; i++) {
    const low = Math.max(from, grid.faces[i]);
    const high = Math.min(to, grid.faces[i + 1]);
    if (high <= low) continue;
    const part = high ** power - low ** power;
    volume += part;
    salt += part * moment.perWater[i];
  }
  return volume > 0 ? salt / volume : perWaterAt(grid, moment, from);
}
