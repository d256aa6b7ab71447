import type { ReactNode } from "react";
export const hotWaterAndIce = "Hot water and ice";
export const thereIsNoPlainWater = "There is no plain water in this brine to divide.";
export const hotWaterAt = "Hot water at";
export const iceAt = "Ice at";
export const brineWantedAt = "Brine wanted at";
export const iceOnHand = "Ice on hand";
export const hotWaterForTheSalt = "Hot water, for the salt";
export const iceToFinish = "Ice, to finish";
export const itEndsAtWithG = ({
  temperatureC,
  saltFraction,
  iceLeftKg,
  iceLeftG,
}: {
  temperatureC: ReactNode;
  saltFraction: string;
  iceLeftKg: number;
  iceLeftG: string;
}) => (
  <>
    It ends at {temperatureC}, {saltFraction} %
    {iceLeftKg > 0.001 ? `, with ${iceLeftG} g of ice left` : ", all ice melted"}.
  </>
);
export const notColdEnoughForRaw = ({
  shortG,
  moreIceG,
  coldLimitC,
}: {
  shortG: number;
  moreIceG: string;
  coldLimitC: string;
}) =>
  `Not cold enough for raw food: ${shortG > 0 ? `${moreIceG} g more ice of the same water, or ` : ""}chill it in the fridge to ${coldLimitC} first.`;
export const theHotPartAloneCannot =
  "The hot part alone cannot hold all the salt: stir till the ice has melted and the rest dissolves.";
export const enthalpyBalanceIceTakes333 = (plainG: string) =>
  `Enthalpy balance: ice takes 333.55 kJ/kg to melt (CRC Handbook, from memory); no heat lost to air or vessel. The ice is part of the ${plainG} g of water on the sheet.`;
export const theOtherGOfLiquid = (otherG: string, temperatureC: string) =>
  ` The other ${otherG} g of liquid goes in at ${temperatureC} and counts in both figures.`;
