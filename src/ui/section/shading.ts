import { perWaterAt } from "@/core/diffusion/read-moment";
import type { Outcome } from "@/core/formula/account/outcome";
import type { Formulated } from "@/core/formula/formulate";
import { shareOfFinishedFlesh } from "@/core/formula/weigh/equilibrium";

/** Salt at this many times the target is drawn in the full brine colour. */
export const FULL_COLOUR_AT = 1.7;
const STOPS = 16;

export interface Shade {
  /** 0 at the centre (or blocked face) to 1 at the open face. */
  position: number;
  fraction: number;
  colour: string;
}

/** Salt from the middle out, as shares of finished flesh with their colours. */
export function shadesOf(sheet: Formulated, outcome: Outcome): Shade[] {
  const { grid } = sheet.soak.run;
  const w = sheet.soaked.waterFraction;
  const full = FULL_COLOUR_AT * shareOfFinishedFlesh(sheet.soak.aim.targetPerWater, w);
  return Array.from({ length: STOPS + 1 }, (_, i) => {
    // Closer together near the face, where the salt changes fastest.
    const position = 1 - (1 - i / STOPS) ** 2;
    const fraction = shareOfFinishedFlesh(perWaterAt(grid, outcome.moment, position), w);
    return { position, fraction, colour: saltColour(fraction / full) };
  });
}

/** Flesh to brine colour; @param share of full colour, clamped to 0..1 */
export const saltColour = (share: number): string => colourOf(strengthOf(share));

/** How much of the full colour, in whole per cent: finer cannot be told apart. */
export const strengthOf = (share: number): number => Math.round(Math.min(1, Math.max(0, share)) * 100);

export const colourOf = (strength: number): string =>
  `color-mix(in oklab, var(--color-primary) ${strength}%, var(--flesh))`;
