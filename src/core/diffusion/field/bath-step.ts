import type { ModalBody } from "./modal-body";

/* One step of solids in their modes: each decays by its own rate, whatever the step. */

/** In an outside that stays as it is. @param reach diffusivity times time, m² */
export function decay(solids: readonly ModalBody[], reach: number): void {
  for (const solid of solids) {
    const left = solid.decayed(reach);
    const { state } = solid;
    for (let k = 0; k < state.length; k++) state[k] = orNone(state[k] * left[k]);
  }
}

/**
 * In a bath they share, that weakens along a straight line so steep that no salt is made or lost.
 * @param waterRatio the bath's water over all flesh water
 * @returns how the bath's strength changes, g/g a second
 */
export function weakened(
  solids: readonly ModalBody[],
  shares: readonly { share: number }[],
  waterRatio: number,
  diffusivity: number,
  seconds: number,
): number {
  let kept = 0;
  let drawn = 0;
  let before = 0;
  const moves = solids.map((solid, j) => {
    const { state, rate, one } = solid;
    const { share } = shares[j];
    const left = solid.decayed(diffusivity * seconds);
    const drift = new Float64Array(state.length);
    let keptHere = 0;
    let drawnHere = 0;
    let beforeHere = 0;
    for (let k = 0; k < state.length; k++) {
      const weight = one[k];
      const was = weight * state[k];
      const drifts = driftOf(left[k], rate[k], diffusivity, seconds);
      drift[k] = drifts;
      beforeHere += was;
      keptHere += was * left[k];
      drawnHere += weight * weight * drifts;
    }
    kept += share * keptHere;
    drawn += share * drawnHere;
    before += share * beforeHere;
    return { state, one, left, drift };
  });
  // All the salt before is all the salt after: (R + 1) g + mean difference.
  const slope = (before - kept) / ((waterRatio + 1) * seconds - drawn);
  for (const { state, one, left, drift } of moves)
    for (let k = 0; k < state.length; k++) state[k] = orNone(left[k] * state[k] - slope * one[k] * drift[k]);
  return slope;
}

/** What a bath that changes by 1 a second adds up to in a mode that decays meanwhile, s. */
const driftOf = (left: number, rate: number, diffusivity: number, seconds: number): number =>
  rate > 0 ? (1 - left) / (diffusivity * rate) : seconds;

/** Far below anything a mode can add: left in, it would make every later step slow. */
const orNone = (value: number): number => (Math.abs(value) < 1e-80 ? 0 : value);
