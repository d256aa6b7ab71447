import type { ReactNode } from "react";
export const pieces = (count: number) => (count === 1 ? "1 piece" : `${count} pieces`);
export const mmThick = (thicknessMm: string) => `${thicknessMm} mm thick`;
export const mmInTheThinPart = (thicknessMm: string) => `${thicknessMm} mm in the thin part`;
export const mmLong = (lengthMm: string) => `${lengthMm} mm long`;
export const weighOutSheet = "Weigh-out sheet";
export const food = "Food";
export const weightOfAllPieces = "Weight of all pieces";
export const gFlesh = (totalMassG: string, fleshG: string) => `${totalMassG} g (flesh ${fleshG} g)`;
export const brineStrength = "Brine strength";
export const byWeight = (brineFraction: string) => `${brineFraction} % by weight`;
export const heldAt = "Held at";
export const preparation = "Preparation";
export const bakeFor = (baked: boolean) => (baked ? "Bake for" : "Take out after");
export const readyLikely = "Ready, likely";
export const over4D = "over 4 d";
export const standsTooLongFrom = (which: string, likely: string) =>
  `${which}; stands too long from ${likely}`;
export const saltInTheFleshThen = "Salt in the flesh then";
export const mean = ({
  meanFraction,
  centreFraction,
  last,
}: {
  meanFraction: string;
  centreFraction: string;
  last: string;
}) => `${meanFraction} % mean, ${centreFraction} % ${last}`;
export const sodiumAPortion = "Sodium a portion";
export const mgOfPortions = (sodiumMgPerPortion: string, portions: number) =>
  `${sodiumMgPerPortion} mg of ${portions} portions`;
export const goesIn = "Goes in";
export const takeOut = "Take out";
export const weighOut = "Weigh out";
export const setOfItAsideBefore = (share: string) =>
  `Set ${share} % of it aside before raw food comes near. What touched raw food is boiled or thrown away.`;
export const followYourLocalFoodCode = (care: ReactNode) => (
  <>{care} Follow your local food code. Not for nitrite curing, canning or keeping.</>
);
export const reallyWeighedWentInTaken =
  "Really weighed: ____________ Went in: ____________ Taken out: ____________ Initials: ______";
export const holding = ({
  temperature,
  place,
  covered,
}: {
  temperature: string;
  place: string;
  covered: boolean;
}) => `${temperature} ${place}, ${covered ? "covered" : "uncovered"}`;
