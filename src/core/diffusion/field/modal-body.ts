import type { Grid } from "../grid";
import type { CutPart, SectionGrid } from "../run";
import type { Sealed } from "./axis";

/** A body whose state is held in modes that decay each at its own rate: exact in time, whatever the step. */
export interface ModalBody {
  /** Its nested shells, from the middle out. */
  readonly grid: Grid;
  /** Difference from what stands outside, in modes of the present exchange. */
  state: Float64Array;
  /** Of every mode: its decay over the diffusivity, 1/m², and what a strength of 1 throughout is in it. */
  rate: Float64Array;
  one: Float64Array;
  /** From now on its modes go their own ways. */
  moved(): void;
  /**
   * Changes what stands outside: strengths stay, the modes are those of the new exchange.
   * @param extraM what a still bath or a crust adds on every open face, metres of flesh
   */
  exchangeWith(outside: number, next: number, extraM: number, sealed: Sealed): void;
  /** What is left of every mode after so much of diffusivity times time, m². Reused: copy it. */
  decayed(reach: number): Float64Array;
  /**
   * Of a plane's two faces, what comes in through either while so much of diffusivity times time goes by, m²: g per g of flesh water.
   * @throws RangeError for what has no two faces
   */
  through(face: "low" | "high", reach: number): number;
  /** Mean difference from what stands outside. */
  mean(): number;
  /** Mean strength of each shell, from the middle out. */
  shells(outside: number): Float64Array;
  /** Strength at the middle. */
  middle(outside: number): number;
  /** Strength just under the barest face, half-way along it. */
  underFace(outside: number): number;
  /** How a cut through the middle, thickness by width, is divided; none where shells tell it. */
  sectionGrid(): SectionGrid | undefined;
  /** What that cut is read from just now, against what stands outside. */
  cut(): Pick<CutPart, "rows" | "values">;
}

/** What has decayed by e to this power is nothing: numbers that small are slow to reckon with. */
const GONE = 60;

/** What is left of a mode. @param reach diffusivity times time, m² */
export const leftOf = (rate: number, reach: number): number =>
  rate * reach > GONE ? 0 : Math.exp(-rate * reach);
