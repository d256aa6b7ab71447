export const thick = (thicknessMm: string) => `${thicknessMm} thick`;
export const toTheRim = "to the rim";
export const andFood = (liquid: string) => `${liquid} and food`;
export const standsOutOfThe = (exposedMm: string, liquid: string) =>
  `${exposedMm} stands out of the ${liquid}`;
export const overTheRim = (overflowMl: string) => `${overflowMl} over the rim`;
export const toGo = (halfThicknessM: string) => `${halfThicknessM} to go`;
export const pieces = (count: number) => (count === 1 ? "1 piece" : `${count} pieces`);
export const liquid = (mixture: boolean) => (mixture ? "marinade" : "brine");
