export const breast = "breast";
export const legAndThigh = "leg and thigh";
export const countOfThickness = (count: number, thicknessMm: number) => `${count} of ${thicknessMm} mm`;
export const theirThinPart = "their thin part";
export const sizeOfThickness = (which: number | string, thicknessMm: number) =>
  `${which} of ${thicknessMm} mm`;
