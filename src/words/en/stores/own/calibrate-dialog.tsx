import type { ReactNode } from "react";
export const weighOurSalt = "Weigh our salt";
export const salt = "Salt";
export const salts = "Salts";
export const oneLevel = "One level";
export const teaspoon = "teaspoon";
export const tablespoon = "tablespoon";
export const itWeighs = "It weighs";
export const theTableSaysASpoon = ({
  spoon,
  table,
  percent,
  ratio,
}: {
  spoon: ReactNode;
  table: string;
  percent: string;
  ratio: number;
}) => (
  <>
    {spoon}; the table says {table}. A spoon of ours is {percent} % {ratio < 1 ? "lighter" : "heavier"}.
  </>
);
export const thatIsFarFromWhat =
  "That is far from what this salt weighs. Level the spoon with a knife and weigh again, or choose the salt that it is.";
export const itRulesFromNowOn = "It rules from now on";
export const cupMeasure = "cup";
