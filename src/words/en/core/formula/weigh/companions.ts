export const bakes = (bakeMin: number) => `bakes ${bakeMin} min`;
