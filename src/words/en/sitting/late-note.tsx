import type { ReactNode } from "react";
export const late = "Late";
export const lateByOnTheTable = (byMin: ReactNode, tableMs: ReactNode) => (
  <>
    Late by {byMin}: on the table at {tableMs}
  </>
);
export const whatWouldHoldTheHour = "What would hold the hour?";
