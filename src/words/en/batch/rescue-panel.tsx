import type { ReactNode } from "react";
export const lateOrEarly = "Late or early?";
export const close = (open: boolean) => (open ? "Close" : "What can I do now?");
export const workingOutTheWays = "working out the ways…";
export const theSumsDoNotWork = "The sums do not work out here.";
export const waysOutTheBestFirst = "Ways out, the best first";
export const meanSurfaceCentre = ({
  meanFraction,
  surfaceFraction,
  centreFraction,
}: {
  meanFraction: ReactNode;
  surfaceFraction: ReactNode;
  centreFraction: ReactNode;
}) => (
  <>
    mean {meanFraction} % · surface {surfaceFraction} % · centre {centreFraction} %
  </>
);
export const takeItOutNowAnd = "Take it out now and cook it as it is.";
export const leaveItInAnother = (hours: string) => `Leave it in another ${hours}.`;
export const takeItOutNowAndOfHours = (hours: string) =>
  `Take it out now and rest it ${hours} in the fridge: it evens out, nothing is lost.`;
export const takeItOutAndStand = (amount: number) =>
  `Take it out and stand it ${amount} min in plenty of cold water, in the fridge.`;
export const addLOfColdWater = (amount: string, hours: string) =>
  `Add ${amount} L of cold water now and leave it in till it is wanted, in ${hours}.`;
export const cookItNowAndLeave = ({
  over,
  leftOutG,
  putOnG,
}: {
  over: number;
  leftOutG: string;
  putOnG: string;
}) =>
  over > 0
    ? `Cook it now and leave ${leftOutG} g of salt out of the sauce and the sides.`
    : `Cook it now and put ${putOnG} g of salt more on it at the table or in the sauce.`;
