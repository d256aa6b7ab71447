import type { Grid } from "./grid";

/**
 * One linear exchange problem: flesh cells in a row, the last of them against an outside that is sealed, held
 * constant, or a bath of limited mass. M du/dt = K u + b, K tridiagonal.
 */
export interface Exchange {
  /** Cells, and the bath as one more row when it is limited. */
  rows: number;
  mass: Float64Array;
  /** Coupling of row i to row i + 1, 1/s; the last entry is unused. */
  link: Float64Array;
  /** Coupling of the last flesh cell to a constant outside, 1/s; 0 when sealed or when the bath is a row. */
  outsideLink: number;
  outsidePerWater: number;
}

export type Outside =
  { kind: "sealed" } | { kind: "constant"; perWater: number } | { kind: "limited"; waterRatio: number };

/** Sets the exchange up for one stage. */
export function exchangeFor(
  grid: Grid,
  halfThicknessM: number,
  diffusivityM2PerS: number,
  surfaceTransferMPerS: number,
  outside: Outside,
): Exchange {
  const n = grid.cells;
  const limited = outside.kind === "limited";
  const rows = n + (limited ? 1 : 0);
  const mass = new Float64Array(rows);
  mass.set(grid.volumes);
  const link = new Float64Array(rows);
  const rate = diffusivityM2PerS / halfThicknessM ** 2;
  for (let i = 0; i < n - 1; i++) link[i] = rate * grid.conductances[i];
  const inner = rate * grid.conductances[n - 1];
  const film = (surfaceTransferMPerS / halfThicknessM) * (grid.exponent + 1);
  // Two resistances in a row: half a cell of flesh, then the skin or film.
  const boundary = film === Infinity ? inner : (inner * film) / (inner + film);
  if (limited) {
    mass[n] = outside.waterRatio;
    link[n - 1] = boundary;
  }
  return {
    rows,
    mass,
    link,
    outsideLink: outside.kind === "constant" ? boundary : 0,
    outsidePerWater: outside.kind === "constant" ? outside.perWater : 0,
  };
}

const GAMMA = 2 - Math.SQRT2;
const BDF_NEW = 1 / (GAMMA * (2 - GAMMA));
const BDF_OLD = (1 - GAMMA) ** 2 / (GAMMA * (2 - GAMMA));
const ERROR_FACTOR = (2 * (-3 * GAMMA ** 2 + 4 * GAMMA - 2)) / (12 * (2 - GAMMA));

/**
 * TR-BDF2: trapezium to γ·dt, then a backward difference to dt, γ = 2 − √2 so that both solve the same matrix.
 * Second order and L-stable: the jump at the first instant dies out instead of ringing.
 * Error estimate after Hosea and Shampine (1996), *from memory*.
 */
export class Stepper {
  private readonly middle: Float64Array;
  private readonly slope: Float64Array;
  private readonly upper: Float64Array;
  private readonly inversePivot: Float64Array;
  private readonly inverseMass: Float64Array;
  private readonly rightMiddle: Float64Array;
  private readonly rightNew: Float64Array;
  private factoredForDtS = 0;

  constructor(private readonly exchange: Exchange) {
    const vector = () => new Float64Array(exchange.rows);
    this.middle = vector();
    this.slope = vector();
    this.upper = vector();
    this.inversePivot = vector();
    this.inverseMass = exchange.mass.map((m) => 1 / m);
    this.rightMiddle = vector();
    this.rightNew = vector();
  }

  /** Writes the state after `dtS` seconds into `next`; returns the estimated error, mass-weighted, g/g. */
  step(state: Float64Array, next: Float64Array, dtS: number): number {
    const { middle, slope, rightMiddle, rightNew, inverseMass } = this;
    const { rows, mass } = this.exchange;
    const half = (GAMMA / 2) * dtS;
    if (dtS !== this.factoredForDtS) this.factor(half);
    this.factoredForDtS = dtS;
    this.flows(state, slope);
    for (let i = 0; i < rows; i++) rightMiddle[i] = mass[i] * state[i] + half * slope[i];
    this.solve(rightMiddle, middle, half);
    for (let i = 0; i < rows; i++) rightNew[i] = mass[i] * (BDF_NEW * middle[i] - BDF_OLD * state[i]);
    this.solve(rightNew, next, half);
    const scale = ERROR_FACTOR * dtS;
    let sum = 0;
    for (let i = 0; i < rows; i++) {
      // The solved equation M u − c (K u + b) = right gives the flows K u + b without computing them again.
      const slopeMiddle = (mass[i] * middle[i] - rightMiddle[i]) / half;
      const slopeNew = (mass[i] * next[i] - rightNew[i]) / half;
      const e =
        scale *
        inverseMass[i] *
        (slope[i] / GAMMA - slopeMiddle / (GAMMA * (1 - GAMMA)) + slopeNew / (1 - GAMMA));
      sum += (mass[i] < 1 ? mass[i] : 1) * e * e;
    }
    return Math.sqrt(sum);
  }

  /** K u + b: what flows into each row, g/g of flesh water a second. */
  private flows(u: Float64Array, out: Float64Array): void {
    const { link, outsideLink, outsidePerWater, rows } = this.exchange;
    let fromBefore = 0;
    for (let i = 0; i < rows - 1; i++) {
      const flow = link[i] * (u[i + 1] - u[i]);
      out[i] = flow - fromBefore;
      fromBefore = flow;
    }
    out[rows - 1] = outsideLink * (outsidePerWater - u[rows - 1]) - fromBefore;
  }

  /** Elimination of the symmetric tridiagonal (M − c K); kept while the step stays the same. */
  private factor(c: number): void {
    const { mass, link, outsideLink, rows } = this.exchange;
    const { upper, inversePivot } = this;
    let pull = 0;
    for (let i = 0; i < rows; i++) {
      const next = c * (i < rows - 1 ? link[i] : outsideLink);
      inversePivot[i] = 1 / (mass[i] + next + pull);
      upper[i] = -next * inversePivot[i];
      // c·link + c·link·upper, written so that nothing cancels.
      pull = next * (1 + upper[i]);
    }
  }

  private solve(right: Float64Array, out: Float64Array, c: number): void {
    const { link, outsideLink, outsidePerWater, rows } = this.exchange;
    const { upper, inversePivot } = this;
    out[0] = right[0] * inversePivot[0];
    for (let i = 1; i < rows; i++) {
      const fixed = i === rows - 1 ? c * outsideLink * outsidePerWater : 0;
      out[i] = (right[i] + fixed + c * link[i - 1] * out[i - 1]) * inversePivot[i];
    }
    for (let i = rows - 2; i >= 0; i--) out[i] -= upper[i] * out[i + 1];
  }
}
