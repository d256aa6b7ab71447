import type { ReactNode } from "react";
export const weEatAt15Minutes = (said: string) => `We eat at: 15 minutes ${said}`;
export const theSittingInASentence = "The sitting in a sentence";
export const weEatAt = "We eat at";
export const onTheTableWith = ({
  dishes,
  tableMs,
  earlier,
  later,
}: {
  dishes: string;
  tableMs: ReactNode;
  earlier: ReactNode;
  later: ReactNode;
}) => (
  <>
    {dishes} on the table {tableMs} {earlier} {later} with
  </>
);
export const nameOfTheSitting = "Name of the sitting";
export const addTheDishesTheHours = "Add the dishes: the hours fall into place.";
export const planning = "Planning …";
export const nothingYet = "nothing yet";
export const dishes = (namesCount: number) => `${namesCount} dishes`;
export const and = (first: string, last: undefined | string) => `${first} and ${last}`;
export const noOven = (ovens: number, shelves: number) =>
  ovens === 0 ? "no oven" : `${ovens === 1 ? "one oven" : `${ovens} ovens`} with ${shelves} shelves`;
export const oneCook = (cooks: number) => (cooks === 1 ? "one cook" : `${cooks} cooks`);
export const lOfFridge = ({ oven, fridgeL, hands }: { oven: string; fridgeL: string; hands: string }) =>
  `${oven}, ${fridgeL} L of fridge, ${hands}`;
