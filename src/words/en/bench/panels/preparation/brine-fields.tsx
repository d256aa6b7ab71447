import type { ReactNode } from "react";
export const saltedOn = "Salted on";
export const allFaces = "all faces";
export const of60To40FleshSide = "60 to 40, flesh side";
export const oneFace = "one face";
export const theSum = "The sum";
export const finishedFleshAtTheTarget = "finished flesh at the target";
export const usualKitchenFormulaFalls10 = "usual kitchen formula (falls 10 to 20 % short)";
export const sourBathVinegarCitrus = "Sour bath (vinegar, citrus)";
export const usGallon = "US gallon";
export const usQuart = "US quart";
export const litre = "litre";
export const strengthGivenAs = "Strength given as";
export const byWeight = "% by weight";
export const cupsOfThisSalt = "cups of this salt";
export const cupsOfSalt = "Cups of salt";
export const toEach = "to each";
export const withThatIsByWeight = (saltName: string, value: ReactNode) => (
  <>
    With {saltName} that is {value} by weight. Another salt by the same cup makes another brine.
  </>
);
