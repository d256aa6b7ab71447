import type { ReactNode } from "react";
export const shoppingAndWeighingOut = "Shopping and weighing out";
export const toBuyAndWeighAll = "To buy and weigh, all together";
export const dishes = (dishesCount: number) => `${dishesCount} dishes`;
export const gOfItWaterOf = (brines: string, coolers: string) =>
  `(${brines} g of it water of the brines, dissolved hot; ${coolers} g about the coolers)`;
export const ice = (brines: ReactNode, part: ReactNode) => (
  <>
    Ice: {brines}
    {part}
  </>
);
export const toStandIn = "To stand in";
export const whoEatsWhat = "Who eats what";
export const noAllergensInTheTables = "no allergens in the tables";
export const readTheLabel = (maybe: string) => `· read the label: ${maybe}`;
