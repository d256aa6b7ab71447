import type { ReactNode } from "react";
export const fridge = "Fridge";
export const usedOfRoom = (usedL: ReactNode, ofL: ReactNode) => (
  <>
    {usedL} of {ofL}
  </>
);
export const moreThanThereIsPart = "More than there is: part of it wants another place.";
