import type { ReactNode } from "react";
export const theSumsOfVersionNo = (version: number) =>
  `The sums of version ${version} no longer work out: open it on the Bench.`;
export const asItLies = "As it lies";
export const saltInTheFleshAfter = ({
  meanFraction,
  pullH,
  targetFraction,
}: {
  meanFraction: ReactNode;
  pullH: ReactNode;
  targetFraction: ReactNode;
}) => (
  <>
    {meanFraction} % salt in the flesh after {pullH}, wanted {targetFraction} %
  </>
);
export const outOfTheOven = (baked: boolean) => (baked ? "out of the oven" : "take out");
export const whatIsDone = "What is done";
export const weighedOut = "Weighed out";
export const itGoesIn = "it goes in";
export const before = (atMin: number, span: string) => (atMin < 0 ? `${span} before` : `after ${span}`);
export const madeOfIt = "Made of it";
export const noBatchYet = "No batch yet.";
export const version = (version: number) => `version ${version}`;
export const underWay = (liftedAtMs: null | number) => (liftedAtMs === null ? "under way" : "not judged");
