import type { ReactNode } from "react";
export const thawAndCooler = "Thaw and cooler";
export const thawing = "Thawing";
export const aPieceOfGThaws = (pieceG: string) => `A piece of ${pieceG} g thaws`;
export const inTheFridgeIn = (fridgeLow: ReactNode) => <>in the fridge in {fridgeLow}</>;
export const inColdWaterInSealed = (pieceG: ReactNode) => (
  <>in cold water in {pieceG}, sealed, the water changed every 30 min, and cooked at once</>
);
export const itStandsAt = "It stands at";
export const looseIceInTheBath = "Loose ice in the bath";
export const thawTimesUsdaFsisFrom =
  "Thaw times: USDA FSIS (from memory). Heat balance with walls and films from practice (estimates): a thermometer in the bath decides. Follow your local food code.";
export const frozenFoodInTheBath = "Frozen food in the bath";
export const frozenFoodInThisBath = "Frozen food in this bath";
export const theBathStaysAtOr = (temperature: string, hours: string) =>
  `The bath stays at or under ${temperature} for all ${hours}.`;
export const theBathIsAboveFrom = (temperature: string, warmFromH: string) =>
  `The bath is above ${temperature} from ${warmFromH} on.`;
export const theMiddleIsStillFrozen = (hours: string) => `The middle is still frozen after ${hours}.`;
export const theMiddleHasThawedAfter = (thawedH: string) => `The middle has thawed after ${thawedH}.`;
export const moreIceThanThisBath = "more ice than this bath can hold";
export const gOfIceInThe = (safeIceG: string) => `${safeIceG} g of ice in the bath, topped up`;
export const notThisWayTheSame = (temperature: string, which: string) =>
  `Not this way. The same in the fridge at ${temperature} or below, or in a cooler with a thermometer and ${which}.`;
export const temperatureOfBathAndFood = "Temperature of bath and food over the hours";
export const bathSurfaceAndCentreOf = (warmC: string) =>
  `Bath, surface and centre of the food; the dashed line is ${warmC}.`;
export const iceForTheCooler = "Ice for the cooler";
export const iceForInTheCooler = (pullH: string) => `Ice for ${pullH} in the cooler`;
export const aboutMeltsHaveInThe = ({
  meltsG,
  allG,
  firstG,
}: {
  meltsG: ReactNode;
  allG: ReactNode;
  firstG: ReactNode;
}) => (
  <>
    About {meltsG} melts; have {allG} in the house. Begin with {firstG}, in sealed bags so that it does not
    weaken the brine.
  </>
);
export const afterGMore = (hour: string, topUpG: ReactNode) => (
  <>
    after {hour}: {topUpG} g more
  </>
);
