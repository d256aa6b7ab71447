import type { Air } from "./rings";

/** What a piece meets in the heat by what covers it, minute by minute: one answer for courses, climbs and forecasts. */

export const COVERS = ["open", "lid", "foil", "pouch", "crust"] as const;
export type Cover = (typeof COVERS)[number];

export interface HeatedStretch {
  airC: number;
  minutes: number;
  cover: Cover;
  /** When the oven is opened for it, minutes of the stretch, rising; and whether its face is wetted then. */
  opened?: { atMin: readonly number[]; basted: boolean } | undefined;
}

/** Lean flesh, cold: m²/s and W/(m K), *from memory*. */
const ALPHA_M2_PER_S = 1.3e-7;
const CONDUCTIVITY_W_PER_M_K = 0.46;

/**
 * What reaches the face, W/(m² K), and how freely it gives off water, by what covers it. Estimates: an open roast as in a
 * still domestic oven; a lid, foil or pouch holds its own steam, a crust lets nothing off.
 */
export const FACE: Record<Cover, { filmWPerM2K: number; wetness: number }> = {
  open: { filmWPerM2K: 17, wetness: 0.11 },
  lid: { filmWPerM2K: 15, wetness: 0.03 },
  foil: { filmWPerM2K: 13, wetness: 0.03 },
  pouch: { filmWPerM2K: 13, wetness: 0 },
  crust: { filmWPerM2K: 60, wetness: 0 },
};

/**
 * Damp salt holds the food near the boil while the oven dries it: what the food meets within a crust rises to the boil and
 * a fifth of the oven above it, over about twenty minutes. Estimates: so set that 900 g of celeriac takes 95 to 120 min at
 * 200 °C, as a model of crust and food in two layers has it.
 */
const CRUST = { boilC: 100, ovenShare: 0.2, warmsOverMin: 20 };

/** An open door: the air falls so far towards the room's, and comes back over so many minutes: 2 to 4 min lost. *Practice*. */
const DOOR = { falls: 0.6, recoversMin: 5, roomC: 22 };

/** How a face stands to the usual one of its covering. */
export interface FaceGuess {
  /** Film and wetness over the covering's own. */
  film: number;
  wetter: number;
  /** An open face gives off a third of its water in so many minutes, unless it is basted; left out, it stays as it is. */
  driesInMin?: number | undefined;
}

const USUAL_FACE: FaceGuess = { film: 1, wetter: 1 };

/** Film times half thickness over the cold conductivity. */
export const biotOf = (filmWPerM2K: number, halfThicknessMm: number): number =>
  (filmWPerM2K * halfThicknessMm) / 1000 / CONDUCTIVITY_W_PER_M_K;

/** Minutes of one diffusion time of a piece. @param pace how much faster than the table's flesh it heats */
export const diffusionMin = (halfThicknessMm: number, pace = 1): number =>
  (halfThicknessMm / 1000) ** 2 / ALPHA_M2_PER_S / 60 / pace;

/**
 * The air of one stretch by its own minutes.
 * @param startC the food's when it went in: in a crust it is what the salt begins at
 */
export function airIn(
  piece: { halfThicknessMm: number; startC: number },
  stretch: Omit<HeatedStretch, "minutes">,
  guess: FaceGuess = USUAL_FACE,
): (atMin: number) => Air {
  const { airC, cover, opened } = stretch;
  const face = FACE[cover];
  const even: Air = {
    airC,
    biot: biotOf(face.filmWPerM2K * guess.film, piece.halfThicknessMm),
    wetness: face.wetness * guess.wetter,
  };
  if (cover === "crust") {
    const topC = CRUST.boilC + CRUST.ovenShare * (airC - CRUST.boilC);
    return (atMin) => ({
      ...even,
      airC: piece.startC + (topC - piece.startC) * (1 - Math.exp(-atMin / CRUST.warmsOverMin)),
    });
  }
  const driesInMin = cover === "open" ? guess.driesInMin : undefined;
  if (!opened && driesInMin === undefined) return () => even;
  return (atMin) => {
    const openedMin = opened?.atMin.findLast((m) => m <= atMin);
    const sinceMin = openedMin === undefined ? undefined : atMin - openedMin;
    const dryingMin = (opened?.basted ? sinceMin : undefined) ?? atMin;
    const fallen = sinceMin === undefined ? 0 : DOOR.falls * Math.exp(-sinceMin / DOOR.recoversMin);
    return {
      ...even,
      airC: airC - fallen * (airC - DOOR.roomC),
      wetness: driesInMin === undefined ? even.wetness : even.wetness * Math.exp(-dryingMin / driesInMin),
    };
  };
}

/** The air of a whole cook by its minutes; the last stretch goes on. */
export function airAlong(
  piece: { halfThicknessMm: number; startC: number },
  stretches: readonly HeatedStretch[],
  guess?: FaceGuess,
): (atMin: number) => Air {
  let fromMin = 0;
  const airs = stretches.map((stretch) => {
    const from = fromMin;
    fromMin += stretch.minutes;
    return { untilMin: fromMin, from, air: airIn(piece, stretch, guess) };
  });
  const last = airs[airs.length - 1];
  return (atMin) => {
    const { from, air } = airs.find((a) => atMin < a.untilMin) ?? last;
    return air(atMin - from);
  };
}
