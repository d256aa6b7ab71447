import type { ReactNode } from "react";
export const twoAreYoursTheThird = "Two are yours, the third follows";
export const saltWantedInTheFlesh = "Salt wanted in the flesh";
export const saltInTheFlesh = "salt in the flesh";
export const hoursInIt = "Hours in it";
export const timeInIt = "time in it";
export const fromWhat = "From what";
export const isThisKitchensOwnTaste = (houseSalt: string, fromWhat: ReactNode) => (
  <>
    {houseSalt} % is this kitchen’s own taste. {fromWhat}
  </>
);
export const houseTaste = (houseSalt: string) => `House taste: ${houseSalt} %`;
export const brineStrength = "Brine strength";
export const saltOnTheMeat = "Salt on the meat";
export const follows = (follows: boolean) => (follows ? "= follows" : "▪ yours");
