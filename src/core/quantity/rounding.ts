/**
 * The step a kitchen scale is read in: 0.1 g below 20 g, 1 g to 1 kg, 5 g above. Source: *practice*.
 * @param massG mass, g
 */
export function scaleStepG(massG: number): number {
  const size = Math.abs(massG);
  if (size < 20) return 0.1;
  return size < 1000 ? 1 : 5;
}

/** A mass as it is read off the scale, g. Round only for showing, never before summing. */
export function roundForScale(massG: number): number {
  const step = scaleStepG(massG);
  return Number((Math.round(massG / step) * step).toFixed(1));
}
