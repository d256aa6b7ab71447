import type { Grid } from "./grid";

/** What stands against the open face. */
export type Outside =
  | { kind: "sealed" }
  | { kind: "constant"; perWater: number }
  /** Water of the bath per flesh water of all pieces together. */
  | { kind: "limited"; waterRatio: number };

/** One body's cells in a row, the last of them at the open face. */
export interface Chain {
  cells: number;
  /** Where its cells begin in the state. */
  offset: number;
  /** Flesh water of each cell, share of all pieces together. */
  mass: Float64Array;
  /** Coupling of cell i to cell i + 1, 1/s; the last entry couples the face to the outside. */
  link: Float64Array;
}

/** A linear exchange problem: bodies side by side in one outside. M du/dt = K u + b. */
export interface Exchange {
  chains: Chain[];
  /** Cells of all bodies, and the bath as one more row when it is limited. */
  rows: number;
  outside: Outside;
}

export interface ExchangeBody {
  grid: Grid;
  halfThicknessM: number;
  /** Share of the flesh water of all pieces; the shares sum to 1. */
  share: number;
  diffusivityM2PerS: number;
  /** Mass transfer through skin or still water, m/s; Infinity for a bare, stirred face. */
  surfaceTransferMPerS: number;
}

/** Sets the exchange up for one stage. */
export function exchangeFor(bodies: readonly ExchangeBody[], outside: Outside): Exchange {
  let offset = 0;
  const chains = bodies.map((body) => {
    const chain = chainFor(body, offset, outside.kind === "sealed");
    offset += chain.cells;
    return chain;
  });
  return { chains, rows: offset + (outside.kind === "limited" ? 1 : 0), outside };
}

function chainFor(body: ExchangeBody, offset: number, sealed: boolean): Chain {
  const { grid, halfThicknessM, share } = body;
  const n = grid.cells;
  const rate = (share * body.diffusivityM2PerS) / halfThicknessM ** 2;
  const link = grid.conductances.map((conductance) => rate * conductance);
  const film = share * (body.surfaceTransferMPerS / halfThicknessM) * (grid.exponent + 1);
  // Two resistances in a row: half a cell of flesh, then the skin or film.
  if (film !== Infinity) link[n - 1] = (link[n - 1] * film) / (link[n - 1] + film);
  if (sealed) link[n - 1] = 0;
  return { cells: n, offset, mass: grid.volumes.map((v) => v * share), link };
}

const GAMMA = 2 - Math.SQRT2;
const BDF_NEW = 1 / (GAMMA * (2 - GAMMA));
const BDF_OLD = (1 - GAMMA) ** 2 / (GAMMA * (2 - GAMMA));
const ERROR_FACTOR = (2 * (-3 * GAMMA ** 2 + 4 * GAMMA - 2)) / (12 * (2 - GAMMA));
const ERROR_OLD = ERROR_FACTOR / GAMMA;
const ERROR_MIDDLE = -ERROR_FACTOR / (GAMMA * (1 - GAMMA));
const ERROR_NEW = ERROR_FACTOR / (1 - GAMMA);

/**
 * TR-BDF2: trapezium to γ·dt, then a backward difference to dt, γ = 2 − √2 so that both solve the same matrix.
 * Second order and L-stable: the jump at the first instant dies out instead of ringing.
 * Error estimate after Hosea and Shampine (1996), *from memory*.
 */
export class Stepper {
  private readonly mass: Float64Array;
  private readonly inverseMass: Float64Array;
  private readonly slope: Float64Array;
  private readonly middle: Float64Array;
  private readonly rightMiddle: Float64Array;
  private readonly rightNew: Float64Array;
  private readonly upper: Float64Array;
  private readonly inversePivot: Float64Array;
  private inverseBathPivot = 0;
  private factoredForDtS = 0;

  constructor(private readonly exchange: Exchange) {
    const { rows, chains, outside } = exchange;
    this.mass = new Float64Array(rows);
    for (const chain of chains) this.mass.set(chain.mass, chain.offset);
    if (outside.kind === "limited") this.mass[rows - 1] = outside.waterRatio;
    this.inverseMass = this.mass.map((m) => 1 / m);
    const vector = () => new Float64Array(rows);
    this.slope = vector();
    this.middle = vector();
    this.rightMiddle = vector();
    this.rightNew = vector();
    this.upper = vector();
    this.inversePivot = vector();
  }

