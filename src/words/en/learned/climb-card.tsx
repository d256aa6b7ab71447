import type { ReactNode } from "react";
export const theSums = "the sums";
export const to = (low: string, high: string) => `${low} to ${high}`;
export const aRoast = "A roast";
export const climbedForetold = ({
  day,
  seenC,
  foretoldC,
}: {
  day: string;
  seenC: string;
  foretoldC: string;
}) => `${day}: climbed ${seenC}, foretold ${foretoldC}`;
export const farFromTheOthers = "· far from the others";
export const before = "Before";
export const theSumsOwnDoubt = "the sums’ own doubt";
export const now = "Now";
export const theClimbOutOfThe = "The climb out of the heat";
export const whatTheSumsForetell = "what the sums foretell";
export const betweenAndTwoTimesIn = ({
  learntLow,
  learntHigh,
  counted,
}: {
  learntLow: string;
  learntHigh: string;
  counted: number;
}) =>
  `Between ${learntLow} and ${learntHigh} two times in three, from ${counted} ${counted === 1 ? "roast" : "roasts"} whose probe stayed in.`;
export const aMiddleThatIsTo = ({
  told,
  here,
  apart,
  factor,
}: {
  told: string;
  here: ReactNode;
  apart: string;
  factor: number;
}) => (
  <>
    A middle that is to climb {told} climbs {here} here: it comes out {apart}{" "}
    {factor < 1 ? "warmer" : "cooler"}.
  </>
);
export const overTheSums = "over the sums";
export const theRoast = "the roast";
