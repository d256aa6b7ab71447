export const atLeast = (least: number) => `At least ${least} °C.`;
export const atMost = (most: number) => `At most ${most} °C.`;
export const atLeastOfMin = (min: number) => `At least ${min} min.`;
export const atMostOfMax = (max: number) => `At most ${max} min.`;
export const atMostSixtyReadingsTake = "At most sixty readings: take an old one back.";
