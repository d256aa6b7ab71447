import type { ReactNode } from "react";
export const breast = "breast";
export const legQuarters = "leg quarters";
export const wings = "wings";
export const thickEnd = "thick end";
export const thinEnd = "thin end";
export const parts = "Parts";
export const takenApartATrayEach = "Taken apart, a tray each";
export const part = (amount: number) => `Part ${amount}`;
export const leaveOutPart = (amount: number) => `Leave out part ${amount}`;
export const itsCoreShallEndAt = "Its core shall end at";
export const partOfAmount = (amount: number) => `, part ${amount}`;
export const itsThickestPart = "Its thickest part";
export const shareOfTheWeight = "Share of the weight";
export const stagesOfItsOwn = "Stages of its own";
export const isCarcassAndTrimmingsTo = (left: ReactNode) => (
  <>{left} % is carcass and trimmings: to the stock, with its salt.</>
);
export const aPartOfItsOwn = (free: string) => `A part of its own: ${free}`;
export const partNumber = (number: number) => `part ${number}`;
