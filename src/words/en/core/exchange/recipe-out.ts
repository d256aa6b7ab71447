export const section = {
  prepare: "Getting ready",
  stand: "Standing",
  cook: "Cooking",
  serve: "To the table",
};
export const portions = (portions: number) => `${portions} portions`;
export const of1OfPortionsGSalt = (portions: number, eatenG: string) =>
  `1 of ${portions} portions, ${eatenG} g salt`;
export const pieces = (count: number) => `, ${count} pieces`;
export const mmInTheThinPart = (thicknessMm: string) => ` (${thicknessMm} mm in the thin part)`;
export const mmThick = ({
  foodG,
  foodName,
  pieces,
  thicknessMm,
  thinPart,
}: {
  foodG: string;
  foodName: string;
  pieces: string;
  thicknessMm: string;
  thinPart: string;
}) => `${foodG} g ${foodName}${pieces}, ${thicknessMm} mm thick${thinPart}`;
export const forThe = (part: string) => `, for the ${part}`;
export const optional = ", optional";
export const place = {
  underSkin: ", under the skin",
  cavity: ", in the cavity",
  overUnder: ", over and under it",
  inSalt: ", in the salt",
  tray: ", on the tray",
};
