import type { ReactNode } from "react";
export const thePlanThatComesNearest = "The plan that comes nearest";
export const inEmber = "In ember";
export const allButThisIsKept = (sayDemand: ReactNode, inEmber: ReactNode) => (
  <>
    All but this is kept: {sayDemand}. {inEmber}, what does not fit.
  </>
);
