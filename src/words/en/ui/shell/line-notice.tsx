import type { ReactNode } from "react";
export const noLineToTheKitchens = "No line to the kitchen’s server: what you see is as it was last known. ";
export const oneEntryIsKeptHere = (entries: number) =>
  `${entries === 1 ? "One entry is" : `${entries} entries are`} kept here and sent when it is back. `;
export const somebodyElseChangedMeanwhile = (bodyName: ReactNode) => (
  <>Somebody else changed {bodyName} meanwhile; what you changed is kept here. Say there which is to stand.</>
);
export const thisDevicesClockIsAhead = (apart: string, aheadMs: number) =>
  ` This device’s clock is ${apart} ${aheadMs > 0 ? "ahead of" : "behind"} the kitchen’s: all times here go by the kitchen’s.`;
