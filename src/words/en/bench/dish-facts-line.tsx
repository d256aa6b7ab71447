import type { ReactNode } from "react";
export const whatIsInIt = "What is in it";
export const allergens = "Allergens:";
export const noneInTheTables = "none in the tables";
export const byLabel = (allergenName: string) => `· by label: ${allergenName}`;
export const alcoholPutIn = "Alcohol put in:";
export const gAPortion = (alcoholPutIn: ReactNode, alcoholPerPortionG: ReactNode) => (
  <>
    {alcoholPutIn}
    {alcoholPerPortionG} g a portion
  </>
);
