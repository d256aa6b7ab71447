import type { ReactNode } from "react";
export const keeps = {
  acid: "as much acid",
  fat: "as much fat",
  salt: "as much salt",
  sweetness: "as sweet",
  heat: "as hot",
  flavour: "about the same flavour",
};
export const inPlaceOf = (fromName: string) => `In place of ${fromName}`;
export const nothingInTheTablesDoes =
  "Nothing in the tables does quite the same. Choose another under “What”, and taste: the sums follow whatever it is.";
export const gForEachGram = ({ ratio, keeps, offer }: { ratio: ReactNode; keeps: string; offer: string }) => (
  <>
    {ratio} g for each gram: {keeps}
    {offer}
  </>
);
export const takeIt = "Take it";
export const brings = (allergenName: string) => `brings ${allergenName}`;
export const without = (allergenName: string) => `without ${allergenName}`;
