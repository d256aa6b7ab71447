import type { ReactNode } from "react";
export const to = (low: string, high: string) => `${low} to ${high} %`;
export const weighsAboutWhenTakenOut = ({
  weight,
  heatTakes,
  unsalted,
}: {
  weight: ReactNode;
  heatTakes: ReactNode;
  unsalted: ReactNode;
}) => (
  <>
    Weighs about {weight} when taken out; the heat takes about {heatTakes} % of it, unsalted {unsalted} %.
  </>
);
export const whatItWeighsAndThe = "What it weighs, and the juice it keeps";
export const goesInToIsTaken = ({
  foodG,
  takenOutGLow,
  takenOutGHigh,
}: {
  foodG: string;
  takenOutGLow: string;
  takenOutGHigh: string;
}) => `${foodG} goes in; ${takenOutGLow} to ${takenOutGHigh} is taken out`;
export const theHeatTakesOfThat = (lost: string, lostUnsalted: string) =>
  `the heat takes ${lost} of that; unsalted it would take ${lostUnsalted}`;
export const aWeakBathGivesWater =
  "A weak bath gives water along with its salt, a strong one and a cure draw water out, a rack in moving cold air dries the face. Salt in the flesh holds juice in the heat: up to a quarter of what would be lost, half of that by 0.8 %.";
export const swellingAfterOfferAndTrinick =
  "Swelling after Offer and Trinick 1983, cooking loss after Tornberg 2005 (both from memory); the sizes are estimates. Two pieces of one animal differ by more.";
