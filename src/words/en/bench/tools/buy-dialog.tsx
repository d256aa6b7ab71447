import type { ReactNode } from "react";
export const light = "Light";
export const usual = "Usual";
export const hearty = "Hearty";
export const buy = (foodName: string) => `Buy ${foodName}`;
export const appetite = "Appetite";
export const eaters = "Eaters";
export const toHaveOver = "To have over";
export const buyAsBought = "Buy, as bought";
export const ofItToEat = "of it to eat";
export const aboutPiecesOfTheUsual = ({
  pieces,
  pieceMassG,
  boneG,
  trimG,
  food,
}: {
  pieces: number;
  pieceMassG: string;
  boneG: string;
  trimG: string;
  food: string;
}) =>
  `About ${pieces} pieces of the usual ${pieceMassG} g. Bone ${boneG} g, skin and trim ${trimG} g. ${food} g a head as bought: common practice, no source.`;
export const theOtherWayRound = "The other way round";
export const iHave = "I have";
export const thatFeedsWithGTo = (food: ReactNode, edibleG: string) => (
  <>
    That feeds {food}, with {edibleG} g to eat.
  </>
);
export const putGOnTheBench = (rawG: string) => `Put ${rawG} g on the Bench`;
