import type { Preparation } from "../../formulation";
import type { SaltedFaces } from "./salted-faces";

/** What is done with the hands when it goes in or comes off: what, why, and what to look for. */
export interface Act {
  title: string;
  why: string;
  look?: string;
}

/** Figures of a batch as they are said in an act. */
export interface ActFigures {
  /** Of all that goes on, into or about it. */
  massG: number;
  /** All pieces, as they came. */
  foodG: number;
  liquidMl: number;
  /** Every line with its grams. */
  lines: string;
  /** No time to stand. */
  straight: boolean;
  /** Where dry salt lies. */
  faces: SaltedFaces;
}

/** What hands do with a preparation. */
export interface Acts<P extends Preparation = Preparation> {
  goesIn(p: P, figures: ActFigures): Act;
  /** How it comes off once it is out; left out, nothing is on it. */
  comesOff?(p: P): Act;
}
