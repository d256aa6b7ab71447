import type { Formulation, SaltGiven } from "../../formulation";
import { formulate } from "../formulate";

/** A larger batch is more pieces of the same size, or the same pieces grown. */
export type Growth = "morePieces" | "largerPieces";

/**
 * Salt given outright, so many times over; what follows from what is wanted follows by itself.
 * @param alsoPercent a share of the meat grows with the meat, but not when it is the taste that is changed
 */
export function scaledSalt(
  salt: SaltGiven | undefined,
  factor: number,
  alsoPercent = false,
): SaltGiven | undefined {
  switch (salt?.mode) {
    case "grams":
      return { ...salt, massG: salt.massG * factor };
    case "measure":
      return { ...salt, volumeMl: salt.volumeMl * factor };
    case "pinch":
      return { ...salt, count: salt.count * factor };
    case "percent":
      return alsoPercent ? { ...salt, fraction: salt.fraction * factor } : salt;
    default:
      return salt;
  }
}

/** What binds a crust grows with its salt. */
const scaledPreparation = (p: Formulation["preparation"], factor: number): Formulation["preparation"] =>
  p.kind === "saltCrust" && p.bound
    ? { ...p, bound: { waterG: p.bound.waterG * factor, whites: p.bound.whites * factor } }
    : p;

/** The formulation for more food; vessel, lines and laws stay as they are. @param factor 0.1 to 20 */
export function scaled(f: Formulation, factor: number, growth: Growth): Formulation {
  const more = growth === "morePieces";
  const length = more ? 1 : Math.cbrt(factor);
  const grow = <T extends { count: number; totalMassG: number; thicknessMm: number }>(p: T): T => ({
    ...p,
    count: more ? Math.max(1, Math.round(p.count * factor)) : p.count,
    totalMassG: p.totalMassG * factor,
    thicknessMm: p.thicknessMm * length,
  });
  return {
    ...f,
    preparation: scaledPreparation(f.preparation, factor),
    ...(f.salt && { salt: scaledSalt(f.salt, factor) }),
    pieces: {
      ...grow(f.pieces),
      ...(f.pieces.lengthMm !== undefined && { lengthMm: f.pieces.lengthMm * length }),
    },
    alongside: f.alongside?.map(grow),
    water: f.water.mode === "chosen" ? { mode: "chosen", massG: f.water.massG * factor } : f.water,
    portions: Math.max(1, Math.round(f.portions * factor)),
  };
}

/** One line before and after. */
export interface ScaledLine {
  id: string;
  name: string;
  scalesWith: string;
  beforeG: number;
  afterG: number;
}

export interface ScalePreview {
  lines: ScaledLine[];
  /** Hours to readiness, undefined where not within the rail. */
  readyBeforeH: number | undefined;
  readyAfterH: number | undefined;
  /** It no longer goes into the vessel, mL over; 0 when it does. */
  overflowMl: number;
}

/** Every line now and for more food, side by side; undefined where the sums refuse either. */
export function scalePreview(f: Formulation, factor: number, growth: Growth): ScalePreview | undefined {
  const before = formulate(f);
  const after = formulate(scaled(f, factor, growth));
  if (!before.ok || !after.ok) return undefined;
  const was = [...before.value.lines, ...before.value.companions];
  const is = [...after.value.lines, ...after.value.companions];
  return {
    lines: was.map((line, i) => ({
      id: `${line.part}-${line.id}-${i}`,
      name: line.name,
      scalesWith: line.scalesWith,
      beforeG: line.massG,
      afterG: is[i]?.massG ?? 0,
    })),
    readyBeforeH: before.value.soak.window.ready.likely,
    readyAfterH: after.value.soak.window.ready.likely,
    overflowMl: after.value.level?.overflowMl ?? 0,
  };
}
