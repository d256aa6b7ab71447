import type { ReactNode } from "react";
export const tastes = (eaterName: string) => `${eaterName} tastes`;
export const nthOfAll = (nth: number, part: number) => `${nth} of ${part}`;
export const takeMyLastAnswerBack = "Take my last answer back";
export const tasteDrinkSomeWaterThen = (first: string, second: string) =>
  `Taste ${first}, drink some water, then taste ${second}.`;
export const whichWouldYouRatherHave = "Which would you rather have a plate of?";
export const iFindNoDifference = "I find no difference";
export const taste = (code: ReactNode) => <>Taste {code}</>;
export const howIsItsSalt = "How is its salt?";
