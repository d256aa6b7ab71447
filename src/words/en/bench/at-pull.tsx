import type { ReactNode } from "react";
export const onThePlateCookedTo = ({
  served,
  toC,
  place,
  pullH,
}: {
  served: boolean;
  toC: string;
  place: string;
  pullH: string;
}) => (served ? `On the plate: cooked to ${toC}` : `${place} at ${pullH}`);
export const backToTheSoak = (served: boolean) => (served ? "Back to the soak" : "On the plate");
export const deep = (what: string, mm: ReactNode) => (
  <>
    {what} {mm} deep
  </>
);
export const hatched = " (hatched)";
export const mean = "mean";
export const evenness = "evenness";
export const bathOf = (mixture: boolean) => (mixture ? "mixture" : "bath");
export const acid = "acid";
export const sugar = "sugar";
