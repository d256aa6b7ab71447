import type { ReactNode } from "react";
export const weighIn = "Weigh in";
export const scale = "Scale";
export const tareTheEmptyBowl = "Tare: the empty bowl";
export const theScaleShowsMoving = (steady: boolean) => `The scale shows${steady ? "" : ", moving"}`;
export const tareThatIsTheBowl = "Tare: that is the bowl";
export const allLinesScaledBySo = (scaledBy: ReactNode) => (
  <>All lines scaled by {scaledBy}, so that the strength stays.</>
);
export const backToTheSheet = "Back to the sheet";
