import type { ReactNode } from "react";
export const theUsual = "the usual";
export const to = (low: string, high: string) => `${low} to ${high}`;
export const heatingTheOven = "Heating the oven";
export const minFromLitToIts = "min from lit to its heat";
export const betweenAndTwoTimesIn = ({
  learntLow,
  learntHigh,
  readings,
}: {
  learntLow: string;
  learntHigh: string;
  readings: number;
}) =>
  `Between ${learntLow} and ${learntHigh} two times in three, from ${readings} ${readings === 1 ? "evening" : "evenings"} somebody watched it.`;
export const aPlanLightsItMin = (shown: ReactNode, preheatMin: number) => (
  <>
    A plan lights it {shown} min before the food goes in, instead of {preheatMin}.
  </>
);
export const overTheUsual = "over the usual";
export const before = "Before";
export const whatOvensTake = "what ovens take";
export const now = "Now";
