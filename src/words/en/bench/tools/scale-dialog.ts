export const morePieces = "More pieces";
export const sameSizeSameTime = "same size, same time";
export const largerPieces = "Larger pieces";
export const thickerSoLonger = "thicker, so longer";
export const moreFood = "More food";
export const timesAsMuch = "Times as much";
export const asWhat = "As what";
export const line = "Line";
export const nowG = "now, g";
export const thenG = "then, g";
export const readyFrom = "Ready from";
export const itNoLongerGoesInto = (overflowMl: string) =>
  `It no longer goes into this vessel: ${overflowMl} ml over the rim.`;
export const useThisMuch = "Use this much";
export const theSumsDoNotWork =
  "The sums do not work out for that much. Try a smaller step, or mend the Bench first.";
export const over4Days = "over 4 d";
