import { besselj } from "bessel";

/*
 * Analytic series the tests check the engine against: Crank, The Mathematics of Diffusion, 2nd ed. Uptakes are shares
 * of the final uptake, times are Fourier numbers D t / L² (L the half-thickness or radius).
 */

export type Shape = "slab" | "cylinder" | "sphere";

const LARGEST_ROOT = 120;
const SCAN_STEP = 0.1;

/** Roots of a function up to where their modes have died at Fo = 0.001. Poles must have been multiplied out. */
function rootsOf(f: (q: number) => number): number[] {
  const found: number[] = [];
  let before = f(1e-6);
  for (let q = SCAN_STEP; q < LARGEST_ROOT; q += SCAN_STEP) {
    const now = f(q);
    if (before * now < 0) found.push(bisect(f, q - SCAN_STEP, q));
    before = now;
  }
  return found;
}

function bisect(f: (q: number) => number, from: number, to: number): number {
  let [low, high] = [from, to];
  const sign = Math.sign(f(low));
  for (let i = 0; i < 60; i++) {
    const middle = (low + high) / 2;
    if (Math.sign(f(middle)) === sign) low = middle;
    else high = middle;
  }
  return (low + high) / 2;
}

const decaySum = (roots: number[], fourier: number, weight: (q: number) => number) =>
  roots.reduce((sum, q) => sum + weight(q) * Math.exp(-q * q * fourier), 0);

const remembered = <K extends unknown[], V>(make: (...key: K) => V) => {
  const held = new Map<string, V>();
  return (...key: K): V => {
    const name = JSON.stringify(key);
    const known = held.get(name) ?? make(...key);
    held.set(name, known);
    return known;
  };
};

const openRoots = remembered((shape: Shape): number[] => {
  if (shape === "cylinder") return rootsOf((q) => besselj(q, 0));
  const count = Math.floor(LARGEST_ROOT / Math.PI);
  return Array.from({ length: count }, (_, n) => (shape === "slab" ? n + 0.5 : n + 1) * Math.PI);
});

/** In a great bath: 4.18, 5.23, 6.20. */
export function openUptake(shape: Shape, fourier: number): number {
  const weight = { slab: 2, cylinder: 4, sphere: 6 }[shape];
  return 1 - decaySum(openRoots(shape), fourier, (q) => weight / q ** 2);
}

/** Profile in a great bath at a relative position from the centre, not 0: 4.17, 5.22, 6.18. */
export function openProfile(shape: Shape, fourier: number, x: number): number {
  const roots = openRoots(shape);
  switch (shape) {
    case "slab":
      return 1 - decaySum(roots, fourier, (q) => (2 * Math.cos(q * x)) / (q * Math.sin(q)));
    case "cylinder":
      return 1 - decaySum(roots, fourier, (q) => (2 * besselj(q * x, 0)) / (q * besselj(q, 1)));
    case "sphere":
      return 1 + decaySum(roots, fourier, (q) => (2 * Math.cos(q) * Math.sin(q * x)) / (q * x));
  }
}

const limitedRoots = remembered((shape: Shape, a: number): number[] => {
  switch (shape) {
    case "slab":
      return rootsOf((q) => Math.sin(q) + a * q * Math.cos(q));
    case "cylinder":
      return rootsOf((q) => a * q * besselj(q, 0) + 2 * besselj(q, 1));
    case "sphere":
      return rootsOf((q) => (3 + a * q * q) * Math.sin(q) - 3 * q * Math.cos(q));
  }
});

/** In a bath of `alpha` times the flesh: 4.37, 5.33, 6.30. */
export function limitedUptake(shape: Shape, fourier: number, alpha: number): number {
  const n = { slab: 1, cylinder: 2, sphere: 3 }[shape];
  return (
    1 -
    decaySum(
      limitedRoots(shape, alpha),
      fourier,
      (q) => (2 * n * alpha * (1 + alpha)) / (n * n * (1 + alpha) + alpha ** 2 * q ** 2),
    )
  );
}

const resistedRoots = remembered((shape: Shape, biot: number): number[] => {
  switch (shape) {
    case "slab":
      return rootsOf((q) => q * Math.sin(q) - biot * Math.cos(q));
    case "cylinder":
      return rootsOf((q) => q * besselj(q, 1) - biot * besselj(q, 0));
    case "sphere":
      return rootsOf((q) => q * Math.cos(q) + (biot - 1) * Math.sin(q));
  }
});

/** Behind a surface resistance, Bi = k L / D: 4.53, 5.49, 6.43. */
export function resistedUptake(shape: Shape, fourier: number, biot: number): number {
  const n = { slab: 1, cylinder: 2, sphere: 3 }[shape];
  const tail = { slab: biot, cylinder: 0, sphere: -biot }[shape];
  return (
    1 -
    decaySum(
      resistedRoots(shape, biot),
      fourier,
      (q) => (2 * n * biot ** 2) / (q ** 2 * (q ** 2 + biot ** 2 + tail)),
    )
  );
}

const sealedRoots = remembered((): number[] => rootsOf((q) => besselj(q, 1)).filter((q) => q > 1));

/**
 * A cylinder nothing leaves, filled at first as far out as a share of its radius: strength over that of the filling, at a
 * share of the radius. Crank 5.3 with no flux at the rim (Carslaw and Jaeger, Conduction of Heat in Solids, 2nd ed., § 7.6).
 */
export const spreadFrom = (core: number, at: number, fourier: number): number =>
  core ** 2 +
  decaySum(
    sealedRoots(),
    fourier,
    (q) => (2 * core * besselj(q * core, 1) * besselj(q * at, 0)) / (q * besselj(q, 0) ** 2),
  );
