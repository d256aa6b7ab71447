import type { ReactNode } from "react";
export const whatThereIsAndWhen = "What there is, and when it is wanted";
export const kind = "Kind";
export const pieceOf = ({ count, foods, dialog }: { count: number; foods: ReactNode; dialog: ReactNode }) => (
  <>
    {count === 1 ? "piece" : "pieces"} of {foods}
    {dialog}
  </>
);
export const goesIn = "Goes in";
export const thickIntoTheOvenOut = (baked: boolean, inAtMs: ReactNode) => (
  <>
    thick, {baked ? "into the oven" : "in"} {inAtMs}, {baked ? "out" : "to the heat"}
  </>
);
export const pieces = "Pieces";
export const weightOfAllPieces = "Weight of all pieces";
export const thickness = "Thickness";
export const outOfTheOven = (baked: boolean) => (baked ? "Out of the oven" : "To the heat");
export const aboutIsLikelyAtThis = (likely: string) => `About ${likely} is likely at this weight.`;
export const use = (likely: string) => `Use ${likely}`;