  /** Writes the state after `dtS` seconds into `next`; returns the estimated error, mass-weighted, g/g. */
  step(state: Float64Array, next: Float64Array, dtS: number): number {
    const { mass, inverseMass, middle, slope, rightMiddle, rightNew } = this;
    const { rows } = this.exchange;
    const half = (GAMMA / 2) * dtS;
    if (dtS !== this.factoredForDtS) this.factor(half);
    this.factoredForDtS = dtS;
    this.flows(state, slope);
    for (let i = 0; i < rows; i++) rightMiddle[i] = mass[i] * state[i] + half * slope[i];
    this.solve(rightMiddle, middle, half);
    for (let i = 0; i < rows; i++) rightNew[i] = mass[i] * (BDF_NEW * middle[i] - BDF_OLD * state[i]);
    this.solve(rightNew, next, half);
    const perHalf = 1 / half;
    let sum = 0;
    for (let i = 0; i < rows; i++) {
      // The solved equation M u − c (K u + b) = right gives the flows K u + b without computing them again.
      const m = mass[i];
      const slopeMiddle = (m * middle[i] - rightMiddle[i]) * perHalf;
      const slopeNew = (m * next[i] - rightNew[i]) * perHalf;
      const e = inverseMass[i] * (ERROR_OLD * slope[i] + ERROR_MIDDLE * slopeMiddle + ERROR_NEW * slopeNew);
      sum += (m < 1 ? m : 1) * e * e;
    }
    return dtS * Math.sqrt(sum);
  }

  private outsideValue(u: Float64Array): number {
    const { outside, rows } = this.exchange;
    if (outside.kind === "constant") return outside.perWater;
    return outside.kind === "limited" ? u[rows - 1] : 0;
  }

  /** K u + b: what flows into each row, g/g of flesh water a second. */
  private flows(u: Float64Array, out: Float64Array): void {
    const { chains, outside, rows } = this.exchange;
    const against = this.outsideValue(u);
    let intoFlesh = 0;
    for (const { cells, offset, link } of chains) {
      let fromBefore = 0;
      const last = cells - 1;
      for (let i = 0; i < last; i++) {
        const flow = link[i] * (u[offset + i + 1] - u[offset + i]);
        out[offset + i] = flow - fromBefore;
        fromBefore = flow;
      }
      const inward = link[last] * (against - u[offset + last]);
      out[offset + last] = inward - fromBefore;
      intoFlesh += inward;
    }
    if (outside.kind === "limited") out[rows - 1] = -intoFlesh;
  }

  /** Elimination of (M − c K), each chain from its middle out; the bath's row comes last. Kept while dt stays. */
  private factor(c: number): void {
    const { upper, inversePivot, mass } = this;
    const { chains, outside, rows } = this.exchange;
    let bathPivot = outside.kind === "limited" ? mass[rows - 1] : 1;
    for (const { cells, offset, link } of chains) {
      let pull = 0;
      for (let i = 0; i < cells; i++) {
        const next = c * link[i];
        const row = offset + i;
        inversePivot[row] = 1 / (mass[row] + next + pull);
        upper[row] = -next * inversePivot[row];
        // c·link + c·link·upper, written so that nothing cancels.
        pull = next * (1 + upper[row]);
      }
      if (outside.kind === "limited") bathPivot += pull;
    }
    this.inverseBathPivot = 1 / bathPivot;
  }

  private solve(right: Float64Array, out: Float64Array, c: number): void {
    const { upper, inversePivot } = this;
    const { chains, outside, rows } = this.exchange;
    let bathRight = outside.kind === "limited" ? right[rows - 1] : 0;
    for (const { cells, offset, link } of chains) {
      let before = right[offset] * inversePivot[offset];
      out[offset] = before;
      for (let i = 1; i < cells; i++) {
        const row = offset + i;
        before = (right[row] + c * link[i - 1] * before) * inversePivot[row];
        out[row] = before;
      }
      bathRight += c * link[cells - 1] * before;
    }
    if (outside.kind === "limited") out[rows - 1] = bathRight * this.inverseBathPivot;
    const against = this.outsideValue(out);
    for (const { cells, offset } of chains) {
      let after = against;
      for (let row = offset + cells - 1; row >= offset; row--) {
        after = out[row] - upper[row] * after;
        out[row] = after;
      }
    }
  }
}
