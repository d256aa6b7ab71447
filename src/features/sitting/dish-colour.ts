/** Hues far apart, beginning away from the ember that says heat, or that something does not fit. */
const HUES = [215, 130, 300, 85, 255, 165, 340, 60];

/** The colour a dish has beside its name, by its place among the dishes: never without the name. */
export const dishColour = (place: number): string =>
  `oklch(0.62 0.11 ${HUES[Math.max(0, place) % HUES.length]})`;
